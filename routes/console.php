<?php

declare(strict_types=1);

use App\Bench\Tidying;
use App\Demo\DemoShelf;
use App\Http\Records\Types;
use App\Http\Reference;
use App\Jobs\Workers;
use Illuminate\Support\Facades\Artisan;
use Rilvet\Routine\Schema as RoutineSchema;
use Rilvet\Stylebook\Schema;

Artisan::command('rilvet:types', function (Reference $reference) {
    file_put_contents(base_path('resources/js/api/types.ts'), Types::typescript());
    file_put_contents(base_path('docs/api.md'), $reference->markdown());
    file_put_contents(base_path('docs/stylebook.schema.json'), Schema::json());
    file_put_contents(base_path('docs/routine.schema.json'), RoutineSchema::json());
    $this->info('resources/js/api/types.ts, docs/api.md and the schemas in docs are written.');
})->purpose('Write the types of the API for the browser, and its reference, from the code');

Artisan::command('rilvet:tidy', function (Tidying $tidying) {
    [$half, $stuck] = $tidying->tidy();
    $this->info("Tidied: $half unfinished workbooks, $stuck unfinished files.");
})->purpose('Clean up after a stop in the middle of something');

Artisan::command('rilvet:bury {process}', function (string $process) {
    Workers::bury((int) $process);
})->purpose('Say of the work of a worker that died that it failed');

Artisan::command('rilvet:demo', function (DemoShelf $demo) {
    $this->info(
        $demo->fill(storage_path('demo'))
            ? 'The demo stands on the shelf.'
            : 'The shelf holds workbooks already; the demo files are in storage/demo.',
    );
})->purpose('Put the demo on an empty shelf');
