<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** How many looked for a plan at once. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('proposals', static function (Blueprint $table): void {
            $table->unsignedTinyInteger('searchers')->default(1)->after('iterations');
        });
    }

    public function down(): void
    {
        Schema::table('proposals', static fn(Blueprint $table) => $table->dropColumn('searchers'));
    }
};
