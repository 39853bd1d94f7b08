<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('pending_pages', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('scheme_id')->constrained()->cascadeOnDelete();
            $table->string('storey', 40);
            $table->string('file');
            $table->unsignedSmallInteger('number');
            $table->string('refused')->nullable();
            $table->timestamps();
            $table->unique(['scheme_id', 'storey']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('pending_pages');
    }
};
