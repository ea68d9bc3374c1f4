<?php

declare(strict_types=1);

namespace App\Providers;

use App\Bench\Bench;
use App\Calculation\LibraryCalculator;
use App\Database\ImmediateSqlite;
use App\Files\Limits;
use App\Jobs\Workers;
use Closure;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Queue\Events\JobProcessing;
use Illuminate\Queue\Events\Looping;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\ServiceProvider;
use PDO;
use Rilvet\Formula\Calculator;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        Connection::resolverFor(
            'sqlite',
            fn (PDO|Closure $pdo, string $name, string $prefix, array $config) => new ImmediateSqlite($pdo, $name, $prefix, $config),
        );
        $this->app->bind(Calculator::class, LibraryCalculator::class);
        $this->app->scoped(Bench::class);
        $this->app->singleton(Limits::class, function () {
            /** @var array{bytes: int, entries: int, expanded: int, ratio: int, cells: int} $limits */
            $limits = config('rilvet.limits');

            return new Limits(...$limits);
        });
    }

    public function boot(): void
    {
        Model::shouldBeStrict(! $this->app->isProduction());
        Queue::looping(function (Looping $event): ?false {
            Workers::isAt(null);

            return Workers::nothingIn($event->connectionName, $event->queue) ? false : null;
        });
        Queue::before(function (JobProcessing $event) {
            // The import or the hand-over that a job is about, so that it can be named should the worker die of it.
            $event->connectionName === 'sync' ||
                Workers::isAt(
                    preg_match('/[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}(?=\\\\")/', $event->job->getRawBody(), $found) === 1
                        ? $found[0]
                        : null,
                );
        });
    }
}
