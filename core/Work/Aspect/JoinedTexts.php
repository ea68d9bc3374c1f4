<?php

declare(strict_types=1);

namespace Rilvet\Work\Aspect;

use Rilvet\Grid\Aspect;
use Rilvet\Grid\Range;
use Rilvet\Grid\RowOrder;
use Rilvet\Grid\Shift;

/** The first text of merged cells as it was before all their texts were joined. */
final readonly class JoinedTexts implements Aspect
{
    /** @param  array<string, string>  $texts  as JSON, by merged range */
    public function __construct(public array $texts = [])
    {
    }

    public static function name(): string
    {
        return 'joins';
    }

    public static function fromJson(mixed $data): static
    {
        /** @var array<string, string>|null $data */
        return new self($data ?? []);
    }

    /** @return array<string, string>|null */
    public function toJson(): ?array
    {
        return $this->texts === [] ? null : $this->texts;
    }

    /** Rows with merged cells are not sorted. */
    public function moved(Shift|RowOrder $move): static
    {
        $texts = [];
        foreach ($move instanceof Shift ? $this->texts : [] as $range => $text) {
            $to = $move->range(Range::parse($range));
            if ($to !== null) {
                $texts[(string) $to] = $text;
            }
        }

        return $move instanceof Shift ? new self($texts) : $this;
    }
}
