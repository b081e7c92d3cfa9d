<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        if (! Schema::hasColumn('order_lines', 'blank_cents')) {
            Schema::table('order_lines', static function (Blueprint $table): void {
                // What the shop pays for one garment; null: the customer brings them.
                $table->unsignedInteger('blank_cents')->nullable();
            });
        }
        if (! Schema::hasColumn('orders', 'artwork_cents')) {
            Schema::table('orders', static function (Blueprint $table): void {
                $table->unsignedInteger('artwork_cents')->default(0);
                // The price that was agreed; null: as it is worked out.
                $table->unsignedInteger('agreed_cents')->nullable();
            });
        }
        if (! Schema::hasTable('price_steps')) {
            // Up to so many stitches, from so many pieces on: so much a piece.
            Schema::create('price_steps', static function (Blueprint $table): void {
                $table->id();
                $table->unsignedInteger('stitches_to');
                $table->unsignedInteger('pieces_from');
                $table->unsignedInteger('cents');
                $table->unique(['stitches_to', 'pieces_from']);
            });
        }
        if (! Schema::hasTable('invoices')) {
            // Appended, never changed and never taken away: their numbers have no gaps. A credit has cents below zero.
            Schema::create('invoices', static function (Blueprint $table): void {
                $table->id();
                $table->unsignedInteger('number')->unique();
                $table->foreignId('order_id')->constrained();
                $table->uuid('form_id')->unique();
                $table->foreignId('credits_id')->nullable()->constrained('invoices');
                $table->string('customer', 120);
                // What stands on it: text, pieces, cents a piece, cents.
                $table->json('rows');
                $table->integer('cents');
                $table->string('who', 40);
                $table->dateTime('issued_at');
            });
        }
    }

    public function down(): void
    {
        Schema::dropIfExists('invoices');
        Schema::dropIfExists('price_steps');
        Schema::table('orders', static fn(Blueprint $table) => $table->dropColumn('artwork_cents', 'agreed_cents'));
        Schema::table('order_lines', static fn(Blueprint $table) => $table->dropColumn('blank_cents'));
    }
};
