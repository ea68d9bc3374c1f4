<?php

declare(strict_types=1);

namespace Rilvet\Work;

use Rilvet\Grid\Aspect;
use Rilvet\Reading\Correction\Correction;

/** What a sheet says beside its cells, as named documents ready for JSON: what is stored of it, and what a change undoes. */
final readonly class SheetDocuments
{
    /** Documents that are no aspects, and what of a sheet is in them. */
    private const OWN = [
        'name' => ['name'], 'found' => ['found'], 'corrections' => ['corrections'], 'typing' => ['typing'],
        'dress' => ['stylebook', 'clean', 'reference'], 'setup' => ['came'], 'fitted' => ['fitted', 'measure'],
    ];

    public function __construct(private Worksheet $sheet)
    {
    }

    /**
     * Names of the documents that may be others on another state of the sheet: most acts touch one or two of them.
     *
     * @return list<string>
     */
    public function differingFrom(Worksheet $other): array
    {
        $names = [];
        foreach (self::OWN as $name => $parts) {
            foreach ($parts as $part) {
                if ($this->sheet->$part !== $other->$part) {
                    $names[$name] = $name;
                }
            }
        }
        [$ours, $theirs] = [$this->sheet->aspects->held, $other->aspects->held];
        foreach ($ours + $theirs as $class => $held) {
            if (($ours[$class] ?? null) !== ($theirs[$class] ?? null)) {
                $names[$held::name()] = $held::name();
            }
        }

        return array_values($names);
    }

    /** @return array<string, mixed> by their names; what has nothing to say is not there */
    public function all(): array
    {
        $aspects = array_map(fn (Aspect $aspect) => $aspect::name(), array_values($this->sheet->aspects->held));
        $names = [...array_keys(self::OWN), ...$aspects];

        return array_filter(array_combine($names, array_map($this->named(...), $names)), fn (mixed $document) => $document !== null);
    }

    /** The document of a name, ready for JSON; null where there is nothing to say. */
    public function named(string $name): mixed
    {
        $sheet = $this->sheet;
        foreach ($sheet->aspects->held as $held) {
            if ($held::name() === $name) {
                return $held->toJson();
            }
        }

        return match ($name) {
            'name' => $sheet->name,
            'found' => $sheet->found->toArray(),
            'corrections' => $sheet->corrections === []
                ? null
                : array_map(fn (Correction $correction) => $correction->toArray(), $sheet->corrections),
            'typing' => $sheet->typing?->toArray(),
            'dress' => $sheet->stylebook === null
                ? null
                : [...($sheet->reference?->toArray() ?? ['stylebook' => $sheet->stylebook->toArray()]), 'clean' => $sheet->clean],
            'setup' => $sheet->came->toArray(),
            'fitted' => $sheet->fitted === null
                ? null
                : $sheet->fitted->toArray() + ($sheet->measure === null ? [] : ['measure' => $sheet->measure]),
            default => null,
        };
    }
}
