<?php

declare(strict_types=1);

namespace App\Wire\Stylebook;

use App\Wire\Arguments;
use App\Wire\WiredRevision;
use Closure;
use Rilvet\Act\ReviseStylebook;
use Rilvet\Condition\Exception\ConditionIsWrong;
use Rilvet\Stylebook\Edit;
use Rilvet\Stylebook\Reader;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\Worksheet;

/** Takes a conditional look of a stylebook out, turns it on or off, or moves it in their order. */
final readonly class ArrangeCondition implements WiredRevision
{
    public const NAME = 'arrangeCondition';

    public const ARGUMENTS = "{ id: string; what: 'drop' | 'on' | 'off' | 'move'; to?: number }";

    public function isOwn(Worksheet $sheet, Arguments $given): bool
    {
        return false;
    }

    public function revise(Stylebook $stylebook, Arguments $given, Closure $selected): ReviseStylebook
    {
        $id = $given->text('id');
        $what = $given->oneOf('what', ['drop', 'on', 'off', 'move']);
        $rules = Reader::map($stylebook->toArray(), 'conditions');
        isset($rules[$id]) || throw ConditionIsWrong::noSuch($id);
        if ($what === 'move') {
            $rest = array_diff_key($rules, [$id => 0]);
            $to = max(0, min(count($rest), $given->wholeOrNull('to') ?? 0));
            $moved = array_slice($rest, 0, $to, true) + [$id => $rules[$id]] + array_slice($rest, $to, null, true);

            return new ReviseStylebook(Edit::put($stylebook, ['conditions'], $moved), 'Conditional look moved to place '.($to + 1), false);
        }
        $revised = match ($what) {
            'drop' => Edit::put($stylebook, ['conditions', $id], null),
            default => Edit::put($stylebook, ['conditions', $id, 'off'], $what === 'off' ? true : null),
        };

        return new ReviseStylebook($revised, 'Conditional look '.['drop' => 'taken out', 'on' => 'turned on',
            'off' => 'turned off'][$what], false);
    }
}
