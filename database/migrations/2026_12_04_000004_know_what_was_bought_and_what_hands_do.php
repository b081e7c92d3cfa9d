<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What stock was bought for; and hours of hooping and finishing cost what an hour of hands did until now. */
return new class () extends Migration {
    public function up(): void
    {
        if (! Schema::hasTable('purchases')) {
            Schema::create('purchases', static function (Blueprint $table): void {
                $table->id();
                $table->uuid('form_id')->unique();
                $table->string('of', 24);
                $table->float('amount');
                $table->unsignedInteger('cents');
                $table->string('who', 40)->default('');
                $table->date('bought_on');
                $table->index(['of', 'bought_on']);
            });
        }
        $hand = DB::table('house_rules')->where('name', 'hand_hour_cents')->value('value');
        if ($hand !== null) {
            DB::table('house_rules')->insertOrIgnore([
                ['name' => 'hoop_hour_cents', 'value' => $hand],
                ['name' => 'finish_hour_cents', 'value' => $hand],
            ]);
        }
    }

    public function down(): void
    {
        Schema::dropIfExists('purchases');
        DB::table('house_rules')
            ->whereIn('name', ['hoop_hour_cents', 'finish_hour_cents'])
            ->delete();
    }
};
