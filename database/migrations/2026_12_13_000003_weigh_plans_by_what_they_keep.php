<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Beside the plan that is proposed, the one that is cheapest on paper or keeps most promises. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('proposals', static function (Blueprint $table): void {
            $table->json('weighed')->nullable()->after('sequence');
        });
    }

    public function down(): void
    {
        Schema::table('proposals', static fn(Blueprint $table) => $table->dropColumn('weighed'));
    }
};
