<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The odds a promise had when they were first worked out, to be held against what becomes of it. */
return new class () extends Migration {
    public function up(): void
    {
        if (Schema::hasTable('said_odds')) {
            return;
        }
        Schema::create('said_odds', static function (Blueprint $table): void {
            $table->foreignId('order_id')->primary()->constrained()->cascadeOnDelete();
            $table->dateTime('due_at');
            $table->float('kept');
            $table->dateTime('said_at');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('said_odds');
    }
};
