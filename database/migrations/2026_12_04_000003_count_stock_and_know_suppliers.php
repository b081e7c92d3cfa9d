<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Bobbins and film are counted, and who supplies what is known. */
return new class () extends Migration {
    public function up(): void
    {
        if (! Schema::hasTable('stock_counts')) {
            Schema::create('stock_counts', static function (Blueprint $table): void {
                $table->id();
                $table->string('kind', 16);
                $table->float('amount');
                $table->string('who', 40)->default('');
                $table->dateTime('counted_at');
                $table->index(['kind', 'id']);
            });
        }
        if (! Schema::hasTable('suppliers')) {
            Schema::create('suppliers', static function (Blueprint $table): void {
                $table->string('of', 16)->primary();
                $table->string('name', 80)->default('');
                $table->float('lead_days')->nullable();
            });
        }
    }

    public function down(): void
    {
        Schema::dropIfExists('stock_counts');
        Schema::dropIfExists('suppliers');
    }
};
