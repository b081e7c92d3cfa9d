<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
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
            $table->index(['batch_id', 'seq']);
            $table->index(['machine_id', 'seq']);
            $table->index(['recorded_at', 'machine_id', 'order_id']);
        });

        // Where each machine last said it was: a reading, not an event, so the newest one is kept.
        Schema::create('machine_readings', static function (Blueprint $table): void {
            $table->foreignId('machine_id')->primary()->constrained()->cascadeOnDelete();
            $table->uuid('load_event');
            $table->unsignedInteger('stitch');
            $table->double('clock_s');
            $table->dateTime('read_at');
        });

        Schema::create('jobs', static function (Blueprint $table): void {
            $table->id();
            $table->string('queue')->index();
            $table->longText('payload');
            $table->unsignedTinyInteger('attempts');
            $table->unsignedInteger('reserved_at')->nullable();
            $table->unsignedInteger('available_at');
            $table->unsignedInteger('created_at');
        });

        Schema::create('failed_jobs', static function (Blueprint $table): void {
            $table->id();
            $table->string('uuid')->unique();
            $table->text('connection');
            $table->text('queue');
            $table->longText('payload');
            $table->longText('exception');
            $table->timestamp('failed_at')->useCurrent();
        });
    }

    public function down(): void
    {
        foreach (['failed_jobs', 'jobs', 'machine_readings', 'floor_events'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
