<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('done_jobs', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->timestamp('done_at')->index();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('done_jobs');
    }
};
