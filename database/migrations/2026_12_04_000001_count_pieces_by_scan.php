<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Pieces are counted one by one before they are handed over. */
return new class () extends Migration {
    public function up(): void
    {
        if (Schema::hasColumn('pieces', 'counted_at')) {
            return;
        }
        Schema::table('pieces', static function (Blueprint $table): void {
            $table->dateTime('counted_at')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('pieces', static function (Blueprint $table): void {
            $table->dropColumn('counted_at');
        });
    }
};
