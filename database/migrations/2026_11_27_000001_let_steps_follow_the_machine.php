<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // A turn says how the design lies in the frame as the operator sees it: on the cap driver upside down, whether
        // the machine turns it by itself or not.
        DB::table('setups as s')
            ->join('decorations as d', 'd.id', '=', 's.decoration_id')
            ->join('order_lines as l', 'l.id', '=', 'd.order_line_id')
            ->join('frames as f', 'f.id', '=', 's.frame_id')
            ->where('l.garment', 'cap')
            ->where('f.driver', 'cap')
            ->update(['s.turn_deg' => 180]);
        // Steps are worked out for the machine the batch stands on, when they are shown.
        if (Schema::hasColumn('setups', 'steps')) {
            Schema::table('setups', static fn(Blueprint $table) => $table->dropColumn('steps'));
        }
        // For which machine the sheet was printed last: it no longer holds when the batch has moved.
        if (! Schema::hasColumn('setups', 'printed_machine_id')) {
            Schema::table('setups', static function (Blueprint $table): void {
                $table->foreignId('printed_machine_id')->nullable()->constrained('machines')->nullOnDelete();
                $table->dateTime('printed_at')->nullable();
            });
        }
    }

    public function down(): void
    {
        Schema::table('setups', static function (Blueprint $table): void {
            $table->dropConstrainedForeignId('printed_machine_id');
            $table->dropColumn('printed_at');
            $table->json('steps')->nullable();
        });
    }
};
