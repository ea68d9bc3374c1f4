<?php

declare(strict_types=1);

namespace Rilvet\Routine;

/** One step of a routine: what is done, where, and how. */
final readonly class Step
{
    /** Sheets that a step names at the most. */
    private const SHEETS = 500;

    /**
     * @param  string  $does  name of an act, or one of {@see Doing}
     * @param  Place|null  $at  null for the sheet as a whole
     * @param  list<string>|null  $sheets  names; null for every sheet that has such a place
     * @param  array<string, mixed>  $with  what the act says, without addresses
     * @param  bool  $isSure  its place says the cells that were meant, and no others
     * @param  string|null  $said  the addresses that were meant when it was done, for a person to compare
     */
    public function __construct(
        public string $does,
        public ?Place $at = null,
        public ?array $sheets = null,
        public array $with = [],
        public bool $isSure = true,
        public ?string $said = null,
    ) {
    }

    /** @throws RoutineIsWrong */
    public static function fromArray(mixed $data, string $where): self
    {
        is_array($data) || throw RoutineIsWrong::at($where, 'an object is wanted.');
        $does = $data['do'] ?? null;
        is_string($does) && isset(Doing::ALL[$does])
            || throw RoutineIsWrong::at($where, 'there is nothing called "'.(is_string($does) ? mb_substr($does, 0, 60) : '').'" to do.');
        $sheets = $data['sheets'] ?? null;
        $isList = is_array($sheets) && $sheets !== [] && count($sheets) <= self::SHEETS && array_filter($sheets,
            is_string(...)) === $sheets;
        $sheets === null || $isList || throw RoutineIsWrong::at($where, 'sheets are a list of names, or are left out for every sheet.');
        $with = $data['with'] ?? [];
        is_array($with) || throw RoutineIsWrong::at($where, '"with" is an object.');
        $strange = array_diff(array_map(strval(...), array_keys($data)), ['do', 'at', 'sheets', 'with', 'sure', 'said']);
        $strange === [] || throw RoutineIsWrong::at($where, '"'.mb_substr(implode('", "', $strange), 0, 60).'" is not known.');
        try {
            $at = isset($data['at']) ? Place::fromArray($data['at']) : null;
        } catch (RoutineIsWrong $wrong) {
            throw RoutineIsWrong::at($where, $wrong->getMessage());
        }
        $said = $data['said'] ?? null;

        return new self($does, $at, $isList ? array_values(array_filter($sheets, is_string(...))) : null,
            array_combine(array_map(strval(...), array_keys($with)), array_values($with)), ($data['sure'] ?? true) === true,
            is_string($said) ? $said : null);
    }

    /** @return array<string, mixed> ready for JSON */
    public function toArray(): array
    {
        return ['do' => $this->does] + array_filter([
            'at' => $this->at?->toArray(), 'sheets' => $this->sheets, 'with' => $this->with, 'said' => $this->said,
        ], fn (mixed $value) => $value !== null && $value !== []) + ($this->isSure ? [] : ['sure' => false]);
    }

    /** "Body of Amount: bold", as a sentence. */
    public function words(): string
    {
        return Sentence::of($this);
    }
}
