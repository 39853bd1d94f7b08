<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('users', static function (Blueprint $table): void {
            $table->timestamp('disabled_at')->nullable();
            $table->text('code_secret')->nullable();
            $table->timestamp('code_confirmed_at')->nullable();
            $table->unsignedBigInteger('code_step')->nullable();
            $table->text('spare_codes')->nullable();
        });
        Schema::table('offices', static fn(Blueprint $table) => $table->boolean('wants_codes')->default(false));
        Schema::create('office_entries', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('office_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->string('words', 500);
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('office_entries');
        Schema::table('offices', static fn(Blueprint $table) => $table->dropColumn('wants_codes'));
        Schema::table(
            'users',
            static fn(Blueprint $table) => $table->dropColumn([
                'disabled_at', 'code_secret', 'code_confirmed_at', 'code_step', 'spare_codes',
            ]),
        );
    }
};
