<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Snaps, rings, hooks and zips of made items: what one costs, how many there are, and how many an artwork wants. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('hardware', static function (Blueprint $table): void {
            $table->id();
            $table->string('code', 32)->unique();
            $table->string('name', 80);
            $table->unsignedInteger('unit_cents');
            $table->unsignedInteger('counted');
            $table->unsignedBigInteger('after_seq')->default(0);
            $table->dateTime('retired_at')->nullable();
        });
        Schema::create('artwork_hardware', static function (Blueprint $table): void {
            $table->foreignId('artwork_id')->constrained()->cascadeOnDelete();
            $table->foreignId('hardware_id')->constrained('hardware');
            $table->unsignedSmallInteger('each');
            $table->primary(['artwork_id', 'hardware_id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('artwork_hardware');
        Schema::dropIfExists('hardware');
    }
};
