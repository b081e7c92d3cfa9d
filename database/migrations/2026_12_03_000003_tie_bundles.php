<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        if (! Schema::hasTable('bundles')) {
            Schema::create('bundles', static function (Blueprint $table): void {
                $table->id();
                $table->foreignId('decoration_id')->constrained()->cascadeOnDelete();
                $table->string('who', 40)->default('');
                $table->dateTime('made_at');
            });
        }
        if (! Schema::hasColumn('pieces', 'bundle_id')) {
            Schema::table('pieces', static function (Blueprint $table): void {
                $table->foreignId('bundle_id')->nullable()->constrained()->nullOnDelete();
            });
        }
    }

    public function down(): void
    {
        Schema::table('pieces', static fn(Blueprint $table) => $table->dropConstrainedForeignId('bundle_id'));
        Schema::dropIfExists('bundles');
    }
};
