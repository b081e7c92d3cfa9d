<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        if (! Schema::hasColumn('pieces', 'finish')) {
            Schema::table('pieces', static function (Blueprint $table): void {
                // Where it stands once it is off the machine; null before that.
                $table->string('finish', 8)->nullable();
                $table->string('sewn_by', 40)->default('');
                $table->index(['finish', 'id']);
            });
            // What was counted before anybody asked has been finished and looked at.
            DB::table('pieces')
                ->where('state', 'done')
                ->update(['finish' => 'passed']);
        }
        if (! Schema::hasTable('finishings')) {
            // What was done to pieces off the machine: appended, never changed.
            Schema::create('finishings', static function (Blueprint $table): void {
                $table->id();
                $table->uuid('form_id');
                $table->foreignId('piece_id')->constrained()->cascadeOnDelete();
                $table->foreignId('order_id')->constrained()->cascadeOnDelete();
                // finished, passed, rework, rejected
                $table->string('kind', 10);
                $table->string('who', 40);
                $table->string('sewn_by', 40)->default('');
                $table->foreignId('machine_id')->nullable()->constrained()->nullOnDelete();
                $table->string('fabric', 32)->default('');
                $table->string('cause', 20)->nullable();
                $table->string('note', 200)->default('');
                $table->dateTime('done_at');
                $table->unique(['form_id', 'piece_id']);
                $table->index(['kind', 'done_at']);
            });
        }
    }

    public function down(): void
    {
        Schema::dropIfExists('finishings');
        Schema::table('pieces', static function (Blueprint $table): void {
            $table->dropIndex(['finish', 'id']);
            $table->dropColumn('finish', 'sewn_by');
        });
    }
};
