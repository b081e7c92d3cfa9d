<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        if (! Schema::hasTable('clamp_checks')) {
            // Appended: where the true centre of a window was found on a machine, or that the clamp was dropped.
            Schema::create('clamp_checks', static function (Blueprint $table): void {
                $table->id();
                $table->foreignId('frame_id')->constrained()->cascadeOnDelete();
                $table->foreignId('machine_id')->constrained()->cascadeOnDelete();
                $table->boolean('dropped')->default(false);
                $table->double('x_mm')->default(0);
                $table->double('y_mm')->default(0);
                $table->unsignedTinyInteger('nudges')->default(0);
                $table->string('who', 40);
                $table->dateTime('checked_at');
                $table->index(['frame_id', 'machine_id', 'id']);
            });
        }
    }

    public function down(): void
    {
        Schema::dropIfExists('clamp_checks');
    }
};
