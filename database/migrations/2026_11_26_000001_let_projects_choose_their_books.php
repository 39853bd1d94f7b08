<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('projects', static function (Blueprint $table): void {
            $table->json('books')->default('["us-irc-2021", "drawing"]');
            $table->json('settings')->default('[]');
        });
        Schema::table('revisions', static fn(Blueprint $table) => $table->json('settings')->default('[]'));
        // a project goes on with what its latest revision was held against
        foreach (DB::table('revisions')->join(
            'schemes',
            'schemes.id',
            '=',
            'revisions.scheme_id',
        )->orderBy('revisions.id')->get(['schemes.project_id', 'revisions.books']) as $revision) {
            DB::table('projects')->where('id', $revision->project_id)->update(['books' => $revision->books]);
        }
    }

    public function down(): void
    {
        Schema::table('revisions', static fn(Blueprint $table) => $table->dropColumn('settings'));
        Schema::table('projects', static fn(Blueprint $table) => $table->dropColumn(['books', 'settings']));
    }
};
