<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Workbook as WorkbookRow;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * What a person asked for, under a name that the browser gives it. Where the answer gets lost it is asked for again, and is
 * done once: the name is kept with the revision that it made, in the same transaction. What comes in takes its id from the name.
 */
final class Step
{
    public static function name(): ?string
    {
        $name = request()->header('X-Step');

        return is_string($name) && preg_match('/^[\w-]{8,64}$/', $name) === 1 ? $name : null;
    }

    /**
     * The id, a UUID, of what comes in under this name: the same whenever it is sent once more. Without a name it is one of its own.
     *
     * @param  string  $part  tells several apart that come in together
     */
    public static function id(string $part = ''): string
    {
        $name = self::name();

        return $name === null
            ? (string) Str::uuid()
            : vsprintf('%s%s-%s-%s-%s-%s%s%s', str_split(hash('xxh128', "$name $part"), 4));
    }

    /**
     * @param  bool  $isAct  it is told what was done; a step back or forward is told by its name alone
     *
     * @throws StaleRevision where it was done already
     */
    public static function isNew(WorkbookRow $row, bool $isAct = true): void
    {
        $name = self::name();
        if ($name !== null && DB::table('revisions')->where('workbook_id', $row->id)->where('step', $name)->exists()) {
            throw StaleRevision::done(
                $row->revision,
                $isAct
                    ? $row
                        ->changes()
                        ->where('undone', false)
                        ->latest('id')
                        ->first(['words'])?->words
                    : null,
            );
        }
    }
}
