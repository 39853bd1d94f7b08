<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        foreach (['users', 'offices'] as $table) {
            Schema::table($table, static fn(Blueprint $table) => $table->timestamp('removed_at')->nullable()->index());
        }
    }

    public function down(): void
    {
        foreach (['users', 'offices'] as $table) {
            Schema::table($table, static fn(Blueprint $table) => $table->dropColumn('removed_at'));
        }
    }
};
