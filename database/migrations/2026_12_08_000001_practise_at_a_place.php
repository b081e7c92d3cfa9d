<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Sixty caps are no practice for the back of a jacket: what was practised is kept with its place. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('practices', static function (Blueprint $table): void {
            // Of what was practised before, nobody knows where: it counts for every place, as it did.
            $table->string('position', 16)->default('')->after('frame_kind');
            $table->unique(['fabric', 'frame_kind', 'position', 'who', 'on_scrap'], 'practices_what_unique');
            $table->dropUnique(['fabric', 'frame_kind', 'who', 'on_scrap']);
        });
    }

    public function down(): void
    {
        Schema::table('practices', static function (Blueprint $table): void {
            $table->unique(['fabric', 'frame_kind', 'who', 'on_scrap']);
            $table->dropUnique('practices_what_unique');
            $table->dropColumn('position');
        });
    }
};
