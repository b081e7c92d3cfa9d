<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** In which slot of a machine's memory a stitch file lies: a slot holds one, and a file lies in one. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('kept_designs', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('machine_id')->constrained();
            $table->string('slot', 20);
            $table->foreignId('artwork_id')->constrained();
            $table->string('checksum', 64);
            $table->string('who', 60);
            $table->dateTime('kept_at');
            $table->unique(['machine_id', 'slot']);
            $table->unique(['machine_id', 'checksum']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('kept_designs');
    }
};
