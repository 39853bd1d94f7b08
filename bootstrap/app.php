<?php

declare(strict_types=1);

use App\Actions\StaleScheme;
use App\Files\UnwrittenFile;
use App\Http\ApiFault;
use App\Http\Controllers\HealthController;
use App\Http\Middleware\KeepsFlash;
use App\Http\Middleware\PlainInput;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\SpeaksLanguage;
use App\Http\Middleware\TellsOfRequest;
use App\Http\Unavailable;
use App\Intake\UnreadableHomeFile;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Schema\UnreadableLayout;
use Heurema\Rulebook\UnreadableRuleBook;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Route;
use Illuminate\View\ViewException;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        api: __DIR__.'/../routes/api.php',
        apiPrefix: 'api/v1',
        commands: __DIR__.'/../routes/console.php',
        then: static fn() => Route::get('/up', HealthController::class)->name('up'),
    )
    ->withMiddleware(static function (Middleware $middleware): void {
        $middleware->prepend(TellsOfRequest::class);
        $middleware->append([SecurityHeaders::class, PlainInput::class]);
        $middleware->web(append: [KeepsFlash::class, SpeaksLanguage::class]);
        $middleware->trustHosts();
        $middleware->redirectGuestsTo('/sign-in');
        $middleware->redirectUsersTo('/');
    })
    ->withExceptions(static function (Exceptions $exceptions): void {
        $exceptions->dontReport(UnreadableRuleBook::class);
        $exceptions->dontReport([UnreadableHomeFile::class, RefusedEdit::class, StaleScheme::class]);
        $exceptions->shouldRenderJsonWhen(
            static fn(Request $request): bool => ApiFault::concerns($request) || $request->expectsJson(),
        );
        $exceptions->render(static fn(Throwable $e, Request $request): ?JsonResponse => ApiFault::answer($e, $request));
        $exceptions->render(static fn(Throwable $e): ?Response => Unavailable::answer($e));
        $exceptions->render(
            static fn(UnreadableRuleBook $e): Response => response()->view('unreadable-book', ['reason' => $e->getMessage()], 503),
        );
        $exceptions->render(
            static fn(UnreadableLayout $e): Response => response()->view('unreadable-home', ['reason' => $e->getMessage()], 503),
        );
        $exceptions->render(
            static fn(UnwrittenFile $e): Response => response($e->getMessage(), 507, ['Content-Type' => 'text/plain; charset=UTF-8']),
        );
        // Blade wraps what is thrown while a page is drawn
        $exceptions->map(
            ViewException::class,
            static fn(ViewException $e): Throwable => $e->getPrevious() instanceof UnreadableLayout
                || $e->getPrevious() instanceof UnreadableRuleBook
                ? $e->getPrevious()
                : $e,
        );
    })
    ->create();
