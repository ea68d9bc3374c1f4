<?php

declare(strict_types=1);

namespace Rilvet\Condition;

use Rilvet\Formula\Expression\At;
use Rilvet\Formula\Expression\Criterion;
use Rilvet\Formula\Expression\Fault;
use Rilvet\Formula\Expression\Node;
use Rilvet\Formula\Expression\Scalars;

/** What the text of a cell begins or ends with, holds or lacks. */
final class AsksTexts implements Asks
{
    /** The text that was wanted last, without its capitals and as a pattern: most conditions want one. */
    private ?string $last = null;

    private string $plain = '';

    private string $pattern = '';

    public function __construct(private readonly Is $is, private readonly Node $node, private readonly At $at)
    {
    }

    public function among(array $cells, int $column): array
    {
        $given = $this->at->along($this->node, array_keys($cells), $column);
        $held = [];
        foreach ($cells as $row => $cell) {
            $wanted = Scalars::text($given[$row]);
            $holds = $wanted instanceof Fault || $cell->error !== null ? $this->is === Is::Lacks
                : $this->holds($wanted, Scalars::text($cell->value));
            if ($holds) {
                $held[$row] = true;
            }
        }

        return $held;
    }

    private function holds(string $wanted, string|Fault $text): bool
    {
        if ($this->last !== $wanted) {
            // What is searched for may hold "*" and "?" (18.17.7.291).
            [$this->last, $this->plain] = [$wanted, Scalars::plain($wanted)];
            $this->pattern = '/'.Criterion::pattern($wanted).'/siu';
        }
        $plain = Scalars::plain(is_string($text) ? $text : '');

        return match ($this->is) {
            Is::Begins => str_starts_with($plain, $this->plain),
            Is::Ends => str_ends_with($plain, $this->plain),
            default => (preg_match($this->pattern, $plain) === 1) === ($this->is === Is::Holds),
        };
    }
}
