<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // The catalogue: what is null is not known, and nothing is concluded from it.
        Schema::create('garment_styles', static function (Blueprint $table): void {
            $table->id();
            $table->string('name', 80)->unique();
            $table->string('garment', 24);
            $table->string('fabric', 24);
            $table->string('structure', 16)->default('none');
            $table->string('profile', 8)->default('none');
            $table->string('stretch', 8)->nullable();
            $table->string('thickness', 8)->nullable();
            $table->string('surface', 8)->nullable();
            $table->boolean('pale')->nullable();
            $table->unsignedInteger('unit_value_cents')->nullable();
            // size => measure => mm
            $table->json('measures');
        });
        Schema::table('order_lines', static function (Blueprint $table): void {
            $table->foreignId('garment_style_id')->nullable()->constrained();
            $table->unsignedInteger('unit_value_cents')->nullable();
            $table->unsignedSmallInteger('spares')->default(0);
        });
        Schema::table('frames', static function (Blueprint $table): void {
            // The pair of holes in the arms that belongs to it, and what is picked on the machine.
            $table->string('holes', 16)->default('');
            $table->string('label', 16)->default('');
        });
        Schema::table('machines', static function (Blueprint $table): void {
            $table->double('arm_width_mm')->nullable();
            $table->double('gap_mm')->nullable();
            $table->boolean('turns_caps')->nullable();
            // "flat>cap" => minutes, where they differ from the house's
            $table->json('driver_min')->nullable();
        });
        Schema::create('people', static function (Blueprint $table): void {
            $table->id();
            $table->string('name', 40)->unique();
        });
        Schema::create('backing_stocks', static function (Blueprint $table): void {
            $table->id();
            $table->string('kind', 16);
            $table->string('form', 8);
            $table->double('width_mm');
            $table->double('length_mm');
            $table->unsignedInteger('count')->default(1);
            $table->index(['kind', 'form']);
        });
        Schema::create('backing_cuts', static function (Blueprint $table): void {
            $table->foreignId('batch_id')->primary()->constrained()->cascadeOnDelete();
            $table->string('who', 40);
            $table->unsignedInteger('pieces');
            $table->dateTime('cut_at');
        });
        // What was found once for a garment, size and place.
        Schema::create('kept_places', static function (Blueprint $table): void {
            $table->id();
            $table->string('garment', 80);
            $table->string('position', 24);
            $table->string('size', 4);
            $table->string('peg', 12)->default('');
            $table->double('down_mm')->nullable();
            $table->double('across_mm')->nullable();
            $table->string('who', 40)->default('');
            $table->dateTime('kept_at');
            $table->unique(['garment', 'position', 'size']);
        });
        Schema::table('setups', static function (Blueprint $table): void {
            // What was chosen against the advice: about, advised, chosen, why
            $table->json('departures')->nullable();
            // The steps as they held when it was set up: code and words
            $table->json('steps')->nullable();
            // size => where the design goes on it, in few words
            $table->json('places')->nullable();
        });
        DB::table('setups')
            ->where('override_reason', '!=', '')
            ->update([
                'departures' => DB::raw(
                    "json_array(json_object('about', 'frame', 'advised', '', 'chosen', '', 'why', override_reason))",
                ),
            ]);
        Schema::table('setups', static function (Blueprint $table): void {
            $table->dropColumn('override_reason');
        });
        Schema::table('floor_events', static function (Blueprint $table): void {
            $table->string('who', 40)->default('');
        });
        // Which steps a person confirmed with an event of the floor.
        Schema::create('step_confirmations', static function (Blueprint $table): void {
            $table->uuid('event_id');
            $table->foreignId('batch_id')->constrained()->cascadeOnDelete();
            $table->string('code', 40);
            $table->string('who', 40);
            $table->dateTime('confirmed_at');
            $table->primary(['event_id', 'code']);
            $table->index('batch_id');
        });
        // The practice book: who has sewn which material in which kind of frame, and how often it came out.
        Schema::create('practices', static function (Blueprint $table): void {
            $table->id();
            $table->string('fabric', 24);
            $table->string('frame_kind', 16)->default('');
            $table->string('who', 40);
            $table->boolean('on_scrap');
            $table->unsignedInteger('came_out')->default(0);
            $table->unsignedInteger('failed')->default(0);
            $table->string('remark', 200)->default('');
            $table->dateTime('last_at');
            $table->unique(['fabric', 'frame_kind', 'who', 'on_scrap']);
        });
    }

    public function down(): void
    {
        foreach (
            ['practices', 'step_confirmations', 'kept_places', 'backing_cuts', 'backing_stocks', 'people'] as $table
        ) {
            Schema::dropIfExists($table);
        }
        Schema::table('floor_events', static fn(Blueprint $table) => $table->dropColumn('who'));
        Schema::table('setups', static function (Blueprint $table): void {
            $table->string('override_reason', 200)->default('');
            $table->dropColumn(['departures', 'steps', 'places']);
        });
        Schema::table(
            'machines',
            static fn(Blueprint $table) => $table->dropColumn(['arm_width_mm', 'gap_mm', 'turns_caps', 'driver_min']),
        );
        Schema::table('frames', static fn(Blueprint $table) => $table->dropColumn(['holes', 'label']));
        Schema::table('order_lines', static function (Blueprint $table): void {
            $table->dropConstrainedForeignId('garment_style_id');
            $table->dropColumn(['unit_value_cents', 'spares']);
        });
        Schema::dropIfExists('garment_styles');
    }
};
