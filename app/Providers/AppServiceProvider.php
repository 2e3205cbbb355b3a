<?php

declare(strict_types=1);

namespace App\Providers;

use App\Database\ImmediateSQLiteConnection;
use App\Facility\ProjectionCache;
use App\Facility\ProjectionCacheDatabase;
use App\Facility\TimeOfDay;
use App\Http\WholeSessions;
use App\Language\PseudoLanguage;
use App\Language\PseudoLoader;
use App\Mail\MailboxTransport;
use App\Models\FacilitySettings;
use App\People\SignIns;
use App\Pictures\PictureStore;
use App\Policies\FacilityPolicy;
use App\Repair\UnreadableRows;
use Closure;
use Illuminate\Auth\Events\Login;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Translation\Loader;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\ServiceProvider;
use PDO;

final class AppServiceProvider extends ServiceProvider
{
    private const READINGS_PER_MINUTE = 120;

    private const CALENDARS_PER_MINUTE = 60;

    /** One page, its ticks and pictures; whoever guesses links gets no further. */
    private const SITTER_PER_MINUTE = 60;

    /** Of links and passwords: nobody types or opens more. */
    private const LINKS_PER_MINUTE = 10;

    public function register(): void
    {
        $this->app->scoped(ProjectionCache::class, fn (): ProjectionCache => new ProjectionCache(ProjectionCacheDatabase::open(...), config('answers.code')));
        $this->app->scoped(UnreadableRows::class);
        $this->app->scoped(TimeOfDay::class);
        $this->app->bind(PictureStore::class, fn (): PictureStore => new PictureStore(config('pictures.folder')));
        $this->app->extend('translation.loader', fn (Loader $loader): Loader => $this->app->getLocale() === PseudoLanguage::NAME ? new PseudoLoader($loader) : $loader);
        Connection::resolverFor('sqlite', fn (PDO|Closure $pdo, string $database, string $prefix, array $config): Connection => new ImmediateSQLiteConnection($pdo, $database, $prefix, $config));
    }

    public function boot(): void
    {
        $this->app->terminating(fn () => $this->app->make(ProjectionCache::class)->keep());
        Session::extend('file', fn (): WholeSessions => new WholeSessions($this->app->make('files'), config('session.files'), config('session.lifetime')));
        Model::shouldBeStrict();
        // Requests are validated and mapped to columns by hand; nothing is filled from outside.
        Model::unguard();
        // A probe that posts every ten seconds, and calendars that many programs read.
        RateLimiter::for('readings', fn (Request $request): Limit => Limit::perMinute(self::READINGS_PER_MINUTE)->by($request->bearerToken() ?? $request->ip()));
        RateLimiter::for('calendar', fn (Request $request): Limit => Limit::perMinute(self::CALENDARS_PER_MINUTE)->by($request->ip()));
        RateLimiter::for('sitters', fn (Request $request): Limit => Limit::perMinute(self::SITTER_PER_MINUTE)->by($request->ip()));
        RateLimiter::for('links', fn (Request $request): Limit => Limit::perMinute(self::LINKS_PER_MINUTE)->by($request->ip()));
        Gate::policy(FacilitySettings::class, FacilityPolicy::class);
        Event::listen(Login::class, SignIns::class);
        Mail::extend(MailboxTransport::NAME, fn (): MailboxTransport => new MailboxTransport);
    }
}
