<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Bench;
use App\Http\Records\DrawingRecord;
use App\Models\Workbook;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Rilvet\Xlsx\Book;
use Rilvet\Xlsx\Drawing;
use Rilvet\Xlsx\Moves;

/** What lies over the cells in the package that a workbook came in; it is shown, and stays as it is. */
final class DrawingController
{
    /** Pictures that a browser shows by itself and that cannot hold script, by their first bytes. */
    private const TYPES = ["\x89PNG" => 'image/png', "\xFF\xD8\xFF" => 'image/jpeg', 'GIF8' => 'image/gif'];

    /** Bytes of a picture that is shown. */
    private const LARGEST = 16_777_216;

    public function __construct(private readonly Bench $bench)
    {
    }

    /** What lies over the cells of a sheet: pictures, charts, shapes. */
    public function list(int $id, int $number): JsonResponse
    {
        return response()->json(
            array_map(
                fn (Drawing $drawing) => new DrawingRecord(
                    $drawing->kind,
                    $drawing->name,
                    $drawing->from,
                    $drawing->to ?? [],
                    $drawing->size,
                    $drawing->image !== null && preg_match('/\.(?:png|jpe?g|gif)$/i', $drawing->image) === 1,
                ),
                $this->with($id, $number, fn (Book $book, array $drawings) => $drawings) ?? [],
            ),
        );
    }

    /** A picture of the file. */
    public function picture(int $id, int $number, int $index): Response
    {
        $bytes = $this->with($id, $number, function (Book $book, array $drawings) use ($index) {
            $image = ($drawings[$index] ?? null)?->image;

            return $image === null || $book->package->zip->entries[$book->package->entry($image)]->size > self::LARGEST
                ? null
                : $book->package->contents($image);
        });
        foreach (self::TYPES as $begin => $type) {
            if ($bytes !== null && str_starts_with($bytes, $begin)) {
                return response($bytes, 200, [
                    'Content-Type' => $type,
                    'X-Content-Type-Options' => 'nosniff',
                    'Cache-Control' => 'private, max-age=3600',
                ]);
            }
        }
        abort(404, 'There is no such picture.');
    }

    /**
     * @template T
     *
     * @param  callable(Book, list<Drawing>): T  $do
     * @return T|null null where the workbook did not come in a package
     */
    private function with(int $id, int $number, callable $do): mixed
    {
        $row = Workbook::onShelf($id);
        $sheet = $this->bench->load($row, [$number])->sheet($number);
        $package = $row->package();
        $local = $package->local();
        $stream = $local === null ? false : fopen($local, 'rb');
        if ($stream === false) {
            return null;
        }
        try {
            $book = new Book($stream);
            $from = $book->sheet($number);

            return $from === null ? null : $do($book, Drawing::of($book, $from, new Moves($sheet->moves, $from->name)));
        } finally {
            fclose($stream);
        }
    }
}
