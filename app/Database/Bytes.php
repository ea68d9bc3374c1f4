<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;
use RuntimeException;

/**
 * Bytes in the columns of any database: some take them as a text and give them as a stream, or the other way round.
 *
 * @implements CastsAttributes<string, string>
 */
final class Bytes implements CastsAttributes
{
    /** @return string|resource what a query binds */
    public static function in(string $bytes): mixed
    {
        if (DB::getDriverName() !== 'pgsql') {
            return $bytes;
        }
        $stream = fopen('php://memory', 'r+b');
        if ($stream === false) {
            throw new RuntimeException('No memory is left for a stream.');
        }
        fwrite($stream, $bytes);
        rewind($stream);

        return $stream;
    }

    /** @param  mixed  $value  what a column gave */
    public static function out(mixed $value): string
    {
        if (is_resource($value)) {
            rewind($value);

            return (string) stream_get_contents($value);
        }

        return is_string($value) ? $value : '';
    }

    public function get(Model $model, string $key, mixed $value, array $attributes): string
    {
        return self::out($value);
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): mixed
    {
        return self::in(self::out($value));
    }
}
