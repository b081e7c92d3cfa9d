<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        if (! Schema::hasTable('turns')) {
            // One row: whoever writes raises its number first, and has the shop to itself until that is stored.
            Schema::create('turns', static function (Blueprint $table): void {
                $table->unsignedTinyInteger('id')->primary();
                $table->unsignedBigInteger('number')->default(0);
                $table->unsignedBigInteger('floor')->default(0);
            });
        }
        // What was kept of another shop in the same place has other numbers.
        DB::table('turns')->insertOrIgnore(['id' => 1, 'number' => random_int(1, 1 << 40)]);
        if (! Schema::hasTable('sent_forms')) {
            // A form that was sent and stored, and what was answered: the same one again is answered the same.
            Schema::create('sent_forms', static function (Blueprint $table): void {
                $table->char('sign', 64)->primary();
                $table->string('answer', 500);
                $table->json('said');
                $table->dateTime('sent_at')->index();
            });
        }
        if (! Schema::hasTable('attempts')) {
            // Tries at passwords and codes, by a hash of whom and from where; `until` is in seconds.
            Schema::create('attempts', static function (Blueprint $table): void {
                $table->char('of', 64)->primary();
                $table->unsignedInteger('tries');
                $table->unsignedBigInteger('until')->index();
            });
        }
        if (! Schema::hasTable('voided_events')) {
            // Events that cannot have followed on those before them, taken out of the log with who did it and why.
            Schema::create('voided_events', static function (Blueprint $table): void {
                $table->unsignedBigInteger('seq')->primary();
                $table->uuid('event_id')->unique();
                $table->json('row');
                $table->string('who', 40);
                $table->string('reason', 200);
                $table->dateTime('voided_at');
            });
        }
        if (! Schema::hasIndex('hand_overs', 'hand_overs_slip')) {
            // Two at once may have given two slips one number: the later of them goes behind the last.
            $seen = [];
            foreach (DB::table('hand_overs')->orderBy('order_id')->orderBy('id')->get(['id', 'order_id', 'number']) as $slip) {
                $number = (int) $slip->number;
                if (isset($seen[$slip->order_id][$number])) {
                    $number = 1 + max(
                        (int) DB::table('hand_overs')->where('order_id', $slip->order_id)->max('number'),
                        ...array_keys($seen[$slip->order_id]),
                    );
                    DB::table('hand_overs')->where('id', $slip->id)->update(['number' => $number]);
                }
                $seen[$slip->order_id][$number] = true;
            }
            Schema::table(
                'hand_overs',
                static fn(Blueprint $table) => $table->unique(['order_id', 'number'], 'hand_overs_slip'),
            );
            // The new one begins with it.
            if (Schema::hasIndex('hand_overs', 'hand_overs_order_id_foreign')) {
                Schema::table(
                    'hand_overs',
                    static fn(Blueprint $table) => $table->dropIndex('hand_overs_order_id_foreign'),
                );
            }
        }
    }

    public function down(): void
    {
        Schema::table('hand_overs', static fn(Blueprint $table) => $table->dropUnique('hand_overs_slip'));
        Schema::dropIfExists('voided_events');
        Schema::dropIfExists('attempts');
        Schema::dropIfExists('sent_forms');
        Schema::dropIfExists('turns');
    }
};
