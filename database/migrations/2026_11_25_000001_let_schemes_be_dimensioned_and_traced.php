<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('schemes', static fn(Blueprint $table) => $table->json('dimensions')->nullable());
        Schema::create('underlays', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('scheme_id')->constrained()->cascadeOnDelete();
            $table->string('storey', 40);
            $table->string('file', 100);
            $table->unsignedInteger('width');
            $table->unsignedInteger('height');
            $table->double('x');
            $table->double('y');
            $table->double('mm_per_px');
            $table->double('angle');
            $table->timestamps();
            $table->unique(['scheme_id', 'storey']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('underlays');
        Schema::table('schemes', static fn(Blueprint $table) => $table->dropColumn('dimensions'));
    }
};
