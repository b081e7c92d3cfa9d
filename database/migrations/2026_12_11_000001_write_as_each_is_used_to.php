<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** The region of the shop is one of several habits of writing, and each person may have their own. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('shops', static fn(Blueprint $table) => $table->json('habits')->nullable());
        Schema::table('people', static fn(Blueprint $table) => $table->json('habits')->nullable());
        DB::table('shops')->where('region', '!=', '')->update(['habits' => DB::raw("json_object('region', region)")]);
        Schema::table('shops', static fn(Blueprint $table) => $table->dropColumn('region'));
    }

    public function down(): void
    {
        Schema::table('shops', static fn(Blueprint $table) => $table->string('region', 2)->default(''));
        DB::table('shops')
            ->whereNotNull('habits')
            ->update(['region' => DB::raw("coalesce(json_value(habits, '$.region'), '')")]);
        Schema::table('people', static fn(Blueprint $table) => $table->dropColumn('habits'));
        Schema::table('shops', static fn(Blueprint $table) => $table->dropColumn('habits'));
    }
};
