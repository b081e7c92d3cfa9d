<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        if (! Schema::hasIndex('floor_events', 'floor_events_kind')) {
            // What a machine began, where thread broke, what was spoiled: few among the many loads of months.
            Schema::table('floor_events', static function (Blueprint $table): void {
                $table->index(['kind', 'recorded_at', 'machine_id'], 'floor_events_kind');
            });
        }
    }

    public function down(): void
    {
        Schema::table('floor_events', static fn(Blueprint $table) => $table->dropIndex('floor_events_kind'));
    }
};
