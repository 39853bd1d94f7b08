<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('projects', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('office_id')->constrained();
            $table->string('name');
            $table->string('address')->nullable();
            $table->timestamps();
        });
        Schema::create('schemes', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('project_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->timestamps();
        });
        Schema::create('revisions', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('scheme_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->longText('layout');
            $table->json('books');
            $table->json('counts');
            $table->foreignId('submitted_by')->constrained('users');
            $table->timestamps();
            $table->unique(['scheme_id', 'number']);
        });
    }

    public function down(): void
    {
        foreach (['revisions', 'schemes', 'projects'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
