<?php

declare(strict_types=1);

namespace Rilvet\Routine;

use Rilvet\Refusal;
use Rilvet\Stylebook\Stylebook;

/** A saved list of steps, that says where by parts, headings and kinds, so that it can be done to other workbooks. */
final readonly class Routine
{
    public const SAYS = 'routine 1';

    /** Steps of one routine. */
    public const MOST = 500;

    /** Characters of a name, and of what is said about it. */
    public const NAME = 80;

    /**
     * @param  list<Step>  $steps
     * @param  array<string, Stylebook>  $stylebooks  that it dresses in, by name, as they were when it was written
     */
    public function __construct(public string $name, public array $steps, public array $stylebooks = [], public string $about = '')
    {
    }

    /** @throws RoutineIsWrong */
    public static function fromJson(string $json): self
    {
        $data = json_decode($json, true, 64);

        return self::fromArray(is_array($data) ? $data : throw RoutineIsWrong::json('it is not JSON, or not an object.'));
    }

    /**
     * @param  array<array-key, mixed>  $data
     *
     * @throws RoutineIsWrong
     */
    public static function fromArray(array $data): self
    {
        $strange = array_diff(array_map(strval(...), array_keys($data)), ['rilvet', 'name', 'about', 'steps', 'stylebooks', '$schema']);
        $strange === [] || throw RoutineIsWrong::json('"'.mb_substr(implode('", "', $strange), 0, 60).'" is not known.');
        ($data['rilvet'] ?? null) === self::SAYS || throw RoutineIsWrong::json('"rilvet" has to be "'.self::SAYS.'".');
        $name = $data['name'] ?? null;
        is_string($name) && trim($name) !== '' && mb_strlen($name) <= self::NAME
            || throw RoutineIsWrong::json('it wants a name of at most '.self::NAME.' characters.');
        $steps = $data['steps'] ?? null;
        is_array($steps) && $steps !== [] || throw RoutineIsWrong::empty();
        count($steps) <= self::MOST || throw RoutineIsWrong::json('at most '.self::MOST.' steps are taken.');
        $read = [];
        foreach (array_values($steps) as $at => $step) {
            $read[] = Step::fromArray($step, 'step '.($at + 1));
        }
        $about = $data['about'] ?? '';

        return new self(trim($name), $read, self::stylebooks($data['stylebooks'] ?? []), is_string($about) ? mb_substr($about, 0,
            1000) : '');
    }

    /** @return array<string, Stylebook> */
    private static function stylebooks(mixed $given): array
    {
        $stylebooks = [];
        foreach (is_array($given) ? $given : throw RoutineIsWrong::json('"stylebooks" is an object.') as $name => $one) {
            try {
                $stylebooks[(string) $name] = Stylebook::fromJson(json_encode($one, JSON_THROW_ON_ERROR));
            } catch (Refusal $wrong) {
                throw RoutineIsWrong::json("the stylebook \"$name\" it brings along: {$wrong->getMessage()}");
            }
        }

        return $stylebooks;
    }

    /** @return array<string, mixed> ready for JSON */
    public function toArray(): array
    {
        return ['rilvet' => self::SAYS, 'name' => $this->name] + ($this->about === '' ? [] : ['about' => $this->about])
            + ['steps' => array_map(fn (Step $step) => $step->toArray(), $this->steps)]
            + ($this->stylebooks === [] ? [] : ['stylebooks' => array_map(fn (Stylebook $one) => $one->toArray(), $this->stylebooks)]);
    }

    public function json(): string
    {
        return json_encode($this->toArray(), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRETTY_PRINT);
    }

    /** Whether it wants newer data to bring in. */
    public function wantsData(): bool
    {
        return array_filter($this->steps, fn (Step $step) => $step->does === 'bringIn') !== [];
    }

    /** What it hands over as, where it says so. */
    public function handsOver(): ?string
    {
        foreach (array_reverse($this->steps) as $step) {
            $as = $step->does === 'handOver' ? $step->with['as'] ?? null : null;
            if (is_string($as)) {
                return $as;
            }
        }

        return null;
    }
}
