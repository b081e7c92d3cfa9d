<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        if (! Schema::hasColumn('order_lines', 'patch_back')) {
            Schema::table('order_lines', static function (Blueprint $table): void {
                $table->string('patch_back', 12)->nullable();
            });
        }
    }

    public function down(): void
    {
        Schema::table('order_lines', static fn(Blueprint $table) => $table->dropColumn('patch_back'));
    }
};
