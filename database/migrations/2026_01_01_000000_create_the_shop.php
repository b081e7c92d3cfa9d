<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('house_rules', static function (Blueprint $table): void {
            $table->string('name', 64)->primary();
            $table->double('value');
        });

        Schema::create('threads', static function (Blueprint $table): void {
            $table->id();
            $table->string('code', 32)->unique();
            $table->string('name', 80);
            $table->char('hex', 7);
            $table->unsignedSmallInteger('weight');
            $table->string('shelf', 32)->default('');
            $table->unsignedInteger('metres_left')->default(0);
        });

        Schema::create('frames', static function (Blueprint $table): void {
            $table->id();
            $table->string('code', 32)->unique();
            $table->string('name', 80);
            $table->string('kind', 16);
            $table->string('driver', 16);
            $table->double('outer_width_mm');
            $table->double('outer_height_mm');
            $table->double('window_width_mm');
            $table->double('window_height_mm');
            $table->double('corner_mm')->default(0);
            $table->boolean('round')->default(false);
            $table->double('offset_x_mm')->default(0);
            $table->double('offset_y_mm')->default(0);
            $table->unsignedSmallInteger('count');
        });

        Schema::create('machines', static function (Blueprint $table): void {
            $table->id();
            $table->string('code', 16)->unique();
            $table->string('name', 80);
            $table->unsignedTinyInteger('heads');
            $table->unsignedTinyInteger('needles');
            $table->unsignedSmallInteger('top_spm');
            $table->json('drivers');
            $table->string('driver', 16);
            $table->foreignId('frame_id')->nullable()->constrained();
            $table->char('token_hash', 64)->unique();
        });

        Schema::create('needles', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('machine_id')->constrained()->cascadeOnDelete();
            $table->unsignedTinyInteger('number');
            $table->foreignId('thread_id')->nullable()->constrained();
            $table->boolean('pinned')->default(false);
            $table->string('size', 8)->default('75/11');
            $table->string('point', 16)->default('sharp');
            $table->unique(['machine_id', 'number']);
        });
    }

    public function down(): void
    {
        foreach (['needles', 'machines', 'frames', 'threads', 'house_rules'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
