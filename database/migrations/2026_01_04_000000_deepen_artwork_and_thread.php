<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('artworks', static function (Blueprint $table): void {
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
        Schema::table('artwork_blocks', static function (Blueprint $table): void {
            $table->string('proposed_role', 16)->default('sew');
            $table->string('role', 16)->nullable();
            $table->string('action', 16)->nullable();
            $table->string('note', 200)->default('');
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
        Schema::create('cones', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('thread_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('number');
            $table->string('place', 32)->default('');
            // As it was measured, less what has been sewn since.
            $table->double('metres_left');
            $table->dateTime('measured_at');
            $table->unique(['thread_id', 'number']);
        });
        DB::statement(
            'insert into cones (thread_id, number, place, metres_left, measured_at) select id, 1, shelf, metres_left, now() from threads',
        );
        Schema::table('threads', static function (Blueprint $table): void {
            $table->dropColumn(['shelf', 'metres_left']);
        });
    }

    public function down(): void
    {
        Schema::table('threads', static function (Blueprint $table): void {
            $table->string('shelf', 32)->default('');
            $table->unsignedInteger('metres_left')->default(0);
        });
        DB::statement(
            'update threads t set shelf = coalesce((select min(place) from cones c where c.thread_id = t.id), ""), metres_left = coalesce((select round(sum(metres_left)) from cones c where c.thread_id = t.id), 0)',
        );
        foreach (['cones', 'sew_outs', 'artwork_revisions'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table(
            'artwork_blocks',
            static fn(Blueprint $table) => $table->dropColumn(['proposed_role', 'role', 'action', 'note']),
        );
        Schema::table('artworks', static function (Blueprint $table): void {
            $table->dropConstrainedForeignId('family_id');
            $table->dropColumn([
                'variant',
                'revision',
                'lettering',
                'made',
                'crossings',
                'objects',
                'ends',
                'against_distance',
                'against_height',
            ]);
        });
    }
};
