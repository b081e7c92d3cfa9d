<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Blanks of a line that are on their way: how many, of which size, on which day. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('expected_blanks', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('order_line_id')->constrained()->cascadeOnDelete();
            $table->uuid('form_id')->unique();
            // '' for any size.
            $table->string('size', 8)->default('');
            $table->unsignedInteger('pieces');
            $table->unsignedInteger('came')->default(0);
            $table->date('expected_on');
            $table->string('who', 40);
            $table->dateTime('noted_at');
        });
        Schema::table('arrivals', static function (Blueprint $table): void {
            $table->string('size', 8)->default('')->after('wrong');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('expected_blanks');
        Schema::table('arrivals', static fn(Blueprint $table) => $table->dropColumn('size'));
    }
};
