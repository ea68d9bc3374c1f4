<?php

declare(strict_types=1);

namespace Rilvet\Package;

use DOMDocument;
use DOMElement;
use Rilvet\Intake\Exception\FileIsWrong;

/** Small xml parts as trees. Document types and entities are refused; nothing is ever fetched. */
final class PackageXml
{
    /** @throws FileIsWrong */
    public static function tree(string $xml, string $name): DOMDocument
    {
        if (preg_match('/<!(?:DOCTYPE|ENTITY)/i', self::plain($xml)) === 1) {
            throw FileIsWrong::package(
                "\"$name\" in the package declares a document type or entities, which spreadsheets never need. It is not read.",
            );
        }
        $tree = new DOMDocument;
        $previous = libxml_use_internal_errors(true);
        libxml_clear_errors();
        try {
            if (
                $xml === '' ||
                ! $tree->loadXML($xml, LIBXML_NONET | LIBXML_COMPACT) ||
                $tree->documentElement === null ||
                $tree->doctype !== null
            ) {
                $line = (libxml_get_last_error() ?: null)->line ?? 1;
                throw FileIsWrong::package(
                    "\"$name\" in the package is no well-formed xml (line $line). The file may be cut off or damaged.",
                );
            }
        } finally {
            libxml_clear_errors();
            libxml_use_internal_errors($previous);
        }

        return $tree;
    }

    public static function root(DOMDocument $tree): DOMElement
    {
        return $tree->documentElement ?? throw FileIsWrong::package('A part of the package is empty.');
    }

    /** @return list<DOMElement> children of a name, whatever their prefix */
    public static function children(DOMElement $parent, string $name): array
    {
        $found = [];
        foreach ($parent->childNodes as $child) {
            if ($child instanceof DOMElement && $child->localName === $name) {
                $found[] = $child;
            }
        }

        return $found;
    }

    public static function child(DOMElement $parent, string $name): ?DOMElement
    {
        return self::children($parent, $name)[0] ?? null;
    }

    /**
     * Whether an attribute says yes (xsd:boolean, and the words of older files).
     *
     * @param  bool  $unsaid  what is meant where nothing is said, or something that is neither yes nor no
     */
    public static function isOn(?DOMElement $element, string $attribute, bool $unsaid = false): bool
    {
        return match ($element?->getAttribute($attribute)) {
            '1', 'true', 'on' => true,
            '0', 'false', 'off' => false,
            default => $unsaid,
        };
    }

    /** The beginning of a part in an encoding in which its markup can be looked for. */
    private static function plain(string $xml): string
    {
        return preg_match('/^(?:\xFF\xFE|\xFE\xFF|<\x00|\x00<)/', $xml) === 1
            ? (string) mb_convert_encoding(
                $xml,
                'UTF-8',
                str_starts_with($xml, "\xFE\xFF") || str_starts_with($xml, "\x00") ? 'UTF-16BE' : 'UTF-16LE',
            )
            : $xml;
    }

    /** An element of the namespace and with the prefix of another; it stands nowhere yet. */
    public static function made(DOMElement $near, string $name): DOMElement
    {
        $name = $near->prefix === '' ? $name : "$near->prefix:$name";
        $element = $near->ownerDocument?->createElementNS((string) $near->namespaceURI, $name);
        assert($element instanceof DOMElement);

        return $element;
    }
}
