<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Programs of others that read and write here, their tokens, and what each was answered to which key. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('connected_programs', static function (Blueprint $table): void {
            $table->id();
            $table->string('name', 60);
            $table->uuid('form_id')->unique();
            $table->string('who', 40)->default('');
            $table->dateTime('made_at');
            $table->dateTime('revoked_at')->nullable();
        });
        // As the package wants it that checks tokens.
        Schema::create('program_tokens', static function (Blueprint $table): void {
            $table->id();
            $table->morphs('tokenable');
            $table->string('name', 60);
            $table->string('token', 64)->unique();
            $table->text('abilities')->nullable();
            $table->dateTime('last_used_at')->nullable();
            $table->dateTime('expires_at')->nullable();
            $table->timestamps();
        });
        Schema::create('program_requests', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('connected_program_id')->constrained()->cascadeOnDelete();
            $table->string('key', 80)->collation('utf8mb4_bin');
            $table->char('content', 64);
            $table->unsignedSmallInteger('status');
            $table->string('location', 300)->default('');
            $table->mediumText('body');
            $table->dateTime('made_at')->index();
            $table->unique(['connected_program_id', 'key']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('program_requests');
        Schema::dropIfExists('program_tokens');
        Schema::dropIfExists('connected_programs');
    }
};
