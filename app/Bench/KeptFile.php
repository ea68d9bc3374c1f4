<?php

declare(strict_types=1);

namespace App\Bench;

use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Filesystem\LocalFilesystemAdapter;
use Illuminate\Support\Facades\Storage;
use RuntimeException;
use Throwable;

/**
 * A file of an import, a workbook or a hand-over, on the disk that config/rilvet.php names. Readers and writers of formats
 * want a file of this machine: where the disk is another one, a copy stands in.
 */
final class KeptFile
{
    private ?string $copy = null;

    public function __construct(public readonly string $path)
    {
    }

    public function __destruct()
    {
        $this->copy === null || @unlink($this->copy);
    }

    public function exists(): bool
    {
        return self::disk()->exists($this->path);
    }

    /** Keeps a copy of a file of this machine. */
    public function take(string $file): void
    {
        $stream = fopen($file, 'rb');
        if ($stream === false || ! self::disk()->writeStream($this->path, $stream)) {
            throw new RuntimeException("The file cannot be kept as {$this->path}: the disk is full or cannot be written.");
        }
        is_resource($stream) && fclose($stream);
    }

    /** The same for a row of the database, which goes where its file cannot be kept. */
    public function takeFor(Model $row, string $file): void
    {
        try {
            $this->take($file);
        } catch (Throwable $fault) {
            $row->delete();
            throw $fault;
        }
    }

    public function takeFrom(self $other): void
    {
        $this->take($other->local() ?? throw new RuntimeException("There is no file {$other->path}."));
    }

    /** Where it can be read on this machine; null where there is none. */
    public function local(): ?string
    {
        $disk = self::disk();
        if (! $disk->exists($this->path)) {
            return null;
        }
        if ($disk instanceof LocalFilesystemAdapter) {
            return $disk->path($this->path);
        }
        if ($this->copy === null) {
            $this->copy = $this->draft();
            $stream = $disk->readStream($this->path);
            if ($stream === null || file_put_contents($this->copy, $stream) === false) {
                throw new RuntimeException("The file {$this->path} cannot be read from its disk.");
            }
        }

        return $this->copy;
    }

    /** Where it can be written on this machine, to be published when it is whole. */
    public function draft(): string
    {
        $disk = self::disk();
        if ($disk instanceof LocalFilesystemAdapter) {
            $disk->makeDirectory(dirname($this->path));

            return $disk->path($this->path);
        }

        return $this->copy = (string) tempnam(sys_get_temp_dir(), 'rilvet');
    }

    public function publish(string $draft): void
    {
        self::disk() instanceof LocalFilesystemAdapter || $this->take($draft);
    }

    public function delete(): void
    {
        // A file that somebody else has taken away meanwhile is as good as deleted.
        self::disk()->exists($this->path) && self::disk()->delete($this->path);
    }

    public static function disk(): Filesystem
    {
        $name = config('rilvet.disk');

        return Storage::disk(is_string($name) ? $name : null);
    }
}
