<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Invoices and payments leave for the bookkeeper, each in one export, by a table of accounts; how each was paid. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('account_tables', static function (Blueprint $table): void {
            $table->id();
            $table->json('uses');
            $table->json('taxes');
            $table->date('begins_on')->nullable();
            $table->string('who', 40)->default('');
            $table->dateTime('made_at');
        });
        Schema::create('ledger_exports', static function (Blueprint $table): void {
            $table->id();
            $table->unsignedInteger('number')->unique();
            $table->uuid('form_id')->unique();
            $table->foreignId('account_table_id')->constrained();
            $table->date('until');
            // The entries of all exports are numbered on from one to the next.
            $table->unsignedInteger('first_entry');
            $table->unsignedInteger('entries');
            $table->bigInteger('debit_cents');
            $table->string('who', 40)->default('');
            $table->dateTime('made_at');
            $table->char('sha256', 64);
        });
        DB::statement('alter table ledger_exports add journal mediumblob not null');
        foreach (['invoices', 'payments'] as $of) {
            Schema::table($of, static function (Blueprint $table): void {
                // Null: in none yet, which is what is looked for.
                $table->foreignId('ledger_export_id')->nullable()->constrained();
            });
        }
        Schema::table('payments', static function (Blueprint $table): void {
            $table->string('way', 8)->default('bank');
        });
    }

    public function down(): void
    {
        Schema::table('payments', static fn(Blueprint $table) => $table->dropColumn('way'));
        foreach (['invoices', 'payments'] as $of) {
            Schema::table($of, static fn(Blueprint $table) => $table->dropConstrainedForeignId('ledger_export_id'));
        }
        Schema::dropIfExists('ledger_exports');
        Schema::dropIfExists('account_tables');
    }
};
