<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        if (! Schema::hasTable('cloths')) {
            // Cloth on the bolt, to be laid on: how wide it is, and how much of it is left.
            Schema::create('cloths', static function (Blueprint $table): void {
                $table->id();
                $table->string('code', 32)->unique();
                $table->string('name', 80);
                $table->char('hex', 7);
                $table->double('width_mm');
                $table->double('length_mm');
                $table->boolean('fusible')->default(false);
                $table->dateTime('retired_at')->nullable();
            });
        }
        if (! Schema::hasColumn('artwork_blocks', 'cloth_id')) {
            Schema::table('artwork_blocks', static function (Blueprint $table): void {
                // Which cloth is laid on a placement line.
                $table->foreignId('cloth_id')->nullable()->constrained()->nullOnDelete();
            });
        }
    }

    public function down(): void
    {
        Schema::table('artwork_blocks', static fn(Blueprint $table) => $table->dropConstrainedForeignId('cloth_id'));
        Schema::dropIfExists('cloths');
    }
};
