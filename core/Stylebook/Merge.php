<?php

declare(strict_types=1);

namespace Rilvet\Stylebook;

use Rilvet\Stylebook\Exception\StylebookIsWrong;

/** Two changes of one stylebook, made beside each other, brought together rule by rule. */
final readonly class Merge
{
    /**
     * @param  Stylebook  $merged  with the rules of both; where both changed one, as was wanted
     * @param  list<Difference>  $theirs  what the other one changed
     * @param  list<Difference>  $mine
     * @param  list<Difference>  $both  rules that both changed, each to something else: theirs before, mine after
     */
    private function __construct(public Stylebook $merged, public array $theirs, public array $mine, public array $both)
    {
    }

    /**
     * @param  Stylebook  $base  that both began with
     * @param  bool  $winning  where both changed one rule, mine holds; else theirs
     *
     * @throws StylebookIsWrong where what comes out is none, such as a colour that one took out and the other began to use
     */
    public static function of(Stylebook $base, Stylebook $theirs, Stylebook $mine, bool $winning): self
    {
        $theirChanges = Comparison::of($base, $theirs);
        $myChanges = Comparison::of($base, $mine);
        $theirAfter = [];
        foreach ($theirChanges as $change) {
            $theirAfter[$change->where] = $change->after;
        }
        $data = $theirs->toArray();
        $both = [];
        foreach ($myChanges as $change) {
            $isTheirs = array_key_exists($change->where, $theirAfter);
            if ($isTheirs && $theirAfter[$change->where] !== $change->after) {
                $both[] = new Difference($change->where, $change->words, $theirAfter[$change->where], $change->after);
            }
            if (! $isTheirs || $winning) {
                $data = Edit::with($data, $change->path, $change->after);
            }
        }

        return new self(Stylebook::of($data), $theirChanges, $myChanges, $both);
    }
}
