<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What somebody may set up and run alone, by the owner's word. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('people', static function (Blueprint $table): void {
            $table->json('skills')->nullable()->after('role');
        });
    }

    public function down(): void
    {
        Schema::table('people', static fn(Blueprint $table) => $table->dropColumn('skills'));
    }
};
