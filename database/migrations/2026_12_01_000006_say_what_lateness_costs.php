<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        if (! Schema::hasColumn('customers', 'late_weight')) {
            Schema::table('customers', static function (Blueprint $table): void {
                // How much a minute late counts for them against that of others.
                $table->decimal('late_weight', 4, 2)->default(1);
            });
        }
        if (! Schema::hasColumn('orders', 'for_event')) {
            Schema::table('orders', static function (Blueprint $table): void {
                $table->boolean('for_event')->default(false);
            });
        }
    }

    public function down(): void
    {
        Schema::table('customers', static fn(Blueprint $table) => $table->dropColumn('late_weight'));
        Schema::table('orders', static fn(Blueprint $table) => $table->dropColumn('for_event'));
    }
};
