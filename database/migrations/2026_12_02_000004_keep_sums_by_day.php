<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        if (! Schema::hasTable('day_sums')) {
            // What the events of a day come to, so that a year need not read them all; books:recount proves it.
            Schema::create('day_sums', static function (Blueprint $table): void {
                $table->date('day');
                $table->foreignId('machine_id')->constrained();
                $table->foreignId('order_id')->constrained();
                $table->unsignedBigInteger('stitches');
                $table->integer('done');
                $table->json('spoiled');
                $table->double('planned_s');
                $table->double('real_s');
                $table->primary(['day', 'machine_id', 'order_id']);
            });
        }
        if (! Schema::hasTable('day_sums_kept')) {
            // Up to which event they are kept.
            Schema::create('day_sums_kept', static function (Blueprint $table): void {
                $table->unsignedTinyInteger('id')->primary();
                $table->unsignedBigInteger('seq');
            });
        }
    }

    public function down(): void
    {
        Schema::dropIfExists('day_sums');
        Schema::dropIfExists('day_sums_kept');
    }
};
