<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\Batch;
use App\Models\BatchItem;
use App\Models\Handover;
use App\Models\Import;
use App\Models\Lesson;
use App\Models\Routine;
use App\Models\Stylebook;
use App\Models\StylebookVersion;
use App\Models\Workbook;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** What is asked for and is not there: said in words of the product, on a page that leads back. */
final class NotHere
{
    private const ON_THE_SHELF = [
        Workbook::class => 'workbook', Stylebook::class => 'stylebook', StylebookVersion::class => 'version', Batch::class => 'batch',
        BatchItem::class => 'file of a batch', Routine::class => 'routine', Lesson::class => 'correction',
    ];

    private const UNDER_WAY = [Import::class, Handover::class];

    public static function answer(NotFoundHttpException $missing, Request $request): Response
    {
        return $request->is('api/*')
            ? response()->json(['message' => self::words($missing)], 404)
            : response()->view('app', [], 404);
    }

    private static function words(NotFoundHttpException $missing): string
    {
        $of = $missing->getPrevious();
        if ($of instanceof ModelNotFoundException) {
            return in_array($of->getModel(), self::UNDER_WAY, true) ? 'There is no such file under way. It may have been stopped.'
                : 'There is no such '.(self::ON_THE_SHELF[$of->getModel()] ?? 'thing').' here. It may have been taken off the shelf.';
        }
        // What the framework says names routes, which nobody has heard of.
        $isRoute = $missing->getMessage() === '' || str_starts_with($missing->getMessage(), 'The route ');

        return $isRoute ? 'There is nothing at this address.' : $missing->getMessage();
    }
}
