<?php

declare(strict_types=1);

use App\Bench\Outrun;
use App\Bench\StaleRevision;
use App\Bench\WentOn;
use App\Http\Middleware\OwnHostOnly;
use App\Http\NotHere;
use App\Jobs\Trouble;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Request;
use Rilvet\Act\Exception\LooksStay;
use Rilvet\Act\Exception\MergeIsWrong;
use Rilvet\Entry\Exception\EntryIsNotAllowed;
use Rilvet\Refusal;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        commands: __DIR__.'/../routes/console.php',
        health: '/up',
    )
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->prepend(OwnHostOnly::class);
        // Cell text is what a person wrote: nothing is trimmed or turned into null.
        $middleware->trimStrings(except: [fn (Request $request) => $request->is('api/*')]);
        $middleware->convertEmptyStringsToNull(except: [fn (Request $request) => $request->is('api/*')]);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->dontReport([Refusal::class, WentOn::class, Outrun::class]);
        $exceptions->render(fn (StaleRevision $stale) => response()->json([
            'message' => $stale->getMessage(), 'revision' => $stale->revision, 'done' => $stale->done, 'words' => $stale->words,
        ], 409));
        $exceptions->render(fn (Outrun $outrun) => response()->json([
            'message' => 'Somebody changed it just now, and was quicker. Nothing was lost: do it again.',
        ], 409));
        $exceptions->render(fn (WentOn $on) => response()->json(['message' => $on->getMessage(), 'went' => $on->toArray()], 409));
        $exceptions->render(
            fn (LooksStay $wrong) => response()->json(['message' => $wrong->getMessage(), 'covered' => $wrong->cells], 422),
        );
        $exceptions->render(fn (EntryIsNotAllowed $wrong) => response()->json([
            'message' => $wrong->getMessage(), 'entry' => $wrong->cell, 'mayBeKept' => $wrong->mayBeKept,
        ], 422));
        $exceptions->render(
            fn (MergeIsWrong $wrong) => response()->json(['message' => $wrong->getMessage(), 'hidden' => $wrong->hidden], 422),
        );
        $exceptions->render(
            fn (Throwable $fault, Request $request) => $request->is('api/*') && Trouble::isFullDisk($fault)
                ? response()->json(['message' => Trouble::DISK], 422)
                : null,
        );
        $exceptions->render(fn (NotFoundHttpException $missing, Request $request) => NotHere::answer($missing, $request));
        $exceptions->render(fn (Refusal $refusal) => response()->json(['message' => $refusal->getMessage()], 422));
        $exceptions->shouldRenderJsonWhen(fn (Request $request) => $request->is('api/*'));
    })->create();
