<?php

declare(strict_types=1);

use App\Http\Controllers\BasisController;
use App\Http\Controllers\BoardController;
use App\Http\Controllers\BriefController;
use App\Http\Controllers\CompareController;
use App\Http\Controllers\DeskController;
use App\Http\Controllers\ExaminationController;
use App\Http\Controllers\LengthController;
use App\Http\Controllers\LetterController;
use App\Http\Controllers\PasswordController;
use App\Http\Controllers\PeopleController;
use App\Http\Controllers\ProjectController;
use App\Http\Controllers\ProjectPageController;
use App\Http\Controllers\ReviewController;
use App\Http\Controllers\RevisionController;
use App\Http\Controllers\RuleBookController;
use App\Http\Controllers\RulingController;
use App\Http\Controllers\ScheduleController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\SheetController;
use App\Http\Controllers\StairController;
use App\Http\Controllers\UnderlayController;
use App\Models\Project;
use App\Models\User;
use Illuminate\Support\Facades\Route;

Route::middleware('guest')->group(static function (): void {
    Route::get('/sign-in', [SessionController::class, 'create'])->name('sign-in');
    Route::get('/invitations/{token}', [PeopleController::class, 'show'])->middleware('throttle:invitations')->name('invitations.show');
    Route::post('/invitations/{token}', [PeopleController::class, 'accept'])->middleware('throttle:invitations')->name('invitations.accept');
    Route::get('/password', [PasswordController::class, 'ask'])->name('password.ask');
    Route::post('/password', [PasswordController::class, 'send'])->middleware('throttle:invitations')->name('password.send');
    Route::get('/password/{token}', [PasswordController::class, 'edit'])->name('password.reset');
    Route::put('/password', [PasswordController::class, 'store'])->middleware('throttle:invitations')->name('password.store');
    Route::post('/sign-in', [SessionController::class, 'store'])->middleware('throttle:sign-in');
});

