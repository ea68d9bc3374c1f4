<?php

declare(strict_types=1);

namespace Rilvet\Pdf;

use Rilvet\Paper\Canvas;
use Rilvet\Paper\TableRow;
use Rilvet\Paper\TextStyle;

/** A page as content of a pdf (ISO 32000-1, 8 and 9). What is of no paragraph and no cell is marked as furniture (14.8.2.2). */
final class PdfCanvas implements Canvas
{
    private const TEXT = '~^(?:https?://|mailto:)[^\s<>"{}|\\\\^`]{3,2000}$~i';

    private string $content;

    /** What a stretch of content is: furniture, something that is read, or not said yet. */
    private string $marked = '';

    private string $ink = '';

    private string $font = '';

    /** @var list<array{string, string}> ink and font of what is around */
    private array $around = [];

    private int $column = 0;

    private bool $isOfCell = false;

    /** @var list<int> */
    private array $links = [];

    public function __construct(
        private readonly FontSet $fonts,
        private readonly Structure $structure,
        private readonly PdfFile $file,
        private readonly float $height,
    ) {
        // From here on lengths are px, and y grows downwards.
        $this->content = PdfDocument::PT.' 0 0 -'.PdfDocument::PT.' 0 '.self::n($height * PdfDocument::PT)." cm\n";
    }

    /** @return array{string, list<int>} content, and the numbers of links */
    public function finish(): array
    {
        $this->endFurniture();

        return [$this->content, $this->links];
    }

    public function fill(float $x, float $y, float $width, float $height, string $colour): void
    {
        $this->begin();
        $this->ink($colour);
        $this->content .= self::n($x).' '.self::n($y).' '.self::n($width).' '.self::n($height)." re f\n";
    }

    public function stroke(float $x1, float $y1, float $x2, float $y2, float $width, string $colour, array $dashes = []): void
    {
        $this->begin();
        $line = self::n($x1).' '.self::n($y1).' m '.self::n($x2).' '.self::n($y2).' l S';
        $this->content .= self::colour($colour).' RG '.self::n($width).' w '.($dashes === [] ? $line
            : '['.implode(' ', array_map(self::n(...), $dashes))."] 0 d $line [] 0 d")."\n";
    }

    public function shape(string $path, float $x, float $y, float $size, string $colour): void
    {
        $this->begin();
        $this->ink($colour);
        $this->content .= Path::content($path, $x, $y, $size / 12)."f*\n";
    }

    public function text(float $x, float $y, string $text, TextStyle $style): void
    {
        $this->begin();
        $this->ink($style->ink);
        [$runs, $isAsIs] = $this->fonts->codes($text, $style->family, $style->bold, $style->italic);
        $size = self::n($style->size);
        $says = 'BT 1 0 0 -1 '.self::n($x).' '.self::n($y).' Tm ';
        foreach ($runs as [$piece, $codes]) {
            if ($this->font !== "$piece->name $size") {
                $this->font = "$piece->name $size";
                $says .= "/$piece->name $size Tf ";
            }
            $says .= "<$codes> Tj ";
        }
        $says .= 'ET';
        // Where other letters are drawn than are meant, or in another order, the text itself stands beside them (14.9.4).
        $this->content .= $isAsIs ? "$says\n" : '/Span<</ActualText '.PdfFile::text($text).">>BDC\n$says\nEMC\n";
        $this->isOfCell && preg_match(self::TEXT, $text) === 1 && $this->link($x, $y, $text, $style);
    }

    public function clip(float $x, float $y, float $width, float $height): void
    {
        $this->enter();
        $this->content .= self::n($x).' '.self::n($y).' '.self::n(max(0.0, $width)).' '.self::n(max(0.0, $height))." re W n\n";
    }

    public function turn(float $x, float $y, float $degrees): void
    {
        $this->enter();
        [$cos, $sin] = [self::n(cos(deg2rad($degrees)), 5), self::n(sin(deg2rad($degrees)), 5)];
        $this->content .= "$cos $sin ".self::n(-sin(deg2rad($degrees)), 5)." $cos ".self::n($x).' '.self::n($y)." cm\n";
    }

    public function leave(): void
    {
        $this->endFurniture();
        $this->content .= "Q\n";
        [$this->ink, $this->font] = array_pop($this->around) ?? ['', ''];
    }

    public function row(TableRow $row): void
    {
        $this->structure->row($row);
    }

    public function cell(int $column): void
    {
        [$this->column, $this->isOfCell] = [$column, true];
        $this->read('Span', $this->structure->cell($column));
    }

    public function paragraph(string $role): void
    {
        $this->read($role, $this->structure->paragraph($role));
    }

    public function done(): void
    {
        $this->content .= "EMC\n";
        [$this->marked, $this->isOfCell] = ['', false];
    }

    private function read(string $role, int $mark): void
    {
        $this->endFurniture();
        $this->content .= "/$role<</MCID $mark>>BDC\n";
        $this->marked = 'read';
    }

    private function begin(): void
    {
        if ($this->marked === '') {
            $this->content .= "/Artifact BMC\n";
            $this->marked = 'furniture';
        }
    }

    private function endFurniture(): void
    {
        if ($this->marked === 'furniture') {
            $this->content .= "EMC\n";
            $this->marked = '';
        }
    }

    private function enter(): void
    {
        $this->endFurniture();
        $this->around[] = [$this->ink, $this->font];
        $this->content .= "q\n";
    }

    private function link(float $x, float $y, string $uri, TextStyle $style): void
    {
        $number = $this->file->reserve();
        $this->links[] = $number;
        $key = $this->structure->link($this->column, $number);
        $pt = fn (float $px) => self::n($px * PdfDocument::PT);
        $width = $this->fonts->width($uri, $style);
        $plain = '('.addcslashes($uri, '()\\').')';
        $this->file->put($number, '<</Type/Annot/Subtype/Link/Rect['.$pt($x).' '.$pt($this->height - $y - 0.3 * $style->size).' '.
            $pt($x + $width).' '
            .$pt($this->height - $y + $style->size)."]/Border[0 0 0]/A<</S/URI/URI$plain>>/Contents".PdfFile::text($uri).
                "/StructParent $key/F 4>>");
    }

    private function ink(string $colour): void
    {
        if ($this->ink !== $colour) {
            $this->ink = $colour;
            $this->content .= self::colour($colour)." rg\n";
        }
    }

    private static function colour(string $hex): string
    {
        return implode(' ', array_map(fn (string $part) => self::n(hexdec($part) / 255, 4), str_split(ltrim($hex, '#'), 2)));
    }

    private static function n(float $number, int $places = 2): string
    {
        if ($places === 2 && $number >= 0) {
            // The same as rounding, and twice as fast: a page says thousands of numbers.
            $hundredths = (int) ($number * 100 + 0.5);
            $rest = $hundredths % 100;

            return intdiv($hundredths, 100).($rest === 0 ? ''
                : ($rest < 10 ? ".0$rest" : ".$rest"));
        }

        return (string) round($number, $places);
    }
}
