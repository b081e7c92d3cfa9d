<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The shop speaks one language and writes dates as its region does; whoever wants another one chooses it. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('shops', static function (Blueprint $table): void {
            $table->string('language', 12)->default('en');
            $table->string('region', 2)->default('');
        });
        Schema::table('people', static function (Blueprint $table): void {
            $table->string('language', 12)->nullable();
        });
        Schema::table('customers', static function (Blueprint $table): void {
            $table->string('language', 12)->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('customers', static fn(Blueprint $table) => $table->dropColumn('language'));
        Schema::table('people', static fn(Blueprint $table) => $table->dropColumn('language'));
        Schema::table('shops', static fn(Blueprint $table) => $table->dropColumn(['language', 'region']));
    }
};
