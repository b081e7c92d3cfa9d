<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // The last number that was given out. To lock the last order instead locks what comes behind it too, and two
        // clerks who write at once stop each other.
        if (! Schema::hasTable('order_numbers')) {
            Schema::create('order_numbers', static function (Blueprint $table): void {
                $table->unsignedTinyInteger('id')->primary();
                $table->unsignedInteger('last');
            });
        }
        DB::table('order_numbers')->insertOrIgnore([
            'id' => 1,
            'last' => DB::table('orders')->max('number') ?? 1000,
        ]);
    }

    public function down(): void
    {
        Schema::dropIfExists('order_numbers');
    }
};
