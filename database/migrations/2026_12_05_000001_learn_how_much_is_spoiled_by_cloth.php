<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        if (! Schema::hasTable('spoiled_shares')) {
            // Of pieces on a cloth how many in a hundred are spoiled, once somebody has taken it from the log.
            Schema::create('spoiled_shares', static function (Blueprint $table): void {
                $table->string('fabric', 32)->primary();
                $table->double('percent')->nullable();
                // What was offered last and left.
                $table->double('left_percent')->nullable();
                $table->string('who', 40)->default('');
                $table->dateTime('since')->nullable();
            });
        }
    }

    public function down(): void
    {
        Schema::dropIfExists('spoiled_shares');
    }
};
