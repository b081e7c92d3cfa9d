<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a customer was shown, and what they said to it. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('approvals', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('order_id')->constrained();
            $table->uuid('form_id')->unique();
            $table->text('token');
            $table->char('token_hash', 64)->unique();
            $table->longText('shown');
            $table->char('shown_hash', 64);
            $table->string('who', 40);
            $table->dateTime('made_at');
            $table->dateTime('expires_at');
            $table->dateTime('withdrawn_at')->nullable();
            $table->string('answer', 10)->nullable();
            $table->string('answered_by', 80)->nullable();
            $table->text('wish')->nullable();
            $table->dateTime('answered_at')->nullable();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('approvals');
    }
};
