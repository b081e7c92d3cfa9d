<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        if (! Schema::hasColumn('floor_events', 'wear')) {
            Schema::table('floor_events', static function (Blueprint $table): void {
                // Of a load that was sewn: needle => stitches it has put on it.
                $table->json('wear')->nullable();
            });
        }
        if (! Schema::hasColumn('needles', 'stitches')) {
            Schema::table('needles', static function (Blueprint $table): void {
                // Since its needle was fitted.
                $table->unsignedBigInteger('stitches')->default(0);
            });
        }
        if (! Schema::hasColumn('machines', 'stitches')) {
            Schema::table('machines', static function (Blueprint $table): void {
                // Of each head, since they are counted.
                $table->unsignedBigInteger('stitches')->default(0);
            });
        }
        if (! Schema::hasColumn('needle_fittings', 'after_seq')) {
            Schema::table('needle_fittings', static function (Blueprint $table): void {
                // The last event of the floor before it: those behind it wear the new needle.
                $table->unsignedBigInteger('after_seq')->default(0);
            });
        }
        if (! Schema::hasTable('cares')) {
            Schema::create('cares', static function (Blueprint $table): void {
                $table->id('seq');
                $table->uuid('event_id')->unique();
                $table->foreignId('machine_id')->constrained()->cascadeOnDelete();
                $table->string('task', 16);
                $table->unsignedTinyInteger('needle')->nullable();
                $table->string('note', 80)->default('');
                $table->unsignedBigInteger('stitches');
                $table->string('who', 40)->default('');
                $table->dateTime('done_at');
                $table->index(['machine_id', 'task', 'needle']);
            });
        }
    }

    public function down(): void
    {
        Schema::dropIfExists('cares');
        Schema::table('needle_fittings', static fn(Blueprint $table) => $table->dropColumn('after_seq'));
        Schema::table('machines', static fn(Blueprint $table) => $table->dropColumn('stitches'));
        Schema::table('needles', static fn(Blueprint $table) => $table->dropColumn('stitches'));
        Schema::table('floor_events', static fn(Blueprint $table) => $table->dropColumn('wear'));
    }
};
