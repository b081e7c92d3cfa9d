<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        if (! Schema::hasColumn('machines', 'program')) {
            Schema::table('machines', static function (Blueprint $table): void {
                // Code of the batch it was set for, and the needle of each of its blocks.
                $table->json('program')->nullable();
            });
        }
    }

    public function down(): void
    {
        Schema::table('machines', static fn(Blueprint $table) => $table->dropColumn('program'));
    }
};
