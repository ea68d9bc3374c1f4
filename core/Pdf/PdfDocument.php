<?php

declare(strict_types=1);

namespace Rilvet\Pdf;

use Rilvet\Text\Fonts;

/**
 * A pdf that is written page by page: tagged (ISO 14289-1), with bookmarks, all fonts in it as far as they are used. Nothing in
 * it depends on the time or on chance.
 */
final class PdfDocument
{
    /** pt a px at 96 dpi. */
    public const PT = 0.75;

    private readonly PdfFile $file;

    private readonly FontSet $fonts;

    private readonly Structure $structure;

    private readonly int $pagesNumber;

    private readonly int $resources;

    /** @var list<int> */
    private array $pages = [];

    /** @var list<array{string, int}> names of bookmarks, and the pages that they lead to */
    private array $marks = [];

    private ?string $mark = null;

    /** @param  resource  $out */
    public function __construct($out, Fonts $fonts, private readonly string $title, private readonly string $language = 'en')
    {
        $this->file = new PdfFile($out);
        $this->fonts = new FontSet($fonts, $this->file);
        $this->structure = new Structure($this->file);
        [$this->pagesNumber, $this->resources] = [$this->file->reserve(), $this->file->reserve()];
    }

    /** What comes stands under a bookmark, and in a section of its own. */
    public function section(string $name): void
    {
        $this->structure->section();
        $this->mark = $name;
    }

    /**
     * A page, drawn on a canvas and done with.
     *
     * @param  float  $width  px
     * @param  callable(PdfCanvas): void  $draw
     */
    public function page(float $width, float $height, callable $draw): void
    {
        $page = $this->file->reserve();
        $content = $this->file->reserve();
        $this->pages[] = $page;
        if ($this->mark !== null) {
            $this->marks[] = [$this->mark, $page];
            $this->mark = null;
        }
        $key = $this->structure->page($page);
        $canvas = new PdfCanvas($this->fonts, $this->structure, $this->file, $height);
        $draw($canvas);
        [$says, $links] = $canvas->finish();
        $this->structure->leavePage($key);
        $this->file->stream($content, $says);
        $box = round($width * self::PT, 2).' '.round($height * self::PT, 2);
        $this->file->put($page, "<</Type/Page/Parent $this->pagesNumber 0 R/MediaBox[0 0 $box]/Resources $this->resources 0 R"
            ."/Contents $content 0 R/StructParents $key/Tabs/S".($links === [] ? '' : '/Annots['.PdfFile::list($links).']').'>>');
    }

    /** @return list<string> characters that no shipped font has: a square stands for each */
    public function finish(): array
    {
        $file = $this->file;
        $this->structure->finish();
        $fonts = '';
        foreach ($this->fonts->used() as $name => $piece) {
            if ($piece->isUsed()) {
                $piece->write($file);
                $fonts .= "/$name $piece->number 0 R";
            }
        }
        $file->put($this->resources, "<</Font<<$fonts>>>>");
        $file->put($this->pagesNumber, '<</Type/Pages/Count '.count($this->pages).'/Kids['.PdfFile::list($this->pages).']>>');
        [$catalogue, $about, $meta] = [$file->reserve(), $file->reserve(), $file->reserve()];
        $file->plain($meta, $this->metadata(), '/Type/Metadata/Subtype/XML');
        $file->put($about, '<</Title '.PdfFile::text($this->title).'/Producer(Rilvet)>>');
        $outline = $this->outline();
        $file->put($catalogue, "<</Type/Catalog/Pages $this->pagesNumber 0 R/Metadata $meta 0 R/Lang($this->language)"
            .'/MarkInfo<</Marked true>>/StructTreeRoot '.$this->structure->root().' 0 R/ViewerPreferences<</DisplayDocTitle true>>'
            .($outline === null ? '' : "/Outlines $outline 0 R/PageMode/UseOutlines").'>>');
        $file->finish($catalogue, $about);

        return $this->fonts->missing();
    }

    private function outline(): ?int
    {
        if ($this->marks === []) {
            return null;
        }
        $root = $this->file->reserve();
        $numbers = array_map(fn () => $this->file->reserve(), $this->marks);
        foreach ($this->marks as $at => [$name, $page]) {
            $beside = (isset($numbers[$at - 1]) ? '/Prev '.$numbers[$at - 1].' 0 R' : '')
                .(isset($numbers[$at + 1]) ? '/Next '.$numbers[$at + 1].' 0 R' : '');
            $this->file->put($numbers[$at], '<</Title '.PdfFile::text($name)."/Parent $root 0 R/Dest[$page 0 R/Fit]$beside>>");
        }
        $ends = "/First $numbers[0] 0 R/Last ".$numbers[count($numbers) - 1].' 0 R';
        $this->file->put($root, "<</Type/Outlines$ends/Count ".count($numbers).'>>');

        return $root;
    }

    /** What the document says of itself (ISO 16684-1), with the mark of ISO 14289-1, 5. */
    private function metadata(): string
    {
        $title = htmlspecialchars((string) preg_replace('/[\x00-\x1F]/', ' ', $this->title), ENT_XML1 | ENT_QUOTES, 'UTF-8');

        return "<?xpacket begin=\"\u{FEFF}\" id=\"W5M0MpCehiHzreSzNTczkc9d\"?>\n<x:xmpmeta xmlns:x=\"adobe:ns:meta/\"><rdf:RDF "
            .'xmlns:rdf="http://www.w3.org/1999/02/22-rdf-syntax-ns#"><rdf:Description rdf:about="" '
            .'xmlns:dc="http://purl.org/dc/elements/1.1/" xmlns:pdfuaid="http://www.aiim.org/pdfua/ns/id/">'
            .'<pdfuaid:part>1</pdfuaid:part><dc:title><rdf:Alt>'
            ."<rdf:li xml:lang=\"x-default\">$title</rdf:li></rdf:Alt></dc:title>"
            ."<dc:language><rdf:Bag><rdf:li>$this->language</rdf:li></rdf:Bag></dc:language>"
            ."</rdf:Description></rdf:RDF></x:xmpmeta>\n<?xpacket end=\"w\"?>";
    }
}
