<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('scheme_edits', static function (Blueprint $table): void {
            $table->string('sent_as', 40)->nullable();
            $table->unique(['scheme_id', 'sent_as']);
        });
    }

    public function down(): void
    {
        // the foreign key needs an index of its own before this one goes
        Schema::table('scheme_edits', static function (Blueprint $table): void {
            $table->index('scheme_id');
            $table->dropUnique(['scheme_id', 'sent_as']);
            $table->dropColumn('sent_as');
        });
    }
};
