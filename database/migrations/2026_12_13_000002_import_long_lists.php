<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Lists of orders that are too long to be read while somebody waits. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('order_imports', static function (Blueprint $table): void {
            $table->id();
            $table->string('file_name', 200);
            $table->char('checksum', 64)->charset('ascii')->index();
            $table->string('state', 12)->charset('ascii');
            $table->unsignedInteger('orders');
            $table->unsignedInteger('checked')->default(0);
            $table->unsignedInteger('stored')->default(0);
            $table->json('problems')->nullable();
            $table->unsignedInteger('first_number')->nullable();
            $table->unsignedInteger('last_number')->nullable();
            $table->boolean('stop')->default(false);
            $table->dateTime('asked_at');
            $table->dateTime('ended_at')->nullable();
        });
    }

    public function down(): void
    {
        Schema::drop('order_imports');
    }
};
