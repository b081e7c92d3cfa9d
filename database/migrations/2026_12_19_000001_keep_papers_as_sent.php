<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What was sent is printed again as it was sent. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('kept_papers', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('invoice_id')->unique()->constrained();
            $table->char('sha256', 64);
            $table->dateTime('made_at');
        });
        DB::statement('alter table kept_papers add pdf mediumblob not null');
    }

    public function down(): void
    {
        Schema::dropIfExists('kept_papers');
    }
};
