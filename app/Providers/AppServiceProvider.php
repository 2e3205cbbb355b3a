<?php

declare(strict_types=1);

namespace App\Providers;

use App\Database\ImmediateSQLiteConnection;
use App\Facility\KeptAnswers;
use App\Models\User;
use Closure;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\ServiceProvider;
use PDO;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->scoped(KeptAnswers::class);
        Connection::resolverFor('sqlite', fn (PDO|Closure $pdo, string $database, string $prefix, array $config): Connection => new ImmediateSQLiteConnection($pdo, $database, $prefix, $config));
    }

    public function boot(): void
    {
        $this->app->terminating(fn () => $this->app->make(KeptAnswers::class)->keep());
        Model::shouldBeStrict();
        // Requests are validated and mapped to columns by hand; nothing is filled from outside.
        Model::unguard();
        Gate::define('record', fn (User $user): bool => $user->role->mayWrite());
    }
}
