<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        if (! Schema::hasTable('origins')) {
            // Where the frame stood when the trace was right, as the panel of the machine says it.
            Schema::create('origins', static function (Blueprint $table): void {
                $table->id();
                $table->foreignId('artwork_id')->constrained()->cascadeOnDelete();
                $table->foreignId('frame_id')->constrained()->cascadeOnDelete();
                $table->foreignId('machine_id')->constrained()->cascadeOnDelete();
                $table->double('x_mm');
                $table->double('y_mm');
                $table->string('who', 40)->default('');
                $table->dateTime('kept_at');
                $table->unique(['artwork_id', 'frame_id', 'machine_id']);
            });
        }
    }

    public function down(): void
    {
        Schema::dropIfExists('origins');
    }
};
