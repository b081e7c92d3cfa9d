<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // A shop of an earlier version has them; the migration before this one brought them up to date.
        if (Schema::hasTable('plans')) {
            return;
        }
        // One number that every change of the plan raises: a move made on an older plan is seen as such.
        Schema::create('plans', static function (Blueprint $table): void {
            $table->id();
            $table->unsignedBigInteger('version')->default(1);
        });

        // The plan before each change of it, so that a change can be undone.
        Schema::create('plan_changes', static function (Blueprint $table): void {
            $table->id();
            $table->unsignedBigInteger('version');
            $table->string('what', 160);
            $table->json('before');
            $table->dateTime('changed_at');
            $table->unsignedBigInteger('seen');
        });

        Schema::create('proposals', static function (Blueprint $table): void {
            $table->id();
            $table->string('state', 12)->default('waiting');
            $table->json('what_if')->nullable();
            $table->unsignedBigInteger('version');
            $table->unsignedInteger('seed');
            $table->unsignedInteger('iterations');
            $table->unsignedInteger('done')->default(0);
            $table->double('start_cost')->nullable();
            $table->double('cost')->nullable();
            $table->double('late_min')->nullable();
            $table->double('changeover_min')->nullable();
            $table->double('bound')->nullable();
            $table->json('sequence')->nullable();
            $table->boolean('stop')->default(false);
            $table->dateTime('asked_at');
            $table->dateTime('found_at')->nullable();
        });

        // The hours of a day of the week, as written; a day that is not here goes by the house rules.
        Schema::create('week_days', static function (Blueprint $table): void {
            $table->unsignedTinyInteger('weekday')->primary();
            $table->string('shifts', 120);
        });

        Schema::create('days_off', static function (Blueprint $table): void {
            $table->id();
            $table->date('day')->unique();
            $table->string('why', 80);
        });

        Schema::create('extra_hours', static function (Blueprint $table): void {
            $table->id();
            $table->dateTime('from_at');
            $table->dateTime('to_at');
            $table->string('why', 80);
        });

        Schema::create('downtimes', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('machine_id')->constrained()->cascadeOnDelete();
            $table->dateTime('from_at');
            $table->dateTime('to_at');
            $table->string('why', 80);
            // Maintenance comes again after so many days; null for once.
            $table->unsignedSmallInteger('every_days')->nullable();
        });

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
    }

    public function down(): void
    {
        foreach (
            ['presences', 'downtimes', 'extra_hours', 'days_off', 'week_days', 'proposals', 'plan_changes', 'plans'] as $table
        ) {
            Schema::dropIfExists($table);
        }
    }
};
