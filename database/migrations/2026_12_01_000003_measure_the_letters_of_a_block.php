<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        if (! Schema::hasColumn('artwork_blocks', 'letter_mm')) {
            // Small letters want fine thread and a fine needle where they are, and nowhere else.
            Schema::table('artwork_blocks', static fn(Blueprint $table) => $table->double('letter_mm')->nullable());
        }
    }

    public function down(): void
    {
        Schema::table('artwork_blocks', static fn(Blueprint $table) => $table->dropColumn('letter_mm'));
    }
};
