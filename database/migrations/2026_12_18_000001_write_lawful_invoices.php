<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A paper names who sells and who buys, when it was supplied and when it is due; as it was then, whatever changes later. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('shops', static function (Blueprint $table): void {
            $table->json('letterhead')->nullable();
        });
        Schema::table('invoices', static function (Blueprint $table): void {
            $table->json('seller')->nullable();
            $table->json('buyer')->nullable();
            $table->date('supplied_on')->nullable();
            $table->date('due_on')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('invoices', static fn(Blueprint $table) => $table->dropColumn(['seller', 'buyer', 'supplied_on', 'due_on']));
        Schema::table('shops', static fn(Blueprint $table) => $table->dropColumn('letterhead'));
    }
};
