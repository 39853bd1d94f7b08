<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // null: made when only the words were kept; heurema:rulings brings them over
        Schema::table('rulings', static fn(Blueprint $table) => $table->text('found')->nullable());
    }

    public function down(): void
    {
        Schema::table('rulings', static fn(Blueprint $table) => $table->dropColumn('found'));
    }
};
