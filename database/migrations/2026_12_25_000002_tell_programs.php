<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Programs are told what becomes of orders and invoices: where, what, and whether it arrived. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('webhooks', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('connected_program_id')->unique()->constrained()->cascadeOnDelete();
            $table->string('url', 300);
            $table->text('secret');
            $table->unsignedInteger('failures')->default(0);
            $table->string('why', 200)->default('');
            $table->dateTime('next_try_at')->nullable();
            $table->dateTime('stopped_at')->nullable();
            $table->dateTime('made_at');
        });
        Schema::create('news', static function (Blueprint $table): void {
            $table->id();
            $table->uuid('sign')->unique();
            $table->string('kind', 20);
            // Of the order or of the invoice.
            $table->unsignedInteger('number');
            $table->dateTime('made_at')->index();
            // Which of a kind were told already.
            $table->index(['kind', 'number']);
        });
        DB::statement('alter table news add body mediumtext not null');
        Schema::create('deliveries', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('webhook_id')->constrained()->cascadeOnDelete();
            $table->foreignId('news_id')->constrained('news')->cascadeOnDelete();
            $table->unsignedInteger('tries')->default(0);
            $table->unsignedSmallInteger('status')->nullable();
            $table->dateTime('delivered_at')->nullable();
            $table->unique(['webhook_id', 'news_id']);
            // What waits, in its order.
            $table->index(['webhook_id', 'delivered_at', 'id']);
        });
        // What was told last of an order; what is final is looked at no more.
        Schema::create('told_orders', static function (Blueprint $table): void {
            $table->foreignId('order_id')->primary()->constrained()->cascadeOnDelete();
            $table->unsignedInteger('version');
            $table->json('facts');
            $table->boolean('is_final')->index();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('told_orders');
        Schema::dropIfExists('deliveries');
        Schema::dropIfExists('news');
        Schema::dropIfExists('webhooks');
    }
};
