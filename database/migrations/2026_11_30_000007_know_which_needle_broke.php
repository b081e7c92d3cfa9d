<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        if (! Schema::hasColumn('floor_events', 'needle')) {
            Schema::table('floor_events', static function (Blueprint $table): void {
                // At which needle the thread broke; null where it is not known, or nothing broke.
                $table->unsignedTinyInteger('needle')->nullable();
            });
        }
    }

    public function down(): void
    {
        Schema::table('floor_events', static fn(Blueprint $table) => $table->dropColumn('needle'));
    }
};
