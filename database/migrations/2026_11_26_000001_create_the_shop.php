<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // A shop of an earlier version has them; the migration before this one brought them up to date.
        if (Schema::hasTable('house_rules')) {
            return;
        }
        Schema::create('house_rules', static function (Blueprint $table): void {
            $table->string('name', 64)->primary();
            $table->double('value');
        });

        // Which school the shop follows where practitioners differ; what is not said here follows the first.
        Schema::create('house_schools', static function (Blueprint $table): void {
            $table->string('question', 32)->primary();
            $table->string('school', 32);
        });

        Schema::create('threads', static function (Blueprint $table): void {
            $table->id();
            $table->string('code', 32)->unique();
            $table->string('name', 80);
            $table->char('hex', 7);
            $table->unsignedSmallInteger('weight');
        });

        Schema::create('cones', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('thread_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('number');
            $table->string('shelf', 32)->default('');
            // As it was measured, less what has been sewn since.
            $table->double('metres_left');
            $table->dateTime('measured_at');
            $table->unique(['thread_id', 'number']);
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
            // The pair of holes in the arms that belongs to it, and what is picked on the machine.
            $table->string('holes', 16)->default('');
            $table->string('label', 16)->default('');
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
            $table->double('arm_width_mm')->nullable();
            $table->double('gap_mm')->nullable();
            $table->boolean('turns_caps')->nullable();
            // "flat>cap" => minutes, where they differ from the house's
            $table->json('driver_min')->nullable();
        });

        Schema::create('needles', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('machine_id')->constrained()->cascadeOnDelete();
            $table->unsignedTinyInteger('number');
            $table->foreignId('thread_id')->nullable()->constrained();
            $table->boolean('pinned')->default(false);
            // What the last fitting left there; '' where nobody has said.
            $table->string('size', 8)->default('');
            $table->string('point', 16)->default('');
            $table->unique(['machine_id', 'number']);
        });

        // Each time a needle was fitted: appended, never changed.
        Schema::create('needle_fittings', static function (Blueprint $table): void {
            $table->id('seq');
            $table->uuid('event_id');
            $table->foreignId('machine_id')->constrained();
            $table->unsignedTinyInteger('number');
            $table->string('size', 8);
            $table->string('point', 16);
            $table->string('who', 40)->default('');
            $table->dateTime('fitted_at');
            $table->unique(['event_id', 'number']);
            $table->index(['machine_id', 'number', 'seq']);
        });

        // The catalogue: what is null is not known, and nothing is concluded from it.
        Schema::create('garment_styles', static function (Blueprint $table): void {
            $table->id();
            $table->string('name', 80)->unique();
            $table->string('garment', 24);
            $table->string('fabric', 24);
            $table->string('structure', 16)->default('none');
            $table->string('profile', 8)->default('none');
            $table->string('stretch', 8)->nullable();
            $table->string('thickness', 8)->nullable();
            $table->string('surface', 8)->nullable();
            $table->boolean('pale')->nullable();
            $table->unsignedInteger('unit_value_cents')->nullable();
            // size => measure => mm
            $table->json('measures');
        });

        Schema::create('people', static function (Blueprint $table): void {
            $table->id();
            $table->string('name', 40)->unique();
        });

        Schema::create('backing_stocks', static function (Blueprint $table): void {
            $table->id();
            $table->string('kind', 16);
            $table->string('form', 8);
            $table->double('width_mm');
            $table->double('length_mm');
            $table->unsignedInteger('count')->default(1);
            $table->index(['kind', 'form']);
        });
    }

    public function down(): void
    {
        foreach (
            [
                'backing_stocks',
                'people',
                'garment_styles',
                'needle_fittings',
                'needles',
                'machines',
                'frames',
                'cones',
                'threads',
                'house_schools',
                'house_rules',
            ] as $table
        ) {
            Schema::dropIfExists($table);
        }
    }
};
