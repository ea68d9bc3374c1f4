<?php

declare(strict_types=1);

use App\Http\Controllers\ActController;
use App\Http\Controllers\BatchController;
use App\Http\Controllers\BenchController;
use App\Http\Controllers\ConditionController;
use App\Http\Controllers\DrawingController;
use App\Http\Controllers\FindingController;
use App\Http\Controllers\GuardController;
use App\Http\Controllers\HandoverController;
use App\Http\Controllers\ImportController;
use App\Http\Controllers\LearnController;
use App\Http\Controllers\PageController;
use App\Http\Controllers\RoutineController;
use App\Http\Controllers\ShelfController;
use App\Http\Controllers\SideController;
use App\Http\Controllers\StylebookController;
use App\Http\Controllers\TableController;
use App\Http\Controllers\TogetherController;
use App\Http\Controllers\TokenController;
use Illuminate\Cookie\Middleware\AddQueuedCookiesToResponse;
use Illuminate\Cookie\Middleware\EncryptCookies;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\Route;
use Illuminate\View\Middleware\ShareErrorsFromSession;

Route::prefix('api')->group(function () {
    Route::get('shelf', [ShelfController::class, 'show']);
    Route::get('imports', [ShelfController::class, 'imports']);
    Route::delete('lessons/{id}', [ShelfController::class, 'forget'])->whereNumber('id');

    Route::post('imports', [ImportController::class, 'store']);
    Route::post('imports/paste', [ImportController::class, 'paste']);
    Route::get('imports/{id}', [ImportController::class, 'show']);
    Route::patch('imports/{id}', [ImportController::class, 'update']);
    Route::post('imports/{id}/keep', [ImportController::class, 'keep']);
    Route::delete('imports/{id}', [ImportController::class, 'cancel']);

    Route::get('token', TokenController::class);
    Route::get('currencies', [BenchController::class, 'currencies']);
    Route::get('colours/contrast', [StylebookController::class, 'contrast']);
    Route::get('colours/family', [StylebookController::class, 'family']);
    Route::post('stylebooks', [StylebookController::class, 'store']);
    Route::post('stylebooks/learn', [LearnController::class, 'learn']);
    Route::get('stylebooks/learning/{watch}', [LearnController::class, 'progress'])->where('watch', '[A-Za-z0-9-]{8,64}');
    Route::get('stylebooks/schema', [StylebookController::class, 'schema']);
    Route::post('stylebooks/begin', [StylebookController::class, 'begin']);
    Route::prefix('stylebooks/{id}')->whereNumber('id')->group(function () {
        Route::get('/', [StylebookController::class, 'show']);
        Route::delete('/', [StylebookController::class, 'delete']);
        Route::get('rules', [StylebookController::class, 'rules']);
        Route::get('kept', [StylebookController::class, 'kept']);
        Route::get('json', [StylebookController::class, 'export']);
        Route::get('compare', [StylebookController::class, 'compare']);
        Route::post('back', [StylebookController::class, 'back']);
        Route::post('draft', [StylebookController::class, 'draft']);
        Route::delete('draft', [StylebookController::class, 'drop']);
        Route::post('keep', [StylebookController::class, 'keep']);
        Route::post('strays', [LearnController::class, 'strays']);
    });

    Route::post('routines', [RoutineController::class, 'store']);
    Route::get('routines/schema', [RoutineController::class, 'schema']);
    Route::prefix('routines/{id}')->whereNumber('id')->group(function () {
        Route::get('/', [RoutineController::class, 'show']);
        Route::patch('/', [RoutineController::class, 'update']);
        Route::delete('/', [RoutineController::class, 'delete']);
        Route::get('json', [RoutineController::class, 'export']);
    });
    Route::post('batches', [BatchController::class, 'store']);
    Route::prefix('batches/{id}')->whereUuid(['id', 'item'])->group(function () {
        Route::get('/', [BatchController::class, 'show']);
        Route::patch('/', [BatchController::class, 'update']);
        Route::delete('/', [BatchController::class, 'delete']);
        Route::post('files', [BatchController::class, 'add']);
        Route::post('run', [BatchController::class, 'run']);
        Route::delete('items/{item}', [BatchController::class, 'leave']);
        Route::get('items/{item}/file', [BatchController::class, 'file']);
        Route::get('zip', [BatchController::class, 'zip']);
        Route::get('report', [BatchController::class, 'told']);
    });

    Route::get('series', [FindingController::class, 'series']);
    Route::get('side', [SideController::class, 'compare']);
    Route::get('side/sheet', [SideController::class, 'sheet']);
    Route::get('side/window', [SideController::class, 'window']);
    Route::get('side/file', [SideController::class, 'file']);
    Route::prefix('workbooks/{id}')->whereNumber(['id', 'number'])->group(function () {
        Route::get('/', [BenchController::class, 'show']);
        Route::delete('/', [ShelfController::class, 'delete']);
        Route::get('picture', [ShelfController::class, 'picture']);
        Route::post('acts', [ActController::class, 'act']);
        Route::post('undo', [ActController::class, 'undo']);
        Route::post('redo', [ActController::class, 'redo']);
        Route::get('together', [TogetherController::class, 'read']);
        Route::get('touches', [BenchController::class, 'touches']);
        Route::get('history', [BenchController::class, 'history']);
        Route::get('steps', [RoutineController::class, 'past']);
        Route::post('routine', [RoutineController::class, 'try']);
        Route::get('sheets/{number}', [BenchController::class, 'sheet']);
        Route::get('sheets/{number}/window', [BenchController::class, 'window']);
        Route::get('sheets/{number}/drawings', [DrawingController::class, 'list']);
        Route::get('sheets/{number}/drawings/{index}', [DrawingController::class, 'picture'])->whereNumber('index');
        Route::get('sheets/{number}/figures', [BenchController::class, 'figures']);
        Route::get('sheets/{number}/inspection', [BenchController::class, 'inspect']);
        Route::get('sheets/{number}/content', [BenchController::class, 'content']);
        Route::get('sheets/{number}/lift', [BenchController::class, 'lift']);
        Route::get('sheets/{number}/number', [BenchController::class, 'number']);
        Route::get('sheets/{number}/truths', [BenchController::class, 'truths']);
        Route::get('sheets/{number}/cut', [BenchController::class, 'cut']);
        Route::get('sheets/{number}/looks', [BenchController::class, 'looks']);
        Route::get('sheets/{number}/guard', [GuardController::class, 'sheet']);
        Route::post('sheets/{number}/renewal', [TableController::class, 'plan']);
        Route::post('sheets/{number}/summary', [TableController::class, 'summary']);
        Route::get('sheets/{number}/entry', [GuardController::class, 'cell']);
        Route::get('sheets/{number}/next', [GuardController::class, 'next']);
        Route::get('pages', [PageController::class, 'book']);
        Route::get('sheets/{number}/pages', [PageController::class, 'pages']);
        Route::get('sheets/{number}/pages/{page}', [PageController::class, 'page'])->whereNumber('page');
        Route::get('sheets/{number}/picture', [PageController::class, 'picture']);
        Route::get('findings', [FindingController::class, 'list']);
        Route::get('findings/report', [FindingController::class, 'report']);
        Route::get('conditions', [ConditionController::class, 'list']);
        Route::post('sheets/{number}/condition', [ConditionController::class, 'try']);
        Route::post('point', [ActController::class, 'goTo']);
        Route::get('sheets/{number}/formats', [HandoverController::class, 'formats']);
        Route::get('sheets/{number}/risk', [HandoverController::class, 'risk']);
        Route::post('handovers', [HandoverController::class, 'store']);
    });

    Route::get('handovers/{id}', [HandoverController::class, 'show']);
    Route::delete('handovers/{id}', [HandoverController::class, 'cancel']);
    Route::get('handovers/{id}/file', [HandoverController::class, 'file']);
});

Route::view('/', 'app');
Route::view('/workbooks/{id}', 'app')->whereNumber('id');
Route::view('/workbooks/{id}/{screen}', 'app')->whereNumber('id')->whereIn('screen', ['findings', 'side-by-side', 'paper']);
Route::view('/findings', 'app');
Route::view('/stylebooks/{id}', 'app')->whereNumber('id');
Route::view('/batches/{id}', 'app')->whereUuid('id');

// Looking needs no session: none is read, locked or written for it. A page gets its token with itself, or asks for another.
foreach (Route::getRoutes()->getRoutes() as $route) {
    if (str_starts_with($route->uri(), 'api/') && in_array('GET', $route->methods(), true) && $route->uri() !== 'api/token') {
        $route->withoutMiddleware([EncryptCookies::class, AddQueuedCookiesToResponse::class, StartSession::class,
            ShareErrorsFromSession::class, ValidateCsrfToken::class]);
    }
}
