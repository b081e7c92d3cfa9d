<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        if (! Schema::hasColumn('artworks', 'copies')) {
            Schema::table('artworks', static function (Blueprint $table): void {
                // Pieces that one frame of it holds.
                $table->unsignedSmallInteger('copies')->default(1);
            });
        }
    }

    public function down(): void
    {
        Schema::table('artworks', static fn(Blueprint $table) => $table->dropColumn('copies'));
    }
};
