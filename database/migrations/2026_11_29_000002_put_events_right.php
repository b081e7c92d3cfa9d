<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        if (! Schema::hasColumn('floor_events', 'reason')) {
            Schema::table('floor_events', static function (Blueprint $table): void {
                // Why an earlier event is put right by this one.
                $table->string('reason', 200)->default('');
            });
        }
        // The machines of the demo have a controller each, started beside the shop.
        DB::table('machines')
            ->whereNull('paired_at')
            ->update(['paired_at' => now()]);
    }

    public function down(): void
    {
        Schema::table('floor_events', static fn(Blueprint $table) => $table->dropColumn('reason'));
    }
};
