<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        if (! Schema::hasTable('colourways')) {
            // The thread of a block on this decoration, where it is another than the artwork's own.
            Schema::create('colourways', static function (Blueprint $table): void {
                $table->id();
                $table->foreignId('decoration_id')->constrained()->cascadeOnDelete();
                $table->unsignedSmallInteger('number');
                $table->foreignId('thread_id')->constrained()->cascadeOnDelete();
                $table->unique(['decoration_id', 'number']);
            });
        }
    }

    public function down(): void
    {
        Schema::dropIfExists('colourways');
    }
};
