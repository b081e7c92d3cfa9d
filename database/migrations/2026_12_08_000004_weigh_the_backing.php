<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Backing has a weight: light under thin cloth, firm under dense stitching. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('backing_stocks', static function (Blueprint $table): void {
            $table->unsignedSmallInteger('gsm')->nullable();
        });
        // Of what was set up before nobody was advised: any weight will do there, as it did.
        Schema::table('setups', static function (Blueprint $table): void {
            $table->unsignedSmallInteger('backing_gsm')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('setups', static fn(Blueprint $table) => $table->dropColumn('backing_gsm'));
        Schema::table('backing_stocks', static fn(Blueprint $table) => $table->dropColumn('gsm'));
    }
};
