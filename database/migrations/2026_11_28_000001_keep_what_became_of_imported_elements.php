<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // null: it did not come from a building model
        Schema::table('schemes', static fn(Blueprint $table) => $table->mediumText('imported')->nullable());
    }

    public function down(): void
    {
        Schema::table('schemes', static fn(Blueprint $table) => $table->dropColumn('imported'));
    }
};
