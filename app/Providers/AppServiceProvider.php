<?php

declare(strict_types=1);

namespace App\Providers;

use App\Calculation\LibraryCalculator;
use App\Database\ImmediateSqlite;
use App\Files\Limits;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\ServiceProvider;
use Rilvet\Formula\Calculator;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        Connection::resolverFor('sqlite', fn ($pdo, $database, $prefix, $config) => new ImmediateSqlite($pdo, $database, $prefix, $config));
        $this->app->bind(Calculator::class, LibraryCalculator::class);
        $this->app->singleton(Limits::class, function () {
            /** @var array{bytes: int, entries: int, expanded: int, ratio: int, cells: int} $limits */
            $limits = config('rilvet.limits');

            return new Limits(...$limits);
        });
    }

    public function boot(): void
    {
        Model::shouldBeStrict(! $this->app->isProduction());
    }
}
