<?php

declare(strict_types=1);

use Heurema\Rulebook\UnreadableRuleBook;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Response;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        health: '/up',
    )
    ->withMiddleware(static function (Middleware $middleware): void {
        $middleware->redirectGuestsTo('/sign-in');
        $middleware->redirectUsersTo('/');
    })
    ->withExceptions(static function (Exceptions $exceptions): void {
        $exceptions->dontReport(UnreadableRuleBook::class);
        $exceptions->render(static fn(UnreadableRuleBook $e): Response => response()->view('unreadable-book', ['reason' => $e->getMessage()], 503));
    })
    ->create();
