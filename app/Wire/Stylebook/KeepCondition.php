<?php

declare(strict_types=1);

namespace App\Wire\Stylebook;

use App\Wire\Arguments;
use App\Wire\GivenCondition;
use App\Wire\WiredRevision;
use Closure;
use Rilvet\Act\ReviseStylebook;
use Rilvet\Condition\Sentence;
use Rilvet\Reading\Reading;
use Rilvet\Stylebook\ConditionRules;
use Rilvet\Stylebook\Edit;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\Worksheet;

/** Keeps a look that parts wear while something is true, wherever the stylebook is worn. */
final readonly class KeepCondition implements WiredRevision
{
    public const NAME = 'keepCondition';

    public const ARGUMENTS = 'GivenCondition';

    public function isOwn(Worksheet $sheet, Arguments $given): bool
    {
        return false;
    }

    public function revise(Stylebook $stylebook, Arguments $given, Closure $selected): ReviseStylebook
    {
        $says = GivenCondition::says($given, $given->kind());
        $look = [];
        foreach (is_array($says['look'] ?? null) ? $says['look'] : [] as $attribute => $value) {
            $look[$attribute] = Edit::named($stylebook->palette, $attribute, $value);
        }
        $rule = ['where' => $given->map('where')] + ($look === [] ? [] : ['look' => $look]) + $says;
        $id = $given->textOrNull('id');
        $names = array_map(fn ($condition) => $condition->id, $stylebook->conditions);
        $name = $id !== null && in_array($id, $names, true) ? $id : ConditionRules::free($stylebook);
        $revised = Edit::put($stylebook, ['conditions', $name], $rule);
        foreach ($revised->conditions as $condition) {
            if ($condition->id === $name) {
                $words = Sentence::of($condition, Reading::none());
            }
        }

        return new ReviseStylebook($revised, 'Conditional look: '.($words ?? $name), false);
    }
}
