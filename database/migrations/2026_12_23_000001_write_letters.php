<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What customers were written by e-mail, each once, and what became of it. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('letters', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('order_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 16);
            $table->uuid('form_id')->unique();
            $table->string('to', 254);
            $table->string('subject', 200);
            $table->text('body');
            // Looked for by it: what has to be sent, what is not known to have been.
            $table->string('state', 10)->index();
            $table->string('why', 300)->default('');
            $table->string('who', 40)->default('');
            $table->string('message_id', 120)->unique();
            $table->dateTime('made_at');
            $table->dateTime('state_at');
            $table->index(['order_id', 'kind']);
        });
        Schema::create('letter_files', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('letter_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            $table->string('type', 40);
        });
        DB::statement('alter table letter_files add bytes mediumblob not null');
    }

    public function down(): void
    {
        Schema::dropIfExists('letter_files');
        Schema::dropIfExists('letters');
    }
};
