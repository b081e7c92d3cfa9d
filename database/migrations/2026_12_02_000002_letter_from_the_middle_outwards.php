<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        if (! Schema::hasColumn('letterings', 'centre_out')) {
            Schema::table('letterings', static function (Blueprint $table): void {
                $table->boolean('centre_out')->default(false);
            });
        }
    }

    public function down(): void
    {
        Schema::table('letterings', static fn(Blueprint $table) => $table->dropColumn('centre_out'));
    }
};
