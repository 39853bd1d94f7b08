<?php

declare(strict_types=1);

namespace App\Providers;

use App\Examination\KeptBookReader;
use App\Mail\OutboxTransport;
use App\Security\Sessions;
use App\Translation\TranslatedBlade;
use Heurema\Language\Language;
use Heurema\Language\Text;
use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Measure\SubjectMeasure;
use Heurema\Rulebook\RuleBookLibrary;
use Heurema\Spatial\Subject\Subject;
use Illuminate\Auth\Events\Login;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Events\LocaleUpdated;
use Illuminate\Http\Middleware\TrustHosts;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;
use Illuminate\Support\Str;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        /** @var array<string, class-string<SubjectMeasure<covariant Subject>>> $measures as the configuration found them */
        $measures = config()->array('rules.measures');
        Catalogue::remember($measures);
        $this->app->singleton('blade.compiler', static fn(Application $app): TranslatedBlade => new TranslatedBlade(
            $app->make('files'),
            config()->string('view.compiled'),
        ));
        $this->app->singleton(Catalogue::class, static fn(): Catalogue => Catalogue::standard());
        $this->app->singleton(
            RuleBookLibrary::class,
            fn(): RuleBookLibrary => new RuleBookLibrary(
                base_path('core/rulebooks'),
                $this->app->make(
                    KeptBookReader::class,
                    ['folder' => storage_path('framework/cache/books'), 'code' => config()->string('rules.code')],
                ),
            ),
        );
    }

    public function boot(): void
    {
        Event::listen(static fn(Login $login) => app(Sessions::class)->begin($login));
        Text::speak(Language::from($this->app->getLocale()));
        Event::listen(static fn(LocaleUpdated $updated) => Text::speak(Language::from($updated->locale)));
        Mail::extend('outbox', static fn(): OutboxTransport => new OutboxTransport());
        Model::shouldBeStrict(!$this->app->isProduction());
        RateLimiter::for('invitations', static fn(Request $request): Limit => Limit::perMinute(20)->by((string) $request->ip()));
        RateLimiter::for('codes', static fn(Request $request): Limit => Limit::perMinute(10)->by(
            'codes '.json_encode($request->user()->id ?? $request->session()->get('owes-code.user') ?? $request->ip()),
        ));
        RateLimiter::for('api', static fn(Request $request): Limit => Limit::perMinute(120)->by(self::whoever($request)));
        RateLimiter::for('api-work', static fn(Request $request): Limit => Limit::perMinute(30)->by(self::whoever($request)));
        // an account is the same in whatever case and with whatever accents its address is typed, as the database has it
        RateLimiter::for('sign-in', static fn(Request $request): array => [
            Limit::perMinute(10)->by('account '.Str::lower(Str::ascii(trim($request->string('email')->value())))),
            Limit::perMinute(60)->by('address '.$request->ip()),
        ]);
        TrustHosts::at(
            static fn(): array => array_map(
                static fn(string $host): string => '^'.preg_quote($host, '/').'$',
                self::listed('serving.hosts'),
            ),
            false,
        );
        TrustProxies::at(self::listed('serving.proxies'));
    }

    /** Whose requests are counted together: a person's, by whatever token; of nobody known, those of an address. */
    private static function whoever(Request $request): string
    {
        $user = $request->user();

        return $user === null ? "api {$request->ip()}" : 'api '.json_encode($user->getAuthIdentifier());
    }

    /** @return list<string> as they are named in the configuration, apart by commas */
    private static function listed(string $key): array
    {
        $listed = config($key);

        return array_values(array_filter(
            array_map(trim(...), explode(',', is_string($listed) ? $listed : '')),
            static fn(string $one): bool => $one !== '',
        ));
    }
}
