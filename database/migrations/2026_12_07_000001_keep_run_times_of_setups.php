<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** How long a load of a setup sews on each machine: a row each, where it was a list within the setup. */
return new class () extends Migration {
    public function up(): void
    {
        if (! Schema::hasTable('setup_times')) {
            Schema::create('setup_times', static function (Blueprint $table): void {
                $table->foreignId('setup_id')->constrained('setups', 'decoration_id')->cascadeOnDelete();
                $table->foreignId('machine_id')->constrained()->cascadeOnDelete();
                $table->unsignedInteger('seconds');
                $table->primary(['setup_id', 'machine_id']);
            });
        }
        if (! Schema::hasColumn('setups', 'sew_s')) {
            return;
        }
        $machines = DB::table('machines')->pluck('id', 'id');
        DB::table('setups')
            ->select('decoration_id', 'sew_s')
            ->orderBy('decoration_id')
            ->chunk(1000, static function ($setups) use ($machines): void {
                $rows = [];
                foreach ($setups as $setup) {
                    foreach (json_decode((string) $setup->sew_s, true) ?? [] as $machine => $seconds) {
                        if (isset($machines[$machine])) {
                            $rows[] = [
                                'setup_id' => $setup->decoration_id,
                                'machine_id' => $machine,
                                'seconds' => (int) $seconds,
                            ];
                        }
                    }
                }
                foreach (array_chunk($rows, 2000) as $some) {
                    DB::table('setup_times')->insertOrIgnore($some);
                }
            });
        Schema::table('setups', static fn(Blueprint $table) => $table->dropColumn('sew_s'));
    }

    public function down(): void
    {
        Schema::dropIfExists('setup_times');
    }
};
