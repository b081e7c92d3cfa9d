<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // What has been sewn from the bobbins of a machine since they were changed, metres of each head.
        if (! Schema::hasColumn('machines', 'bobbin_used_m')) {
            Schema::table('machines', static function (Blueprint $table): void {
                $table->double('bobbin_used_m')->default(0);
            });
        }
        // How high the smallest letters are; null where nobody has measured them.
        if (! Schema::hasColumn('artworks', 'letter_mm')) {
            Schema::table('artworks', static function (Blueprint $table): void {
                $table->double('letter_mm')->nullable();
            });
        }
    }

    public function down(): void
    {
        Schema::table('machines', static fn(Blueprint $table) => $table->dropColumn('bobbin_used_m'));
        Schema::table('artworks', static fn(Blueprint $table) => $table->dropColumn('letter_mm'));
    }
};
