<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    private const RETIRED = ['people', 'machines', 'frames', 'garment_styles', 'threads'];

    public function up(): void
    {
        if (! Schema::hasTable('shops')) {
            // One row: whose shop it is. None: nobody has said yet.
            Schema::create('shops', static function (Blueprint $table): void {
                $table->unsignedTinyInteger('id')->primary();
                $table->string('name', 80);
                $table->string('zone', 64);
                $table->char('currency', 3);
                $table->boolean('is_demo');
                // Calendar addresses that were given out are made of it.
                $table->char('calendar_secret', 32)->default('');
                // The steps of the way in that were left as they are.
                $table->json('passed_over');
                $table->dateTime('begun_at')->nullable();
            });
        }
        if (! Schema::hasColumn('people', 'role')) {
            Schema::table('people', static function (Blueprint $table): void {
                $table->string('role', 12)->default('operator');
                $table->string('password', 255)->nullable();
                $table->string('pin', 255)->nullable();
                $table->rememberToken();
            });
        }
        foreach (self::RETIRED as $name) {
            if (! Schema::hasColumn($name, 'retired_at')) {
                Schema::table($name, static function (Blueprint $table): void {
                    $table->dateTime('retired_at')->nullable();
                });
            }
        }
        if (! Schema::hasColumn('machines', 'paired_at')) {
            Schema::table('machines', static function (Blueprint $table): void {
                $table->dateTime('paired_at')->nullable();
                // From which side the needles are counted, as the operator stands before them.
                $table->string('counts_from', 8)->default('left');
            });
        }
        if (! Schema::hasTable('tablets')) {
            Schema::create('tablets', static function (Blueprint $table): void {
                $table->id();
                $table->string('name', 40);
                $table->char('token_hash', 64)->unique();
                $table->foreignId('machine_id')->nullable()->constrained()->nullOnDelete();
                $table->dateTime('paired_at');
                $table->dateTime('revoked_at')->nullable();
            });
        }
        if (! Schema::hasTable('pairings')) {
            // A code that is read off the page and typed at the machine or the tablet, good for some minutes and once.
            Schema::create('pairings', static function (Blueprint $table): void {
                $table->id();
                $table->char('code_hash', 64)->unique();
                $table->foreignId('machine_id')->nullable()->constrained()->cascadeOnDelete();
                $table->string('tablet', 40)->nullable();
                $table->dateTime('until');
            });
        }
        if (! Schema::hasTable('changes')) {
            // Who changed what, with before and after: appended, never changed.
            Schema::create('changes', static function (Blueprint $table): void {
                $table->id('seq');
                $table->dateTime('made_at');
                $table->string('who', 40);
                $table->string('kind', 16);
                $table->string('thing', 80);
                $table->string('what', 200);
                $table->json('before')->nullable();
                $table->json('after')->nullable();
                $table->index(['kind', 'thing', 'seq']);
            });
        }
        if (! Schema::hasColumn('orders', 'cancelled_at')) {
            Schema::table('orders', static function (Blueprint $table): void {
                $table->dateTime('cancelled_at')->nullable();
                // The same form sent twice is one order.
                $table->uuid('form_id')->nullable()->unique();
                $table->string('contact', 120)->default('');
            });
        }
        if (! Schema::hasTable('hand_overs')) {
            Schema::create('hand_overs', static function (Blueprint $table): void {
                $table->id();
                $table->foreignId('order_id')->constrained()->cascadeOnDelete();
                $table->uuid('form_id')->unique();
                $table->unsignedSmallInteger('number');
                // decoration id => size => pieces
                $table->json('pieces');
                $table->unsignedInteger('piece_count');
                $table->string('who', 40);
                $table->dateTime('handed_at');
            });
        }
        if (! Schema::hasTable('arrivals')) {
            // Blanks of a line as they came in: counted, of which so many are wrong.
            Schema::create('arrivals', static function (Blueprint $table): void {
                $table->id();
                $table->foreignId('order_line_id')->constrained()->cascadeOnDelete();
                $table->uuid('form_id')->unique();
                $table->unsignedInteger('good');
                $table->unsignedInteger('wrong')->default(0);
                $table->string('note', 200)->default('');
                $table->string('who', 40);
                $table->dateTime('came_at');
            });
        }
        // What stands in a shop of before this version is the demo: there was no other.
        if (DB::table('machines')->exists()) {
            DB::table('shops')->insertOrIgnore([
                'id' => 1,
                'name' => 'Tarn & Tiller',
                'zone' => (string) config('app.timezone'),
                'currency' => 'EUR',
                'is_demo' => true,
                'calendar_secret' => bin2hex(random_bytes(16)),
                'passed_over' => '[]',
                'begun_at' => now(),
            ]);
            $first = DB::table('people')->orderBy('id')->value('id');
            if ($first !== null && ! DB::table('people')->where('role', 'owner')->exists()) {
                DB::table('people')
                    ->where('id', $first)
                    ->update(['role' => 'owner']);
            }
        }
    }

    public function down(): void
    {
        foreach (['arrivals', 'hand_overs', 'changes', 'pairings', 'tablets', 'shops'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table(
            'orders',
            static fn(Blueprint $table) => $table->dropColumn('cancelled_at', 'form_id', 'contact'),
        );
        Schema::table('machines', static fn(Blueprint $table) => $table->dropColumn('paired_at', 'counts_from'));
        Schema::table(
            'people',
            static fn(Blueprint $table) => $table->dropColumn('role', 'password', 'pin', 'remember_token'),
        );
        foreach (self::RETIRED as $name) {
            Schema::table($name, static fn(Blueprint $table) => $table->dropColumn('retired_at'));
        }
    }
};
