<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Which tape a machine, or somebody for it, has fetched from its folder. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('tape_fetches', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('machine_id')->constrained();
            $table->foreignId('batch_id')->constrained()->cascadeOnDelete();
            $table->string('name', 16);
            $table->char('checksum', 64);
            $table->string('way', 8);
            $table->dateTime('first_at');
            $table->dateTime('last_at');
            $table->unique(['machine_id', 'batch_id', 'name', 'way']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('tape_fetches');
    }
};
