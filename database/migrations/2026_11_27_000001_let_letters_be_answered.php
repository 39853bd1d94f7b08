<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('schemes', static fn(Blueprint $table) => $table->longText('answers')->nullable());
        Schema::table('revisions', static fn(Blueprint $table) => $table->longText('answers')->nullable());
        Schema::table('remarks', static fn(Blueprint $table) => $table->boolean('in_letter')->default(false));
    }

    public function down(): void
    {
        Schema::table('remarks', static fn(Blueprint $table) => $table->dropColumn('in_letter'));
        Schema::table('revisions', static fn(Blueprint $table) => $table->dropColumn('answers'));
        Schema::table('schemes', static fn(Blueprint $table) => $table->dropColumn('answers'));
    }
};
