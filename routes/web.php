<?php

declare(strict_types=1);

use App\Http\Controllers\AccountController;
use App\Http\Controllers\AccountLookController;
use App\Http\Controllers\AccountPasswordController;
use App\Http\Controllers\AccountSessionController;
use App\Http\Controllers\AccountTokenController;
use App\Http\Controllers\ActController;
use App\Http\Controllers\BasisController;
use App\Http\Controllers\BoardController;
use App\Http\Controllers\BriefController;
use App\Http\Controllers\CodeController;
use App\Http\Controllers\CompareController;
use App\Http\Controllers\DeskController;
use App\Http\Controllers\DimensionStyleController;
use App\Http\Controllers\DrawingController;
use App\Http\Controllers\ElementController;
use App\Http\Controllers\ElevationController;
use App\Http\Controllers\ExaminationController;
use App\Http\Controllers\ExampleHomeController;
use App\Http\Controllers\FixtureController;
use App\Http\Controllers\GuideController;
use App\Http\Controllers\HelpController;
use App\Http\Controllers\InvitationController;
use App\Http\Controllers\IssueAnswerController;
use App\Http\Controllers\JoinController;
use App\Http\Controllers\KitchenController;
use App\Http\Controllers\KitchenScheduleController;
use App\Http\Controllers\LayoutFileController;
use App\Http\Controllers\LengthController;
use App\Http\Controllers\LetterController;
use App\Http\Controllers\LetterItemController;
use App\Http\Controllers\MeasureController;
use App\Http\Controllers\OfficeController;
use App\Http\Controllers\OfficePaperController;
use App\Http\Controllers\OutboxController;
use App\Http\Controllers\PasswordController;
use App\Http\Controllers\PasswordLinkController;
use App\Http\Controllers\PendingPageController;
use App\Http\Controllers\PeopleController;
use App\Http\Controllers\PickedSchemeController;
use App\Http\Controllers\PictureBeneathController;
use App\Http\Controllers\ProjectArchiveController;
use App\Http\Controllers\ProjectController;
use App\Http\Controllers\RedoController;
use App\Http\Controllers\RemarkController;
use App\Http\Controllers\ReviewBooksController;
use App\Http\Controllers\ReviewController;
use App\Http\Controllers\RevisionController;
use App\Http\Controllers\RoomUseController;
use App\Http\Controllers\RoundController;
use App\Http\Controllers\RuleBookController;
use App\Http\Controllers\RulingController;
use App\Http\Controllers\ScheduleController;
use App\Http\Controllers\SchemeController;
use App\Http\Controllers\SchemeFileController;
use App\Http\Controllers\SearchController;
use App\Http\Controllers\SeatController;
use App\Http\Controllers\SecondStepController;
use App\Http\Controllers\SecondStepPolicyController;
use App\Http\Controllers\SentLetterController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\SheetController;
use App\Http\Controllers\SheetSetController;
use App\Http\Controllers\SignOffController;
use App\Http\Controllers\StairController;
use App\Http\Controllers\StatementController;
use App\Http\Controllers\SunController;
use App\Http\Controllers\SurveyController;
use App\Http\Controllers\TrialController;
use App\Http\Controllers\UndoController;
use App\Http\Controllers\WishController;
use App\Http\Middleware\DoneOnce;
use App\Http\Middleware\HoldsSeat;
use App\Models\Project;
use App\Models\User;
use Illuminate\Support\Facades\Route;

Route::middleware('guest')->group(static function (): void {
    Route::get('/sign-in', [SessionController::class, 'create'])->name('sign-in');
    Route::get('/invitations/{token}', [JoinController::class, 'show'])->middleware('throttle:invitations')->name('invitations.show');
    Route::post('/invitations/{token}', [JoinController::class, 'store'])->middleware('throttle:invitations')->name('invitations.accept');
    Route::get('/password', [PasswordLinkController::class, 'create'])->name('password.ask');
    Route::post('/password', [PasswordLinkController::class, 'store'])->middleware('throttle:invitations')->name('password.send');
    Route::get('/password/{token}', [PasswordController::class, 'edit'])->name('password.reset');
    Route::put('/password', [PasswordController::class, 'update'])->middleware('throttle:invitations')->name('password.store');
    Route::post('/sign-in', [SessionController::class, 'store'])->middleware('throttle:sign-in');
    Route::get('/sign-in/code', [CodeController::class, 'create'])->name('sign-in.code');
    Route::post('/sign-in/code', [CodeController::class, 'store'])->middleware('throttle:codes')->name('sign-in.take-code');
});

