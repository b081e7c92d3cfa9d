<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What one machine's panel shows and how its parts are set; and how low each ring for caps sews. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('machines', static function (Blueprint $table): void {
            $table->json('panel')->nullable();
        });
        Schema::table('frames', static function (Blueprint $table): void {
            $table->double('low_line_mm')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('frames', static fn(Blueprint $table) => $table->dropColumn('low_line_mm'));
        Schema::table('machines', static fn(Blueprint $table) => $table->dropColumn('panel'));
    }
};
