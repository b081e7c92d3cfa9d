<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // A shop of an earlier version has them; the migration before this one brought them up to date.
        if (Schema::hasTable('artworks')) {
            return;
        }
        Schema::create('artworks', static function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120);
            $table->string('file_name', 255);
            $table->char('checksum', 64)->unique();
            $table->unsignedInteger('bytes');
            $table->dateTime('read_at')->nullable();
            $table->string('refused', 500)->nullable();
            $table->unsignedInteger('stitches')->default(0);
            $table->unsignedInteger('jumps')->default(0);
            $table->unsignedInteger('trims')->default(0);
            $table->unsignedInteger('changes')->default(0);
            $table->double('left_mm')->default(0);
            $table->double('right_mm')->default(0);
            $table->double('bottom_mm')->default(0);
            $table->double('top_mm')->default(0);
            $table->json('hull')->nullable();
            $table->json('lengths')->nullable();
            $table->json('densest')->nullable();
            $table->string('centre_out', 8)->default('unclear');
            $table->string('bottom_up', 8)->default('unclear');
            $table->json('findings')->nullable();
            $table->dateTime('created_at');
            // Versions of one artwork are kept together under the first of them.
            $table->foreignId('family_id')->nullable()->constrained('artworks');
            $table->string('variant', 16)->default('standard');
            $table->unsignedSmallInteger('revision')->default(1);
            $table->boolean('lettering')->nullable();
            // What was done to make it of another; empty for what came from outside.
            $table->string('made', 300)->default('');
            $table->json('crossings')->nullable();
            $table->json('objects')->nullable();
            $table->json('ends')->nullable();
            $table->double('against_distance')->nullable();
            $table->double('against_height')->nullable();
        });

        Schema::create('artwork_blocks', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('artwork_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('number');
            $table->unsignedInteger('stitches');
            $table->double('length_mm');
            $table->unsignedInteger('trims');
            $table->foreignId('thread_id')->nullable()->constrained();
            $table->string('proposed_role', 16)->default('sew');
            $table->string('role', 16)->nullable();
            $table->string('action', 16)->nullable();
            $table->string('note', 200)->default('');
            $table->unique(['artwork_id', 'number']);
        });

        // Files that were replaced: nothing that was once sewn is forgotten.
        Schema::create('artwork_revisions', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('artwork_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('revision');
            $table->string('file_name', 255);
            $table->char('checksum', 64)->index();
            $table->unsignedInteger('stitches');
            $table->dateTime('replaced_at');
            $table->string('why', 200)->default('');
            $table->unique(['artwork_id', 'revision']);
        });

        Schema::create('sew_outs', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('artwork_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('revision');
            $table->string('fabric', 24);
            $table->string('backing', 16);
            $table->unsignedTinyInteger('layers');
            $table->string('needle', 24);
            $table->unsignedSmallInteger('speed_spm');
            $table->boolean('passed');
            $table->string('remark', 300)->default('');
            $table->string('who', 80);
            $table->string('photo', 80)->nullable();
            $table->dateTime('sewn_at');
            $table->index(['artwork_id', 'passed']);
        });
    }

    public function down(): void
    {
        foreach (['sew_outs', 'artwork_revisions', 'artwork_blocks', 'artworks'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
