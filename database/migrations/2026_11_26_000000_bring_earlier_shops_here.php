<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * A shop of the version before this one has every table but under some other names. It is brought to what the
 * migrations after this one make from nothing; a new shop has nothing to bring.
 */
return new class () extends Migration {
    /** The last migration of that version: a shop that has not run it cannot be brought here at one go. */
    private const BEFORE = '2026_01_08_000000_people_come_and_go';

    public function up(): void
    {
        if (! Schema::hasTable('house_rules')) {
            return;
        }
        if (! DB::table('migrations')->where('migration', self::BEFORE)->exists()) {
            throw new RuntimeException(
                'This shop is older than the version before this one: start it once with that version, then with this.',
            );
        }
        Schema::table('cones', static fn(Blueprint $table) => $table->renameColumn('place', 'shelf'));
        $this->needles();
        Schema::rename('kept_places', 'kept_placements');
        Schema::table('kept_placements', static function (Blueprint $table): void {
            $table->renameIndex(
                'kept_places_garment_position_size_unique',
                'kept_placements_garment_position_size_unique',
            );
        });
        Schema::table('setups', static fn(Blueprint $table) => $table->renameColumn('places', 'placements'));
        Schema::table('batches', static function (Blueprint $table): void {
            $table->renameColumn('place', 'rank');
            $table->renameIndex('batches_machine_id_place_index', 'batches_machine_id_rank_index');
        });
        Schema::table(
            'proposals',
            static fn(Blueprint $table) => $table->renameColumn('setup_min', 'changeover_min'),
        );
        DB::table('house_rules')
            ->where('name', 'setup_cost')
            ->update(['name' => 'changeover_cost']);
        // What a change can be undone to was kept under the old names.
        DB::table('plan_changes')->delete();
        $this->batchRuns();
        DB::table('migrations')->where('migration', '<', '2026_11_26')->delete();
    }

    /** One line a machine said which needles are fitted: now each needle says it. */
    private function needles(): void
    {
        Schema::table('needles', static function (Blueprint $table): void {
            $table->string('size', 8)->default('')->change();
            $table->string('point', 16)->default('')->change();
        });
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
        foreach (DB::table('machines')->where('needle', '!=', '')->pluck('needle', 'id') as $machine => $needle) {
            [$size, $point] = [...explode(' ', (string) $needle, 2), ''];
            DB::table('needles')
                ->where('machine_id', $machine)
                // A needle for fine thread was never exchanged with the others.
                ->whereNotExists(
                    static fn($fine) => $fine
                        ->selectRaw('1')
                        ->from('threads')
                        ->whereColumn('threads.id', 'needles.thread_id')
                        ->where('threads.weight', '>=', 60),
                )
                ->update(['size' => $size, 'point' => $point]);
        }
        Schema::table('machines', static fn(Blueprint $table) => $table->dropColumn('needle'));
    }

    private function batchRuns(): void
    {
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
    }
};
