<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Heads of a machine that do not sew for now; the others go on. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('machines', static function (Blueprint $table): void {
            $table->json('heads_out')->nullable()->after('heads');
        });
    }

    public function down(): void
    {
        Schema::table('machines', static fn(Blueprint $table) => $table->dropColumn('heads_out'));
    }
};
