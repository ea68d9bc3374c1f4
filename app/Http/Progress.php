<?php

declare(strict_types=1);

namespace App\Http;

use App\Wire\ActIsWrong;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;

/** How far a request has come that goes over many sheets, told to whoever waits for its answer. */
final class Progress
{
    /** Seconds for which it is known. */
    private const KNOWN = 60;

    private int $done = 0;

    private function __construct(private readonly ?string $watch, private readonly int $all)
    {
    }

    /** @param  int  $all  steps that there are; the request names under what it is asked about */
    public static function of(Request $request, int $all): self
    {
        $watch = $request->input('watch');
        if ($watch !== null && (! is_string($watch) || preg_match('/^[A-Za-z0-9-]{8,64}$/', $watch) !== 1)) {
            throw ActIsWrong::argument('watch', '8 to 64 letters, figures and hyphens');
        }

        return new self($watch, $all);
    }

    public function step(): void
    {
        $this->done++;
        $this->watch === null || Cache::put(self::key($this->watch), $this->done / $this->all, self::KNOWN);
    }

    /** @return float the share that is done, from 0 to 1; 0 where nothing is known */
    public static function done(string $watch): float
    {
        $done = Cache::get(self::key($watch));

        return is_numeric($done) ? (float) $done : 0.0;
    }

    private static function key(string $watch): string
    {
        return "progress.$watch";
    }
}
