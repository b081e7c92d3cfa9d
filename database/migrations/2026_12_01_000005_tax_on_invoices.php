<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        if (! Schema::hasColumn('invoices', 'tax_percent')) {
            Schema::table('invoices', static fn(Blueprint $table) => $table->double('tax_percent')->default(0));
        }
        if (! Schema::hasColumn('invoices', 'tax_cents')) {
            Schema::table('invoices', static fn(Blueprint $table) => $table->integer('tax_cents')->default(0));
        }
    }

    public function down(): void
    {
        Schema::table('invoices', static fn(Blueprint $table) => $table->dropColumn(['tax_percent', 'tax_cents']));
    }
};
