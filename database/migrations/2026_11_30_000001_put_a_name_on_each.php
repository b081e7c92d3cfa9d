<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        if (! Schema::hasTable('letterings')) {
            // How the texts of a list are lettered, a name on each piece. The list is an artwork, whatever batches its
            // pieces are split into.
            Schema::create('letterings', static function (Blueprint $table): void {
                $table->id();
                $table->foreignId('artwork_id')->unique()->constrained()->cascadeOnDelete();
                // The design that the texts stand under; none: they stand alone.
                $table->foreignId('design_id')->nullable()->constrained('artworks')->nullOnDelete();
                $table->string('alphabet', 8);
                $table->double('height_mm');
                $table->double('most_mm')->nullable();
                // Radius of the arc it stands on, below zero where it hangs under one; null: a straight line.
                $table->double('arc_mm')->nullable();
                $table->string('approved_by', 40)->default('');
                $table->dateTime('approved_at')->nullable();
            });
        }
        if (! Schema::hasTable('lettered_texts')) {
            Schema::create('lettered_texts', static function (Blueprint $table): void {
                $table->id();
                $table->foreignId('lettering_id')->constrained()->cascadeOnDelete();
                // As it is typed: a letter with a mark is another than one without.
                $table->string('text', 60)->collation('utf8mb4_bin');
                // Of the text alone, and with the design it stands under.
                $table->unsignedInteger('stitches');
                $table->unsignedInteger('all_stitches');
                $table->double('length_mm');
                $table->unsignedInteger('trims');
                $table->double('width_mm');
                $table->double('height_mm');
                $table->char('checksum', 64);
                $table->unique(['lettering_id', 'text']);
            });
        }
        if (! Schema::hasColumn('lettered_texts', 'tape')) {
            // Longer than the 64 kB of the schema builder's own: a name under a large design.
            DB::statement('alter table lettered_texts add tape mediumblob not null');
        }
        if (! Schema::hasColumn('pieces', 'text')) {
            Schema::table('pieces', static function (Blueprint $table): void {
                $table->string('text', 60)->collation('utf8mb4_bin')->nullable();
            });
        }
    }

    public function down(): void
    {
        Schema::table('pieces', static fn(Blueprint $table) => $table->dropColumn('text'));
        Schema::dropIfExists('lettered_texts');
        Schema::dropIfExists('letterings');
    }
};
