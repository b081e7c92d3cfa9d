<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * An event says what it took, so that what is left can be worked out from the log again: as it was measured last, less
 * what was taken since. For what was sewn before, what is left now stands as measured now.
 */
return new class () extends Migration {
    private const NAMES = ['batches', 'wear', 'thread', 'cloth', 'bobbins', 'days'];

    public function up(): void
    {
        $seq = (int) DB::table('floor_events')->max('seq');
        if (! Schema::hasColumn('floor_events', 'took')) {
            Schema::table('floor_events', static fn(Blueprint $table) => $table->json('took')->nullable());
        }
        $base = static function (string $table, string $left, string $measured) use ($seq): void {
            if (! Schema::hasColumn($table, $measured)) {
                Schema::table($table, static function (Blueprint $one) use ($measured): void {
                    $one->double($measured)->default(0);
                    $one->unsignedBigInteger('after_seq')->default(0);
                });
                DB::table($table)->update([$measured => DB::raw($left), 'after_seq' => $seq]);
            }
        };
        $base('cones', 'metres_left', 'measured_m');
        $base('cloths', 'length_mm', 'measured_mm');
        if (! Schema::hasColumn('machines', 'bobbin_before_m')) {
            Schema::table('machines', static function (Blueprint $table): void {
                $table->double('bobbin_before_m')->default(0);
                $table->unsignedBigInteger('bobbin_after_seq')->default(0);
            });
            DB::table('machines')->update([
                'bobbin_before_m' => DB::raw('bobbin_used_m'),
                'bobbin_after_seq' => $seq,
            ]);
        }
        if (! Schema::hasTable('projections')) {
            Schema::create('projections', static function (Blueprint $table): void {
                $table->string('name', 20)->primary();
                $table->unsignedBigInteger('seq');
            });
        }
        foreach (self::NAMES as $name) {
            DB::table('projections')->insertOrIgnore([
                'name' => $name,
                // Sums of days may never have been brought up, and are worked out from the first event on.
                'seq' => $name === 'days' ? 0 : $seq,
            ]);
        }
        DB::table('day_sums')->delete();
        Schema::dropIfExists('day_sums_kept');
    }

    public function down(): void
    {
        Schema::dropIfExists('projections');
    }
};
