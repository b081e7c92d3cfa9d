<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What came to the account, each once however often a statement says it, and which invoice it was for. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('bank_receipts', static function (Blueprint $table): void {
            $table->id();
            $table->char('entry_key', 64)->unique();
            $table->date('booked_on');
            $table->integer('cents');
            $table->string('party', 140);
            $table->string('text', 1000);
            // Looked for by it: what nobody has said anything of yet.
            $table->boolean('is_open')->index();
            $table->string('invoices', 200)->default('');
            $table->dateTime('read_at');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('bank_receipts');
    }
};
