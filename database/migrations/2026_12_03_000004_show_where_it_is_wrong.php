<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        if (! Schema::hasColumn('finishings', 'photo')) {
            Schema::table('finishings', static function (Blueprint $table): void {
                $table->string('photo', 80)->nullable();
                // Where on it, as shares of its width and height from the left and the top.
                $table->double('spot_x')->nullable();
                $table->double('spot_y')->nullable();
            });
        }
        if (! Schema::hasColumn('orders', 'shelf')) {
            Schema::table('orders', static function (Blueprint $table): void {
                // Where what is ready of it lies.
                $table->string('shelf', 40)->default('');
            });
        }
    }

    public function down(): void
    {
        Schema::table('orders', static fn(Blueprint $table) => $table->dropColumn('shelf'));
        Schema::table('finishings', static fn(Blueprint $table) => $table->dropColumn(['photo', 'spot_x', 'spot_y']));
    }
};
