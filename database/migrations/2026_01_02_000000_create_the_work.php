<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('artworks', static function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120);
            $table->string('file_name', 255);
            $table->char('checksum', 64)->unique();
            $table->unsignedInteger('bytes');
            $table->dateTime('read_at')->nullable();
            $table->string('refused', 500)->nullable();
            $table->unsignedInteger('stitches')->default(0);
            $table->unsignedInteger('jumps')->default(0);
            $table->unsignedInteger('trims')->default(0);
            $table->unsignedInteger('changes')->default(0);
            $table->double('left_mm')->default(0);
            $table->double('right_mm')->default(0);
            $table->double('bottom_mm')->default(0);
            $table->double('top_mm')->default(0);
            $table->json('hull')->nullable();
            $table->json('lengths')->nullable();
            $table->json('densest')->nullable();
            $table->string('centre_out', 8)->default('unclear');
            $table->string('bottom_up', 8)->default('unclear');
            $table->json('findings')->nullable();
            $table->dateTime('created_at');
        });

        Schema::create('artwork_blocks', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('artwork_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('number');
            $table->unsignedInteger('stitches');
            $table->double('length_mm');
            $table->unsignedInteger('trims');
            $table->foreignId('thread_id')->nullable()->constrained();
            $table->unique(['artwork_id', 'number']);
        });

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
        });

        Schema::create('decorations', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('order_line_id')->constrained()->cascadeOnDelete();
            $table->foreignId('artwork_id')->nullable()->constrained();
            $table->string('position', 24);
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
            $table->string('override_reason', 200)->default('');
            // machine id => seconds a load sews there; only machines that can
            $table->json('sew_s');
        });

        Schema::create('batches', static function (Blueprint $table): void {
            $table->id();
            $table->string('code', 16)->unique();
            $table->foreignId('decoration_id')->unique()->constrained()->cascadeOnDelete();
            $table->foreignId('machine_id')->nullable()->constrained();
            $table->unsignedInteger('place')->nullable();
            $table->index(['machine_id', 'place']);
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

        // One number that every change of the plan raises: a move made on an older plan is seen as such.
        Schema::create('plans', static function (Blueprint $table): void {
            $table->id();
            $table->unsignedBigInteger('version')->default(1);
        });
    }

    public function down(): void
    {
        foreach (
            [
                'plans',
                'pieces',
                'batches',
                'setups',
                'decorations',
                'order_lines',
                'orders',
                'customers',
                'artwork_blocks',
                'artworks',
            ] as $table
        ) {
            Schema::dropIfExists($table);
        }
    }
};
