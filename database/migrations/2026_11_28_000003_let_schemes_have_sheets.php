<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('schemes', static fn(Blueprint $table) => $table->json('sheets')->nullable());
        Schema::table('offices', static function (Blueprint $table): void {
            $table->string('paper', 20)->nullable();
            $table->json('sheet_fields')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('offices', static fn(Blueprint $table) => $table->dropColumn(['paper', 'sheet_fields']));
        Schema::table('schemes', static fn(Blueprint $table) => $table->dropColumn('sheets'));
    }
};
