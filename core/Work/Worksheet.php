<?php

declare(strict_types=1);

namespace Rilvet\Work;

use Rilvet\Grid\Sheet;
use Rilvet\Intake\SheetTyping;
use Rilvet\Look\LookMap;
use Rilvet\Reading\Correction\Correction;
use Rilvet\Reading\Reading;
use Rilvet\Stylebook\Stylebook;

/**
 * A sheet at work: its cells, what was read in them, and the layers of its looks, kept apart. Flattening happens only
 * where something is painted or written.
 *
 * All but the cells is held in named documents (JSON), which is what a Change stores and undoes.
 */
final readonly class Worksheet
{
    public const DOCUMENTS = ['name', 'found', 'corrections', 'typing', 'dress', 'setup', 'fitted', 'file', 'named', 'hand'];

    public Reading $reading;

    /** The set-up in force: what came with the file, overlaid by what a dress has fitted. */
    public Setup $setup;

    /**
     * @param  list<Correction>  $corrections  laid over what was found, in order
     * @param  bool  $clean  dressed with "start clean": what came with the file is not seen
     * @param  Setup|null  $fitted  sizes and opening as the dress fitted them
     */
    public function __construct(
        public Sheet $cells,
        public string $name,
        public Reading $found,
        public array $corrections = [],
        public ?SheetTyping $typing = null,
        public ?Stylebook $stylebook = null,
        public bool $clean = false,
        public Setup $came = new Setup,
        public ?Setup $fitted = null,
        public LookMap $file = new LookMap,
        public LookMap $named = new LookMap,
        public LookMap $hand = new LookMap,
    ) {
        $this->reading = array_reduce($corrections, fn (Reading $reading, Correction $correction) => $correction->on($reading), $found);
        $this->setup = $fitted ?? $came;
    }

    public function wearing(?Stylebook $stylebook, bool $clean): self
    {
        return $this->with(stylebook: $stylebook, clean: $clean, fitted: null, dresses: true);
    }

    public function fittedTo(?Setup $setup): self
    {
        return $this->with(fitted: $setup, dresses: true);
    }

    public function corrected(Correction $correction): self
    {
        return $this->with(corrections: [...$this->corrections, $correction]);
    }

    public function readAs(Reading $found, Sheet $cells, SheetTyping $typing): self
    {
        return $this->with(found: $found, cells: $cells, typing: $typing);
    }

    /** @param  list<Correction>|null  $corrections */
    private function with(
        ?Sheet $cells = null,
        ?Reading $found = null,
        ?array $corrections = null,
        ?SheetTyping $typing = null,
        ?Stylebook $stylebook = null,
        ?bool $clean = null,
        ?Setup $fitted = null,
        bool $dresses = false,
    ): self {
        return new self(
            $cells ?? $this->cells,
            $this->name,
            $found ?? $this->found,
            $corrections ?? $this->corrections,
            $typing ?? $this->typing,
            $dresses && $clean !== null ? $stylebook : $this->stylebook,
            $clean ?? $this->clean,
            $this->came,
            $dresses ? $fitted : $this->fitted,
            $this->file,
            $this->named,
            $this->hand,
        );
    }

    /** @return array<array-key, mixed>|string|null the document of a name, ready for JSON */
    public function document(string $name): array|string|null
    {
        return match ($name) {
            'name' => $this->name,
            'found' => $this->found->toArray(),
            'corrections' => array_map(fn (Correction $correction) => $correction->toArray(), $this->corrections),
            'typing' => $this->typing?->toArray(),
            'dress' => $this->stylebook === null ? null : ['stylebook' => $this->stylebook->toArray(), 'clean' => $this->clean],
            'setup' => $this->came->toArray(),
            'fitted' => $this->fitted?->toArray(),
            'file' => $this->file->runs(),
            'named' => $this->named->runs(),
            'hand' => $this->hand->runs(),
            default => null,
        };
    }
}
