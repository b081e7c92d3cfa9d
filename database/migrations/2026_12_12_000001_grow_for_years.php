<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What is asked of ten years of orders is found by an index, and nothing runs out of numbers on the way. */
return new class () extends Migration {
    private const KINDS = [
        'preflight_done',
        'load_started',
        'thread_broke',
        'bobbin_ran_out',
        'bobbin_changed',
        'stopped',
        'hand_stop',
        'resumed',
        'sewn',
        'piece_hooped',
        'hooping_done',
        'piece_done',
        'piece_spoiled',
        'piece_rejected',
        'piece_returned',
        'spoil_withdrawn',
    ];

    public function up(): void
    {
        Schema::table('floor_events', static function (Blueprint $table): void {
            // A kind is a byte, and stands in two indexes.
            $table->enum('kind', self::KINDS)->change();
            $table->unsignedInteger('load')->default(0)->change();
            $table->unsignedInteger('piece_count')->default(0)->change();
            // What was done of an order and when: the index of the order alone is the beginning of this one.
            $table->index(['order_id', 'kind', 'recorded_at'], 'floor_events_of_order');
            $table->dropIndex('floor_events_kind');
            $table->index(['kind', 'recorded_at'], 'floor_events_of_kind');
            $table->dropIndex('floor_events_recorded_at_machine_id_order_id_index');
            $table->index('recorded_at');
        });
        // Where its key had made it, it is gone by itself.
        if (Schema::hasIndex('floor_events', 'floor_events_order_id_foreign')) {
            Schema::table('floor_events', static fn(Blueprint $table) => $table->dropIndex('floor_events_order_id_foreign'));
        }
        Schema::table('pieces', static fn(Blueprint $table) => $table->unsignedInteger('number')->change());
        Schema::table('needles', static fn(Blueprint $table) => $table->index(['machine_id', 'thread_id']));
        // Frames are asked for at every touch: who holds one is found among the few that do.
        Schema::table('batch_runs', static fn(Blueprint $table) => $table->boolean('holds')->default(false)->index());
        DB::table('batch_runs')->update(['holds' => DB::raw('json_length(on_frame) + json_length(hooped) > 0')]);
        DB::statement('analyze table floor_events, needles, batch_runs');
    }

    public function down(): void
    {
        Schema::table('batch_runs', static fn(Blueprint $table) => $table->dropColumn('holds'));
        Schema::table('needles', static fn(Blueprint $table) => $table->dropIndex(['machine_id', 'thread_id']));
        Schema::table('pieces', static fn(Blueprint $table) => $table->unsignedSmallInteger('number')->change());
        Schema::table('floor_events', static function (Blueprint $table): void {
            $table->index('order_id', 'floor_events_order_id_foreign');
            $table->dropIndex('floor_events_of_order');
            $table->index(['kind', 'recorded_at', 'machine_id'], 'floor_events_kind');
            $table->dropIndex('floor_events_of_kind');
            $table->index(['recorded_at', 'machine_id', 'order_id']);
            $table->dropIndex(['recorded_at']);
            $table->string('kind', 24)->change();
            $table->unsignedSmallInteger('load')->default(0)->change();
            $table->unsignedSmallInteger('piece_count')->default(0)->change();
        });
    }
};
