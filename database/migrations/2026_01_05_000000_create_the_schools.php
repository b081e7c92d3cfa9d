<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // Which school the shop follows where practitioners differ; what is not said here follows the first.
        Schema::create('house_schools', static function (Blueprint $table): void {
            $table->string('question', 32)->primary();
            $table->string('school', 32);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('house_schools');
    }
};
