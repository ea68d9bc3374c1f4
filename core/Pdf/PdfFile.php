<?php

declare(strict_types=1);

namespace Rilvet\Pdf;

use RuntimeException;

/**
 * Writes the objects of a pdf (ISO 32000-1, 7.5) one after the other, so that memory holds where they stand and not what they
 * say. Small ones are packed together (7.5.7). The same objects give the same bytes: the file's name for itself is made of them.
 */
final class PdfFile
{
    /** Objects that are packed together. */
    private const PACKED = 200;

    /** Beyond it files get a tenth smaller and take twice as long. */
    private const LEVEL = 3;

    private int $last = 0;

    private int $length = 0;

    /** @var array<int, int> where objects stand: bytes from the beginning, or the pack and the place in it, told by the sign */
    private array $places = [];

    /** @var array<int, string> objects that are to be packed together */
    private array $open = [];

    private readonly \HashContext $sum;

    /** @param  resource  $out */
    public function __construct(private $out)
    {
        $this->sum = hash_init('md5');
        $this->write("%PDF-1.7\n%\xE2\xE3\xCF\xD3\n");
    }

    /** The number of an object that is written later. */
    public function reserve(): int
    {
        return ++$this->last;
    }

    public function put(int $number, string $body): void
    {
        $this->open[$number] = $body;
        count($this->open) < self::PACKED || $this->pack();
    }

    public function stream(int $number, string $data, string $says = ''): void
    {
        $packed = (string) gzcompress($data, self::LEVEL);
        $this->places[$number] = $this->length;
        $this->write("$number 0 obj\n<<$says/Filter/FlateDecode/Length ".strlen($packed).">>stream\n$packed\nendstream\nendobj\n");
    }

    /** Text that readers of a file want to find as it is. */
    public function plain(int $number, string $data, string $says): void
    {
        $this->places[$number] = $this->length;
        $this->write("$number 0 obj\n<<$says/Length ".strlen($data).">>stream\n$data\nendstream\nendobj\n");
    }

    public function finish(int $catalogue, int $about): void
    {
        $this->pack();
        $number = ++$this->last;
        $table = "\0\0\0\0\0\0\xFF";
        for ($at = 1; $at < $number; $at++) {
            $place = $this->places[$at] ?? null;
            // The kinds of entries: 0 free, 1 at a place, 2 in a pack.
            $table .= match (true) {
                $place === null => "\0\0\0\0\0\0\0",
                $place >= 0 => "\1".substr(pack('J', $place), 4).pack('n', 0),
                default => "\2".substr(pack('J', intdiv(-$place, self::PACKED + 1)), 4).pack('n', -$place % (self::PACKED + 1)),
            };
        }
        $start = $this->length;
        $table .= "\1".substr(pack('J', $start), 4).pack('n', 0);
        $id = hash_final(hash_copy($this->sum));
        $packed = (string) gzcompress($table, self::LEVEL);
        $this->write("$number 0 obj\n<</Type/XRef/Size ".($number + 1)."/W[1 4 2]/Root $catalogue 0 R/Info $about 0 R/ID[<$id><$id>]"
            .'/Filter/FlateDecode/Length '.strlen($packed).">>stream\n$packed\nendstream\nendobj\nstartxref\n$start\n%%EOF\n");
    }

    private function pack(): void
    {
        if ($this->open === []) {
            return;
        }
        $number = ++$this->last;
        $index = $body = '';
        $at = 0;
        foreach ($this->open as $one => $says) {
            $index .= "$one ".strlen($body).' ';
            $body .= "$says\n";
            $this->places[$one] = -($number * (self::PACKED + 1) + $at++);
        }
        $this->stream($number, $index.$body, '/Type/ObjStm/N '.count($this->open).'/First '.strlen($index));
        $this->open = [];
    }

    private function write(string $bytes): void
    {
        if (fwrite($this->out, $bytes) !== strlen($bytes)) {
            throw new RuntimeException('The pdf could not be written: the disk is full.');
        }
        hash_update($this->sum, $bytes);
        $this->length += strlen($bytes);
    }

    /**
     * Objects as others speak of them.
     *
     * @param  list<int>  $numbers
     */
    public static function list(array $numbers): string
    {
        return implode(' ', array_map(fn (int $number) => "$number 0 R", $numbers));
    }

    /** A text of the document, in UTF-16 (7.9.2.2). */
    public static function text(string $text): string
    {
        return '<FEFF'.strtoupper(bin2hex(mb_convert_encoding($text, 'UTF-16BE', 'UTF-8'))).'>';
    }
}
