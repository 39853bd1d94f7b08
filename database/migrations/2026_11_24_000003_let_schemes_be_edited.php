<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('schemes', static function (Blueprint $table): void {
            $table->longText('layout')->nullable();
            $table->unsignedInteger('version')->default(1);
        });
        DB::statement(
            'UPDATE schemes SET layout = (SELECT layout FROM revisions WHERE scheme_id = schemes.id ORDER BY number DESC LIMIT 1)',
        );
        Schema::create('scheme_edits', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('scheme_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained();
            $table->string('words', 500);
            $table->longText('patch');
            $table->boolean('undone')->default(false);
            $table->timestamps();
            $table->index(['scheme_id', 'undone']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('scheme_edits');
        Schema::table('schemes', static fn(Blueprint $table) => $table->dropColumn(['layout', 'version']));
    }
};
