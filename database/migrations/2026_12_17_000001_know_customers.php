<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A customer is more than a name: where they are, whom to speak to, how they pay, what was agreed. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('customers', static function (Blueprint $table): void {
            $table->string('email', 190)->default('');
            $table->string('phone', 40)->default('');
            $table->string('tax_number', 40)->default('');
            $table->json('invoice_address')->nullable();
            $table->json('delivery_address')->nullable();
            $table->json('contacts')->nullable();
            $table->unsignedSmallInteger('terms_days')->nullable();
            $table->decimal('discount_percent', 5, 2)->default(0);
            $table->string('note', 1000)->default('');
        });
        Schema::create('payments', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('invoice_id')->constrained();
            $table->uuid('form_id')->unique();
            $table->integer('cents');
            $table->date('paid_on');
            $table->string('note', 80)->default('');
            $table->string('who', 40);
            $table->dateTime('noted_at');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('payments');
        Schema::table('customers', static fn(Blueprint $table) => $table->dropColumn([
            'email', 'phone', 'tax_number', 'invoice_address', 'delivery_address', 'contacts', 'terms_days', 'discount_percent', 'note',
        ]));
    }
};
