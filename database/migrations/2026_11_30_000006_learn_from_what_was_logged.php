<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        if (! Schema::hasTable('learned_factors')) {
            // By how much longer a load sews on a machine and a cloth than is reckoned, once somebody has taken it.
            Schema::create('learned_factors', static function (Blueprint $table): void {
                $table->id();
                $table->foreignId('machine_id')->constrained()->cascadeOnDelete();
                $table->string('fabric', 32);
                $table->double('factor')->default(1);
                // What was offered last and left.
                $table->double('left_factor')->nullable();
                $table->string('who', 40)->default('');
                // Loads before it were reckoned otherwise.
                $table->dateTime('since')->nullable();
                $table->unique(['machine_id', 'fabric']);
            });
        }
    }

    public function down(): void
    {
        Schema::dropIfExists('learned_factors');
    }
};
