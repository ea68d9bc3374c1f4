<?php

declare(strict_types=1);

namespace App\Bench;

use Illuminate\Support\Facades\DB;

/** Gives the pages of what was deleted back to the file system, where the database keeps such pages for itself. */
final class Pages
{
    /** Pages that are given back at once; more would keep writers waiting. */
    private const MOST = 4_000;

    public static function giveBack(): void
    {
        if (DB::getDriverName() === 'sqlite' && DB::transactionLevel() === 0) {
            // The pragma works as its rows are fetched, a page a row.
            DB::select('PRAGMA incremental_vacuum('.self::MOST.')');
        }
    }
}
