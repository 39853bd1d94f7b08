<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('presses', static function (Blueprint $table): void {
            $table->char('id', 64)->primary();
            $table->string('led_to', 2000)->nullable();
            $table->timestamp('pressed_at')->index();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('presses');
    }
};
