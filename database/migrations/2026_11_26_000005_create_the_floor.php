<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // A shop of an earlier version has them; the migration before this one brought them up to date.
        if (Schema::hasTable('floor_events')) {
            return;
        }
        // Appended, never changed: the only memory of what happened. `seq` is the order of recording.
        Schema::create('floor_events', static function (Blueprint $table): void {
            $table->id('seq');
            $table->uuid('event_id')->unique();
            $table->string('kind', 24);
            $table->foreignId('machine_id')->constrained();
            $table->foreignId('batch_id')->constrained();
            $table->foreignId('order_id')->constrained();
            $table->unsignedSmallInteger('load')->default(0);
            $table->unsignedInteger('stitch')->default(0);
            $table->double('clock_s')->default(0);
            $table->double('planned_s')->default(0);
            $table->json('pieces');
            $table->unsignedSmallInteger('piece_count')->default(0);
            $table->string('cause', 24)->nullable();
            $table->string('source', 8);
            $table->dateTime('recorded_at');
            $table->string('who', 40)->default('');
            $table->index(['batch_id', 'seq']);
            $table->index(['machine_id', 'seq']);
            $table->index(['recorded_at', 'machine_id', 'order_id']);
        });

        // What the events of a batch come to, up to `seq`: so that a report need not read them all. floor:recount
        // proves it.
        Schema::create('batch_runs', static function (Blueprint $table): void {
            $table->foreignId('batch_id')->primary()->constrained()->cascadeOnDelete();
            $table->unsignedBigInteger('seq');
            $table->string('stage', 12);
            $table->unsignedInteger('load');
            $table->uuid('load_event')->nullable();
            $table->unsignedInteger('stitch');
            $table->double('clock_s');
            $table->string('halted_by', 24)->nullable();
            $table->unsignedInteger('done');
            $table->unsignedInteger('spoiled');
            $table->json('on_frame');
            $table->json('hooped');
        });

        // Which steps a person confirmed with an event of the floor.
        Schema::create('step_confirmations', static function (Blueprint $table): void {
            $table->uuid('event_id');
            $table->foreignId('batch_id')->constrained()->cascadeOnDelete();
            $table->string('code', 40);
            $table->string('who', 40);
            $table->dateTime('confirmed_at');
            $table->primary(['event_id', 'code']);
            $table->index('batch_id');
        });

        // Where each machine last said it was: a reading, not an event, so the newest one is kept.
        Schema::create('machine_readings', static function (Blueprint $table): void {
            $table->foreignId('machine_id')->primary()->constrained()->cascadeOnDelete();
            $table->uuid('load_event');
            $table->unsignedInteger('stitch');
            $table->double('clock_s');
            $table->dateTime('read_at');
        });
    }

    public function down(): void
    {
        foreach (['machine_readings', 'step_confirmations', 'batch_runs', 'floor_events'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
