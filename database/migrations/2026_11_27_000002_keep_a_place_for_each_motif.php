<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        if (Schema::hasColumn('kept_placements', 'motif')) {
            return;
        }
        // Where several designs lie along one tube each has a place of its own: the first, the second; nought where
        // one lies alone. The same artwork may be among them twice.
        Schema::table('kept_placements', static function (Blueprint $table): void {
            $table->unsignedTinyInteger('motif')->default(0);
            $table->unique(['garment', 'position', 'size', 'motif'], 'kept_placements_of_each_design');
            $table->dropUnique(['garment', 'position', 'size']);
        });
    }

    public function down(): void
    {
        Schema::table('kept_placements', static function (Blueprint $table): void {
            $table->unique(['garment', 'position', 'size']);
            $table->dropUnique('kept_placements_of_each_design');
            $table->dropColumn('motif');
        });
    }
};
