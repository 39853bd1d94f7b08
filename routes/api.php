<?php

declare(strict_types=1);

use App\Http\Controllers\Api\BookController;
use App\Http\Controllers\Api\CheckController;
use App\Http\Controllers\Api\DescriptionController;
use App\Http\Controllers\Api\ProjectController;
use App\Http\Controllers\Api\RevisionController;
use App\Http\Controllers\LayoutFileController;
use App\Http\Middleware\HoldsToken;
use App\Models\Project;
use Illuminate\Support\Facades\Route;

Route::get('/openapi.json', DescriptionController::class)->middleware('throttle:api')->name('api.description');

Route::middleware(['auth:sanctum', 'throttle:api'])->group(static function (): void {
    Route::middleware(HoldsToken::class.':read')->group(static function (): void {
        Route::get('/books', [BookController::class, 'index'])->name('api.books');
        Route::post('/checks', [CheckController::class, 'store'])->middleware('throttle:api-work')->name('api.checks');
        Route::get('/projects', [ProjectController::class, 'index'])->name('api.projects');
        Route::get('/projects/{project}', [ProjectController::class, 'show'])->can('view', 'project')->name('api.project');
        Route::prefix('/revisions/{revision}')->can('view', 'revision')->group(static function (): void {
            Route::get('/', [RevisionController::class, 'show'])->name('api.revision');
            Route::get('/report', [RevisionController::class, 'report'])->name('api.report');
            Route::get('/schedules/{kind}', [RevisionController::class, 'schedule'])->name('api.schedule');
            Route::get('/home.{format}', [LayoutFileController::class, 'revision'])->middleware('throttle:api-work')->name('api.home');
        });
    });
    Route::middleware([HoldsToken::class.':hand-in', 'throttle:api-work'])->group(static function (): void {
        Route::post('/projects', [ProjectController::class, 'store'])->can('create', Project::class)->name('api.projects.store');
        Route::post(
            '/schemes/{scheme}/revisions',
            [RevisionController::class, 'store'],
        )->can('update', 'scheme')->name('api.revisions.store');
    });
});
