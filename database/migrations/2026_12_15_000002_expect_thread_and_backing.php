<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Thread and backing that were ordered: the day on which they come. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('expected_goods', static function (Blueprint $table): void {
            $table->id();
            // Of each thing one day holds: the last that was said.
            $table->string('of', 16);
            $table->string('what', 80);
            $table->date('expected_on');
            $table->string('who', 40);
            $table->dateTime('noted_at');
            $table->unique(['of', 'what']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('expected_goods');
    }
};
