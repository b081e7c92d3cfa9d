<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // Who is in beside the usual people, or away: on some days of the week, from one day to another, for some
        // hours or all.
        Schema::create('presences', static function (Blueprint $table): void {
            $table->id();
            $table->string('who', 60);
            $table->tinyInteger('people');
            $table->date('first_day');
            $table->date('last_day');
            $table->json('weekdays');
            $table->time('from_time')->nullable();
            $table->time('to_time')->nullable();
        });
        // The hours of a day of the week, as written; a day that is not here goes by the house rules.
        Schema::create('week_days', static function (Blueprint $table): void {
            $table->unsignedTinyInteger('weekday')->primary();
            $table->string('shifts', 120);
        });
        // Maintenance comes again after so many days; null for once.
        Schema::table('downtimes', static function (Blueprint $table): void {
            $table->unsignedSmallInteger('every_days')->nullable();
        });
        // They were kept in a shorter form, that fixed starts, parts, and the version a change was made upon are not
        // in.
        DB::table('plan_changes')->delete();
        Schema::table('plan_changes', static function (Blueprint $table): void {
            $table->unsignedBigInteger('seen');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('week_days');
        Schema::table('downtimes', static function (Blueprint $table): void {
            $table->dropColumn('every_days');
        });
        Schema::dropIfExists('presences');
        DB::table('plan_changes')->delete();
        Schema::table('plan_changes', static function (Blueprint $table): void {
            $table->dropColumn('seen');
        });
    }
};
