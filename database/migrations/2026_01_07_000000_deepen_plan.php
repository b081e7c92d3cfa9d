<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('batches', static function (Blueprint $table): void {
            $table->dateTime('fixed_at')->nullable();
        });
        // Size and point of the needles that are fitted; '' until somebody says so.
        Schema::table('machines', static function (Blueprint $table): void {
            $table->string('needle', 24)->default('');
        });
        // Pieces that are run apart from the others of their decoration: a decoration of their own, that says which
        // it is of.
        Schema::table('decorations', static function (Blueprint $table): void {
            $table->foreignId('split_from_id')->nullable()->constrained('decorations')->cascadeOnDelete();
        });
        // The plan before each change of it, so that a change can be undone.
        Schema::create('plan_changes', static function (Blueprint $table): void {
            $table->id();
            $table->unsignedBigInteger('version');
            $table->string('what', 160);
            $table->json('before');
            $table->dateTime('changed_at');
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
            $table->double('setup_min')->nullable();
            $table->double('bound')->nullable();
            $table->json('sequence')->nullable();
            $table->boolean('stop')->default(false);
            $table->dateTime('asked_at');
            $table->dateTime('found_at')->nullable();
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
        });
    }

    public function down(): void
    {
        foreach (['downtimes', 'extra_hours', 'days_off', 'proposals', 'plan_changes'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('machines', static function (Blueprint $table): void {
            $table->dropColumn('needle');
        });
        Schema::table('decorations', static function (Blueprint $table): void {
            $table->dropConstrainedForeignId('split_from_id');
        });
        Schema::table('batches', static function (Blueprint $table): void {
            $table->dropColumn('fixed_at');
        });
    }
};
