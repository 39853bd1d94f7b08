<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('scheme_edits', static fn(Blueprint $table) => $table->unsignedInteger('folded')->nullable());
    }

    public function down(): void
    {
        Schema::table('scheme_edits', static fn(Blueprint $table) => $table->dropColumn('folded'));
    }
};
