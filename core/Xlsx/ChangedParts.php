<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use DOMDocument;
use DOMElement;
use Rilvet\Package\Package;
use Rilvet\Package\PackageXml;
use Rilvet\Package\PackedPart;
use Rilvet\Package\Relationship;
use Rilvet\Package\ZipWriter;

/** A package of which some parts are others now, some are new, and some are gone; all else goes over byte for byte as it was packed. */
final class ChangedParts
{
    /** @var array<string, PackedPart|string|null> what stands in the place of entries, by name; null leaves one out */
    private array $replaced = [];

    /** @var array<string, string> entries that are new */
    private array $added = [];

    public function __construct(private readonly Package $package)
    {
    }

    public function isEmpty(): bool
    {
        return $this->replaced === [] && $this->added === [];
    }

    /** Whether a part is gone, or was written row by row: it is not looked into again. */
    public function isDone(string $entry): bool
    {
        return array_key_exists($entry, $this->replaced) && ! is_string($this->replaced[$entry]);
    }

    /** What is said in the place of a part, or null; also null for one whose rows are written already. */
    public function said(string $part): ?string
    {
        $now = $this->replaced[$this->package->entry($part)] ?? null;

        return is_string($now) ? $now : null;
    }

    public function replace(string $part, PackedPart|string $with): void
    {
        $this->replaced[$this->package->entry($part)] = $with;
    }

    public function add(string $name, string $xml): void
    {
        $this->added[$name] = $xml;
    }

    /** @param  callable(DOMElement, DOMDocument): void  $change */
    public function change(string $part, callable $change): void
    {
        $tree = PackageXml::tree($this->said($part) ?? $this->package->contents($part), $this->package->entry($part));
        $change(PackageXml::root($tree), $tree);
        $this->replace($part, (string) $tree->saveXML());
    }

    /** Takes a part out, with the word that points at it. */
    public function takeOut(string $from, string $kind): void
    {
        $relationship = $this->package->related($from, $kind);
        if ($relationship === null) {
            return;
        }
        $this->drop($relationship->target);
        $this->unrelate($from, $relationship);
    }

    public function unrelate(string $from, Relationship $relationship): void
    {
        $this->change(Package::relationshipsOf($from), function (DOMElement $root) use ($relationship) {
            foreach (PackageXml::children($root, 'Relationship') as $element) {
                $element->getAttribute('Id') === $relationship->id && $element->remove();
            }
        });
    }

    public function drop(string $part): void
    {
        if (! $this->package->has($part)) {
            return;
        }
        $this->replaced[$this->package->entry($part)] = null;
        $this->change('[Content_Types].xml', function (DOMElement $root) use ($part) {
            foreach (PackageXml::children($root, 'Override') as $element) {
                strcasecmp(ltrim($element->getAttribute('PartName'), '/'), $part) === 0 && $element->remove();
            }
        });
    }

    /** A new part is named in the list of types, and by the one that points at it. */
    public function declare(string $part, string $type, string $from, string $id, string $relation, string $target): void
    {
        $this->change('[Content_Types].xml', function (DOMElement $root, DOMDocument $tree) use ($part, $type) {
            $element = $tree->createElementNS((string) $root->namespaceURI, 'Override');
            assert($element instanceof DOMElement);
            $element->setAttribute('PartName', "/$part");
            $element->setAttribute('ContentType', "application/vnd.openxmlformats-officedocument.spreadsheetml.$type");
            $root->appendChild($element);
        });
        $this->change(Package::relationshipsOf($from), function (DOMElement $root, DOMDocument $tree) use ($id, $relation, $target) {
            $element = $tree->createElementNS((string) $root->namespaceURI, 'Relationship');
            assert($element instanceof DOMElement);
            foreach (['Id' => $id, 'Type' => $relation, 'Target' => $target] as $name => $value) {
                $element->setAttribute($name, $value);
            }
            $root->appendChild($element);
        });
    }

    public function write(ZipWriter $zip): void
    {
        foreach ($this->package->zip->entries as $name => $entry) {
            $name = (string) $name;
            $part = array_key_exists($name, $this->replaced) ? $this->replaced[$name] : $entry;
            match (true) {
                $part === null => null,
                is_string($part) => $zip->add($name, $part),
                $part instanceof PackedPart => $zip->place($name, $part),
                default => $zip->copy($this->package->zip, $part),
            };
        }
        foreach ($this->added as $name => $xml) {
            $zip->add($name, $xml);
        }
    }
}
