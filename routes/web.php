<?php

declare(strict_types=1);

use App\Http\Controllers\DeskController;
use App\Http\Controllers\ProjectController;
use App\Http\Controllers\ReviewController;
use App\Http\Controllers\SessionController;
use App\Models\Project;
use Illuminate\Support\Facades\Route;

Route::middleware('guest')->group(static function (): void {
    Route::get('/sign-in', [SessionController::class, 'create'])->name('sign-in');
    Route::post('/sign-in', [SessionController::class, 'store'])->middleware('throttle:sign-in');
});

Route::middleware('auth')->group(static function (): void {
    Route::post('/sign-out', [SessionController::class, 'destroy'])->name('sign-out');
    Route::get('/', DeskController::class)->name('desk');
    Route::post('/projects', [ProjectController::class, 'store'])->can('create', Project::class)->name('projects.store');
    Route::get('/revisions/{revision}', ReviewController::class)->can('view', 'revision')->name('review');
});
