<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('revisions', static function (Blueprint $table): void {
            $table->string('state', 20)->default('submitted');
            $table->text('answer')->nullable();
        });
        Schema::create('rulings', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('revision_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained();
            $table->string('finding', 190);
            $table->string('kind', 20);
            $table->text('words')->nullable();
            $table->string('facts', 500);
            $table->ulid('batch')->index();
            $table->timestamps();
            $table->index(['revision_id', 'finding']);
        });
        Schema::create('statements', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('revision_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained();
            $table->string('element', 80);
            $table->string('key', 40);
            $table->string('typed', 200);
            $table->longText('patch');
            $table->timestamps();
        });
        Schema::create('remarks', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('revision_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained();
            $table->string('storey', 40);
            $table->double('x');
            $table->double('y');
            $table->string('words', 1000);
            $table->timestamps();
        });
        Schema::create('letters', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('revision_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained();
            $table->longText('html');
            $table->longText('content');
            $table->timestamps();
        });
        Schema::create('log_entries', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('project_id')->constrained()->cascadeOnDelete();
            $table->foreignId('revision_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('user_id')->constrained();
            $table->string('words', 500);
            $table->timestamps();
            $table->index(['project_id', 'id']);
        });
    }

    public function down(): void
    {
        foreach (['log_entries', 'letters', 'remarks', 'statements', 'rulings'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('revisions', static fn(Blueprint $table) => $table->dropColumn(['state', 'answer']));
    }
};
