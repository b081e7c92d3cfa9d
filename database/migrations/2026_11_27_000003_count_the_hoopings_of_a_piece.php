<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        if (Schema::hasColumn('setups', 'hoopings')) {
            return;
        }
        // A long design on a tube is sewn in several hoopings, each with its hands and its piece of backing.
        Schema::table('setups', static function (Blueprint $table): void {
            $table->unsignedTinyInteger('hoopings')->default(1);
        });
    }

    public function down(): void
    {
        Schema::table('setups', static fn(Blueprint $table) => $table->dropColumn('hoopings'));
    }
};
