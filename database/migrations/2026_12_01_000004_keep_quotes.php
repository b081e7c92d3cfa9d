<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        if (! Schema::hasTable('kept_quotes')) {
            // What was said to somebody, as it was said: figures as they were that day. A new version replaces the one
            // before, which stays.
            Schema::create('kept_quotes', static function (Blueprint $table): void {
                $table->id();
                $table->unsignedInteger('number');
                $table->unsignedSmallInteger('version')->default(1);
                $table->uuid('form_id')->unique();
                $table->string('customer', 120);
                $table->json('asked');
                $table->json('rows');
                $table->unsignedInteger('pieces');
                $table->integer('price_cents');
                $table->integer('least_cents');
                $table->integer('most_cents');
                $table->integer('cost_cents');
                $table->string('state', 12)->default('open');
                $table->string('why', 300)->default('');
                $table->foreignId('order_id')->nullable()->constrained()->nullOnDelete();
                $table->string('who', 40)->default('');
                $table->dateTime('made_at');
                $table->dateTime('answered_at')->nullable();
                $table->unique(['number', 'version']);
                $table->index(['state', 'id']);
            });
        }
    }

    public function down(): void
    {
        Schema::dropIfExists('kept_quotes');
    }
};
