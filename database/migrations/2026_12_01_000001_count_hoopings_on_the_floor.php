<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    /** @var array<string, string> table => its new column */
    private const NEW = [
        'setups' => 'parts',
        'pieces' => 'hoopings',
        'floor_events' => 'hooping',
        'batch_runs' => 'hooping',
    ];

    public function up(): void
    {
        // Along a tube a piece is hooped several times: what of the design each hooping sews, how many a piece has
        // behind it, and which of them an event and a load are about.
        foreach (self::NEW as $name => $column) {
            if (! Schema::hasColumn($name, $column)) {
                Schema::table(
                    $name,
                    static fn(Blueprint $table) => match ($column) {
                        'parts' => $table->json('parts')->nullable(),
                        'hoopings' => $table->unsignedTinyInteger('hoopings')->default(0),
                        default => $table->unsignedTinyInteger('hooping')->default(1),
                    },
                );
            }
        }
    }

    public function down(): void
    {
        foreach (self::NEW as $name => $column) {
            Schema::table($name, static fn(Blueprint $table) => $table->dropColumn($column));
        }
    }
};