Route::middleware(['auth', 'auth.session', HoldsSeat::class])->group(static function (): void {
    Route::post('/sign-out', [SessionController::class, 'destroy'])->name('sign-out');
    Route::get('/account', [AccountController::class, 'show'])->name('account');
    Route::put('/account/look', [AccountLookController::class, 'update'])->name('account.look');
    Route::put('/account/password', [AccountPasswordController::class, 'update'])->middleware('throttle:codes')->name('account.password');
    Route::delete('/account/sessions', [AccountSessionController::class, 'destroyOthers'])->name('account.sessions.end-others');
    Route::delete('/account/sessions/{session}', [AccountSessionController::class, 'destroy'])->name('account.sessions.end');
    Route::post('/account/tokens', [AccountTokenController::class, 'store'])->middleware('throttle:codes')->name('account.tokens.make');
    Route::delete('/account/tokens/{token}', [AccountTokenController::class, 'destroy'])->name('account.tokens.withdraw');
    Route::post('/account/codes', [SecondStepController::class, 'store'])->name('account.codes.begin');
    Route::put('/account/codes', [SecondStepController::class, 'update'])->middleware('throttle:codes')->name('account.codes.confirm');
    Route::delete('/account/codes', [SecondStepController::class, 'destroy'])->middleware('throttle:codes')->name('account.codes.drop');
    Route::get('/', DeskController::class)->name('desk');
    Route::post('/projects', [ProjectController::class, 'store'])
        ->can('create', Project::class)
        ->middleware(DoneOnce::class)
        ->name('projects.store');
    Route::post('/archives', [ProjectArchiveController::class, 'store'])
        ->can('takeIn', Project::class)
        ->middleware(DoneOnce::class)
        ->name('archives.store');
    Route::post('/drawings', [DrawingController::class, 'store'])
        ->can('create', Project::class)
        ->middleware(DoneOnce::class)
        ->name('drawings.store');
    Route::prefix('/schemes/{scheme}')->can('update', 'scheme')->group(static function (): void {
        Route::get('/board', BoardController::class)->name('board');
        Route::get('/elements', [ElementController::class, 'index'])->name('board.elements');
        Route::get('/fixtures', [FixtureController::class, 'index'])->name('board.fixtures');
        Route::post('/acts/{act}', [ActController::class, 'store'])->name('board.act');
        Route::post('/trials/{act}', [TrialController::class, 'store'])->name('board.trial');
        Route::post('/dimensions', [DimensionStyleController::class, 'update'])->name('board.dimension');
        Route::get('/stairs/{stair}', [StairController::class, 'edit'])->name('board.stair');
        Route::post('/stairs/{stair}', [StairController::class, 'update'])->name('board.stair.change');
        Route::get('/sheet', SheetController::class)->name('board.sheet');
        Route::get('/sheets', [SheetSetController::class, 'index'])->name('board.sheets');
        Route::post('/sheets', [SheetSetController::class, 'store'])->name('board.sheets.add');
        Route::get('/sheets/all.pdf', [SheetSetController::class, 'pdf'])->name('board.sheets.pdf');
        Route::put('/sheets/fields', [SheetSetController::class, 'fields'])->name('board.sheets.fields');
        Route::get('/sheets/{number}.svg', [SheetSetController::class, 'show'])->whereNumber('number')->name('board.sheets.drawing');
        Route::put('/sheets/{number}', [SheetSetController::class, 'update'])->whereNumber('number')->name('board.sheets.change');
        Route::delete('/sheets/{number}', [SheetSetController::class, 'destroy'])->whereNumber('number')->name('board.sheets.drop');
        Route::get('/elevations', [ElevationController::class, 'scheme'])->name('board.elevations');
        Route::get('/round', [RoundController::class, 'scheme'])->name('board.round');
        Route::get('/round/facts', [RoundController::class, 'schemeFacts'])->name('board.round.facts');
        Route::get('/round.svg', [RoundController::class, 'schemeDrawing'])->name('board.round.drawing');
        Route::get('/kitchen', [KitchenController::class, 'show'])->name('board.kitchen');
        Route::get('/kitchen/schedule', [KitchenScheduleController::class, 'scheme'])->name('board.kitchen.schedule');
        Route::post('/kitchen', [KitchenController::class, 'store'])->middleware(DoneOnce::class)->name('board.kitchen.build');
        Route::get('/survey', SurveyController::class)->name('board.survey');
        Route::get('/file', [SchemeFileController::class, 'show'])->name('board.file');
        Route::post('/file', [SchemeFileController::class, 'store'])->middleware(DoneOnce::class)->name('board.file.take');
        Route::post('/issues', [IssueAnswerController::class, 'store'])->name('board.issues');
        Route::put('/uses', [RoomUseController::class, 'update'])->name('board.uses');
        Route::get('/home.{format}', [LayoutFileController::class, 'scheme'])->name('board.home');
        Route::post('/pictures', [PictureBeneathController::class, 'store'])->name('board.pictures');
        Route::get('/pages/{page}', [PendingPageController::class, 'show'])->whereNumber('page')->name('board.page');
        Route::scopeBindings()->group(static function (): void {
            Route::get('/pictures/{picture}', [PictureBeneathController::class, 'show'])->name('board.picture');
            Route::post('/pictures/{picture}', [PictureBeneathController::class, 'update']);
            Route::delete('/pictures/{picture}', [PictureBeneathController::class, 'destroy']);
            Route::delete('/pages/{page}', [PendingPageController::class, 'destroy']);
        });
        Route::post('/answers', [LetterItemController::class, 'update'])->name('board.answer');
        Route::get('/letter/{number}/edit', [LetterItemController::class, 'show'])->whereNumber('number')->name('board.settled-by');
        Route::put('/basis', [BasisController::class, 'update'])->name('board.basis');
        Route::post('/undo', [UndoController::class, 'store'])->name('board.undo');
        Route::post('/redo', [RedoController::class, 'store'])->name('board.redo');
        Route::post('/copies', [SchemeController::class, 'store'])->middleware(DoneOnce::class)->name('schemes.copy');
        Route::post('/revisions', [RevisionController::class, 'store'])->name('board.submit');
    });
    Route::get('/people', [PeopleController::class, 'index'])->name('people');
    Route::post('/people', [InvitationController::class, 'store'])
        ->can('invite', User::class)
        ->middleware(DoneOnce::class)
        ->name('people.invite');
    Route::put('/people/codes', [SecondStepPolicyController::class, 'update'])->can('invite', User::class)->name('people.codes');
    Route::delete(
        '/people/invitations/{invitation}',
        [InvitationController::class, 'destroy'],
    )->can('invite', User::class)->name('people.withdraw');
    Route::put('/people/paper', [OfficePaperController::class, 'update'])->can('invite', User::class)->name('people.paper');
    Route::delete('/people/office', [OfficeController::class, 'destroy'])->can('invite', User::class)->name('people.office.remove');
    Route::post('/people/office', [OfficeController::class, 'restore'])->can('invite', User::class)->name('people.office.return');
    Route::delete('/people/{person}', [PeopleController::class, 'destroy'])->can('delete', 'person')->name('people.remove');
    Route::put('/people/{person}/seat', [SeatController::class, 'update'])->can('update', 'person')->name('people.seat');
    Route::put('/people/{person}', [PeopleController::class, 'update'])->can('update', 'person')->name('people.change');
    Route::get('/outbox', [OutboxController::class, 'index'])->can('invite', User::class)->name('outbox');
    Route::get('/lengths', LengthController::class)->name('lengths');
    Route::get('/sun', SunController::class)->name('sun');
    Route::get('/help', [HelpController::class, 'index'])->name('help');
    Route::get('/help/{page}', [HelpController::class, 'show'])->name('help.page');
    Route::get('/example.json', ExampleHomeController::class)->name('example');
    Route::get('/search', [SearchController::class, 'index'])->name('search');
    Route::post('/guide', [GuideController::class, 'store'])
        ->can('create', Project::class)
        ->middleware(DoneOnce::class)
        ->name('guide.begin');
    Route::delete('/projects/{project}/guide', [GuideController::class, 'destroy'])->can('update', 'project')->name('guide.end');
    Route::get('/examination', [ExaminationController::class, 'show'])->name('examination');
    Route::post('/examination', [ExaminationController::class, 'store'])->can('invite', User::class)->name('examination.start');
    Route::get('/measures', [MeasureController::class, 'index'])->name('measures');
    Route::get('/rule-books', [RuleBookController::class, 'index'])->name('rule-books');
    Route::get('/rule-books/{book}', [RuleBookController::class, 'show'])->name('rule-book');
    Route::prefix('/revisions/{revision}')->can('update', 'revision')->group(static function (): void {
        Route::post('/books', [ReviewBooksController::class, 'update'])->name('review.books');
        Route::post('/rulings', [RulingController::class, 'store'])->name('review.rulings');
        Route::delete('/rulings', [RulingController::class, 'destroy'])->name('review.rulings.undo');
        Route::post('/statements', [StatementController::class, 'store'])->name('review.statements');
        Route::scopeBindings()->delete(
            '/statements/{statement}',
            [StatementController::class, 'destroy'],
        )->name('review.statements.take-back');
        Route::post('/remarks', [RemarkController::class, 'store'])->name('review.remarks');
        Route::scopeBindings()->put('/remarks/{remark}', [RemarkController::class, 'update'])->name('review.remarks.write');
        Route::scopeBindings()->delete('/remarks/{remark}', [RemarkController::class, 'destroy'])->name('review.remarks.drop');
        Route::post('/letter', [LetterController::class, 'store'])->name('review.letter.send');
        Route::post('/sign-off', [SignOffController::class, 'store'])->name('review.sign-off');
    });
    Route::get('/revisions/{revision}/home.{format}', [LayoutFileController::class, 'revision'])
        ->can('view', 'revision')
        ->name('review.home');
    Route::get('/revisions/{revision}/schedules/{kind}', ScheduleController::class)->can('view', 'revision')->name('review.schedule');
    Route::prefix('/revisions/{revision}/letter')->can('view', 'revision')->group(static function (): void {
        Route::get('/', [LetterController::class, 'show'])->name('review.letter');
        Route::get('/paper', [LetterController::class, 'paper'])->name('review.letter.paper');
        Route::get('/{format}', [LetterController::class, 'file'])->name('review.letter.file');
    });
    Route::get('/letters/{letter}', [SentLetterController::class, 'show'])->can('view', 'letter')->name('letters.show');
    Route::get('/letters/{letter}/pdf', [SentLetterController::class, 'pdf'])->can('view', 'letter')->name('letters.pdf');
    Route::get('/projects/{project}/brief', [BriefController::class, 'edit'])->can('view', 'project')->name('brief');
    Route::get('/projects/{project}/brief/wish', [WishController::class, 'show'])->can('view', 'project')->name('brief.wish');
    Route::get('/projects/{project}/brief/wish/new', [WishController::class, 'create'])->can('view', 'project')->name('brief.wish.new');
    Route::put('/projects/{project}/brief', [BriefController::class, 'update'])->can('update', 'project')->name('brief.update');
    Route::get('/projects/{project}/archive', [ProjectArchiveController::class, 'show'])->can('view', 'project')->name('project.archive');
    Route::get('/projects/{project}', [ProjectController::class, 'show'])->can('view', 'project')->name('project');
    Route::put('/projects/{project}', [ProjectController::class, 'update'])->can('update', 'project')->name('project.update');
    Route::delete('/projects/{project}', [ProjectController::class, 'destroy'])->can('delete', 'project')->name('project.remove');
    Route::post('/projects/{project}/return', [ProjectController::class, 'restore'])
        ->withTrashed()
        ->can('restore', 'project')
        ->name('project.return');
    Route::post('/projects/{project}/pick', [PickedSchemeController::class, 'store'])->can('update', 'project')->name('projects.pick');
    Route::get('/compare', CompareController::class)->name('compare');
    Route::get('/revisions/{revision}/elevations', [ElevationController::class, 'revision'])
        ->can('view', 'revision')
        ->name('review.elevations');
    Route::get('/revisions/{revision}/round', [RoundController::class, 'revision'])->can('view', 'revision')->name('review.round');
    Route::get('/revisions/{revision}/round.svg', [RoundController::class, 'revisionDrawing'])
        ->can('view', 'revision')
        ->name('review.round.drawing');
    Route::get('/revisions/{revision}/round/facts', [RoundController::class, 'revisionFacts'])
        ->can('view', 'revision')
        ->name('review.round.facts');
    Route::get('/revisions/{revision}/kitchen', [KitchenScheduleController::class, 'revision'])
        ->can('view', 'revision')
        ->name('review.kitchen');
    Route::get('/revisions/{revision}/stairs/{stair}', [StairController::class, 'show'])->can('view', 'revision')->name('review.stair');
    Route::get('/revisions/{revision}', ReviewController::class)->can('view', 'revision')->name('review');
});
