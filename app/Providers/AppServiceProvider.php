<?php

declare(strict_types=1);

namespace App\Providers;

use App\Mail\OutboxTransport;
use App\Rules\KeptBookReader;
use Heurema\Measure\Catalogue;
use Heurema\Rulebook\Shelf;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(Catalogue::class, static fn(): Catalogue => Catalogue::standard());
        $this->app->singleton(Shelf::class, fn(): Shelf => new Shelf(base_path('core/rulebooks'), $this->app->make(KeptBookReader::class, ['folder' => storage_path('framework/cache/books')])));
    }

    public function boot(): void
    {
        Mail::extend('outbox', static fn(): OutboxTransport => new OutboxTransport());
        Model::shouldBeStrict(!$this->app->isProduction());
        RateLimiter::for('invitations', static fn(Request $request): Limit => Limit::perMinute(20)->by((string) $request->ip()));
        RateLimiter::for('sign-in', static fn(Request $request): Limit => Limit::perMinute(10)->by($request->string('email')->lower()->value().'|'.$request->ip()));
    }
}
