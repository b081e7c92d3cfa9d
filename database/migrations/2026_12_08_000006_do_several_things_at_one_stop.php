<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** At one stop cloth is trimmed, lint brushed off and film laid: what else is done there beside its first act. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('artwork_blocks', static function (Blueprint $table): void {
            $table->string('also', 160)->default('');
        });
    }

    public function down(): void
    {
        Schema::table('artwork_blocks', static fn(Blueprint $table) => $table->dropColumn('also'));
    }
};
