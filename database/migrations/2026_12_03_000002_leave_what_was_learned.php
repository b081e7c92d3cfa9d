<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        if (! Schema::hasTable('left_offers')) {
            // What was learned of a house rule, offered and left: not offered again until it comes out otherwise.
            Schema::create('left_offers', static function (Blueprint $table): void {
                $table->string('about', 24)->primary();
                $table->json('figures');
                $table->string('who', 40)->default('');
                $table->dateTime('left_at');
            });
        }
    }

    public function down(): void
    {
        Schema::dropIfExists('left_offers');
    }
};
