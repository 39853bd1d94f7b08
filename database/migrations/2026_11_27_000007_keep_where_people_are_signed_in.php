<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('sign_ins', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('address', 45)->nullable();
            $table->string('agent', 500)->nullable();
            $table->timestamp('seen_at')->index();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('sign_ins');
    }
};