Route::middleware('auth')->group(static function (): void {
    Route::post('/sign-out', [SessionController::class, 'destroy'])->name('sign-out');
    Route::get('/', DeskController::class)->name('desk');
    Route::post('/projects', [ProjectController::class, 'store'])->can('create', Project::class)->name('projects.store');
    Route::post('/drawings', [ProjectController::class, 'draw'])->can('create', Project::class)->name('drawings.store');
    Route::prefix('/schemes/{scheme}')->can('draw', 'scheme')->group(static function (): void {
        Route::get('/board', [BoardController::class, 'show'])->name('board');
        Route::get('/elements', [BoardController::class, 'elements'])->name('board.elements');
        Route::post('/acts/{act}', [BoardController::class, 'act'])->name('board.act');
        Route::post('/trials/{act}', [BoardController::class, 'try'])->name('board.trial');
        Route::post('/dimensions', [BoardController::class, 'dimension'])->name('board.dimension');
        Route::get('/stairs/{stair}', [StairController::class, 'design'])->name('board.stair');
        Route::post('/stairs/{stair}', [StairController::class, 'change'])->name('board.stair.change');
        Route::get('/sheet', SheetController::class)->name('board.sheet');
        Route::post('/underlays', [UnderlayController::class, 'store'])->name('board.underlays');
        Route::scopeBindings()->group(static function (): void {
            Route::get('/underlays/{underlay}', [UnderlayController::class, 'picture'])->name('board.underlay');
            Route::post('/underlays/{underlay}', [UnderlayController::class, 'place']);
            Route::delete('/underlays/{underlay}', [UnderlayController::class, 'destroy']);
        });
        Route::post('/answers', [BoardController::class, 'answer'])->name('board.answer');
        Route::get('/letter/{number}/edit', [BoardController::class, 'settledBy'])->whereNumber('number')->name('board.settled-by');
        Route::put('/basis', [BasisController::class, 'update'])->name('board.basis');
        Route::post('/undo', [BoardController::class, 'undo'])->name('board.undo');
        Route::post('/redo', [BoardController::class, 'redo'])->name('board.redo');
        Route::post('/copies', [CompareController::class, 'copy'])->name('schemes.copy');
        Route::post('/revisions', [RevisionController::class, 'store'])->name('board.submit');
    });
    Route::get('/people', [PeopleController::class, 'index'])->name('people');
    Route::post('/people', [PeopleController::class, 'invite'])->can('invite', User::class)->name('people.invite');
    Route::put('/people/{person}', [PeopleController::class, 'change'])->can('change', 'person')->name('people.change');
    Route::get('/outbox', [PeopleController::class, 'outbox'])->can('invite', User::class)->name('outbox');
    Route::get('/lengths', LengthController::class)->name('lengths');
    Route::get('/examination', [ExaminationController::class, 'show'])->name('examination');
    Route::post('/examination', [ExaminationController::class, 'store'])->can('invite', User::class)->name('examination.start');
    Route::get('/rule-books', [RuleBookController::class, 'index'])->name('rule-books');
    Route::get('/rule-books/{book}', [RuleBookController::class, 'show'])->name('rule-book');
    Route::prefix('/revisions/{revision}')->can('rule', 'revision')->group(static function (): void {
        Route::post('/books', [RuleBookController::class, 'choose'])->name('review.books');
        Route::post('/rulings', [RulingController::class, 'store'])->name('review.rulings');
        Route::delete('/rulings', [RulingController::class, 'undo'])->name('review.rulings.undo');
        Route::post('/statements', [RulingController::class, 'state'])->name('review.statements');
        Route::scopeBindings()->delete('/statements/{statement}', [RulingController::class, 'takeBack'])->name('review.statements.take-back');
        Route::post('/remarks', [RulingController::class, 'remark'])->name('review.remarks');
        Route::scopeBindings()->put('/remarks/{remark}', [RulingController::class, 'writeRemark'])->name('review.remarks.write');
        Route::scopeBindings()->delete('/remarks/{remark}', [RulingController::class, 'dropRemark'])->name('review.remarks.drop');
        Route::post('/letter', [LetterController::class, 'send'])->name('review.letter.send');
        Route::post('/sign-off', [RulingController::class, 'signOff'])->name('review.sign-off');
    });
    Route::get('/revisions/{revision}/schedules/{kind}', ScheduleController::class)->can('view', 'revision')->name('review.schedule');
    Route::prefix('/revisions/{revision}/letter')->can('view', 'revision')->group(static function (): void {
        Route::get('/', [LetterController::class, 'show'])->name('review.letter');
        Route::get('/paper', [LetterController::class, 'paper'])->name('review.letter.paper');
        Route::get('/{format}', [LetterController::class, 'file'])->name('review.letter.file');
    });
    Route::get('/letters/{letter}', [LetterController::class, 'sent'])->can('view', 'letter')->name('letters.show');
    Route::get('/letters/{letter}/pdf', [LetterController::class, 'sentPdf'])->can('view', 'letter')->name('letters.pdf');
    Route::get('/projects/{project}/brief', [BriefController::class, 'edit'])->can('view', 'project')->name('brief');
    Route::put('/projects/{project}/brief', [BriefController::class, 'update'])->can('view', 'project')->name('brief.update');
    Route::get('/projects/{project}', [ProjectPageController::class, 'show'])->can('view', 'project')->name('project');
    Route::put('/projects/{project}', [ProjectPageController::class, 'update'])->can('view', 'project')->name('project.update');
    Route::post('/projects/{project}/pick', [CompareController::class, 'pick'])->can('view', 'project')->name('projects.pick');
    Route::get('/compare', CompareController::class)->name('compare');
    Route::get('/revisions/{revision}/stairs/{stair}', [StairController::class, 'review'])->can('view', 'revision')->name('review.stair');
    Route::get('/revisions/{revision}', ReviewController::class)->can('view', 'revision')->name('review');
});
