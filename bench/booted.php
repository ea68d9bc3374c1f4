<?php

declare(strict_types=1);

/**
 * What the benches begin with: an application with an empty database of its own, in a folder that is gone when they end; medians,
 * and lines of figures.
 */

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Support\Facades\Artisan;

require __DIR__.'/../vendor/autoload.php';

/** @return string the folder */
function booted(string $name): string
{
    $folder = sys_get_temp_dir()."/rilvet-$name-".getmypid();
    mkdir("$folder/framework/cache/data", 0755, true);
    touch("$folder/bench.sqlite");
    foreach (['LARAVEL_STORAGE_PATH' => $folder, 'DB_DATABASE' => "$folder/bench.sqlite", 'DB_CONNECTION' => 'sqlite',
        'QUEUE_CONNECTION' => 'null', 'APP_CONFIG_CACHE' => '/nowhere/config.php',
        'APP_KEY' => 'base64:'.base64_encode(str_repeat('k', 32))] as $variable => $value) {
        putenv("$variable=$value");
        $_ENV[$variable] = $_SERVER[$variable] = $value;
    }
    ini_set('memory_limit', '3G');
    /** @var Application $app */
    $app = require __DIR__.'/../bootstrap/app.php';
    $app->make(Kernel::class)->bootstrap();
    Artisan::call('migrate', ['--force' => true]);
    register_shutdown_function(fn () => exec('rm -rf '.escapeshellarg($folder)));

    return $folder;
}

/**
 * @param  callable(int): mixed  $run  is told which time it is
 * @return float ms, the median
 */
function median(callable $run, int $times = 3): float
{
    $took = [];
    for ($time = 0; $time < $times; $time++) {
        $start = hrtime(true);
        $run($time);
        $took[] = (hrtime(true) - $start) / 1e6;
    }
    sort($took);

    return $took[intdiv($times, 2)];
}
