<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // A shop of an earlier version has them; the migration before this one brought them up to date.
        if (Schema::hasTable('customers')) {
            return;
        }
        Schema::create('customers', static function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120)->unique();
        });

        Schema::create('orders', static function (Blueprint $table): void {
            $table->id();
            $table->unsignedInteger('number')->unique();
            $table->foreignId('customer_id')->constrained();
            $table->dateTime('received_at');
            $table->dateTime('due_at')->index();
            $table->string('note', 500)->default('');
        });

        Schema::create('order_lines', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('order_id')->constrained()->cascadeOnDelete();
            $table->string('garment', 24);
            $table->string('fabric', 24);
            $table->string('structure', 16)->default('none');
            $table->string('profile', 8)->default('none');
            $table->string('style', 80)->default('');
            $table->string('colour_name', 40);
            $table->char('colour_hex', 7);
            $table->foreignId('garment_style_id')->nullable()->constrained();
            $table->unsignedInteger('unit_value_cents')->nullable();
            $table->unsignedSmallInteger('spares')->default(0);
        });

        Schema::create('decorations', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('order_line_id')->constrained()->cascadeOnDelete();
            $table->foreignId('artwork_id')->nullable()->constrained();
            $table->string('position', 24);
            // Pieces that are run apart from the others of their decoration: one of its own, that says which it is of.
            $table->foreignId('split_from_id')->nullable()->constrained('decorations')->cascadeOnDelete();
        });

        Schema::create('setups', static function (Blueprint $table): void {
            $table->foreignId('decoration_id')->primary()->constrained()->cascadeOnDelete();
            $table->foreignId('frame_id')->constrained();
            $table->unsignedSmallInteger('turn_deg');
            $table->string('backing', 16);
            $table->unsignedTinyInteger('layers');
            $table->boolean('adhesive');
            $table->boolean('topper');
            $table->string('needle_size', 8);
            $table->string('needle_point', 16);
            $table->unsignedSmallInteger('speed_spm');
            $table->unsignedSmallInteger('hoop_s');
            // machine id => seconds a load sews there; only machines that can
            $table->json('sew_s');
            // What was chosen against the advice: about, advised, chosen, why
            $table->json('departures')->nullable();
            // The steps as they held when it was set up: code and words
            $table->json('steps')->nullable();
            // size => where the design goes on it, in few words
            $table->json('placements')->nullable();
        });

        Schema::create('batches', static function (Blueprint $table): void {
            $table->id();
            $table->string('code', 16)->unique();
            $table->foreignId('decoration_id')->unique()->constrained()->cascadeOnDelete();
            $table->foreignId('machine_id')->nullable()->constrained();
            // In the queue of its machine, from 0.
            $table->unsignedInteger('rank')->nullable();
            $table->dateTime('fixed_at')->nullable();
            $table->index(['machine_id', 'rank']);
        });

        Schema::create('pieces', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('order_id')->constrained()->cascadeOnDelete();
            $table->foreignId('decoration_id')->constrained()->cascadeOnDelete();
            $table->string('size', 4);
            $table->unsignedSmallInteger('number');
            // What the events of the floor come to for this piece; floor:recount works it out anew.
            $table->enum('state', ['waiting', 'sewing', 'done'])->default('waiting');
            $table->index(['state', 'decoration_id']);
            $table->index(['order_id', 'state']);
        });

        Schema::create('backing_cuts', static function (Blueprint $table): void {
            $table->foreignId('batch_id')->primary()->constrained()->cascadeOnDelete();
            $table->string('who', 40);
            $table->unsignedInteger('pieces');
            $table->dateTime('cut_at');
        });

        // What was found once for a garment, size and position.
        Schema::create('kept_placements', static function (Blueprint $table): void {
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
            [
                'practices',
                'kept_placements',
                'backing_cuts',
                'pieces',
                'batches',
                'setups',
                'decorations',
                'order_lines',
                'orders',
                'customers',
            ] as $table
        ) {
            Schema::dropIfExists($table);
        }
    }
};
