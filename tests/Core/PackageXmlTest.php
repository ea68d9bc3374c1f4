<?php

declare(strict_types=1);

namespace Tests\Core;

use DOMElement;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Package\PackageXml;
use Rilvet\Refusal;

/** Parts of a package as trees: nothing is declared, nothing is fetched, and what is wrong is named with its part. */
final class PackageXmlTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function declaring(): iterable
    {
        $with = '<?xml version="1.0"?><!DOCTYPE x [<!ENTITY e "ee">]><x>&e;</x>';
        yield 'a document type' => ['<!DOCTYPE x><x/>'];
        yield 'in small letters, which is no xml at all' => ['<!doctype x><x/>'];
        yield 'entities' => [$with];
        yield 'entities from elsewhere' => ['<!DOCTYPE x [<!ENTITY e SYSTEM "file:///etc/passwd">]><x>&e;</x>'];
        yield 'UTF-16, the low byte first' => ["\xFF\xFE".mb_convert_encoding($with, 'UTF-16LE', 'UTF-8')];
        yield 'UTF-16, the high byte first' => ["\xFE\xFF".mb_convert_encoding($with, 'UTF-16BE', 'UTF-8')];
        yield 'UTF-16 without a mark, the low byte first' => [mb_convert_encoding($with, 'UTF-16LE', 'UTF-8')];
        yield 'UTF-16 without a mark, the high byte first' => [mb_convert_encoding($with, 'UTF-16BE', 'UTF-8')];
    }

    #[DataProvider('declaring')]
    public function test_what_declares_anything_is_refused_in_every_encoding(string $xml): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage('"xl/a.xml" in the package declares a document type or entities');
        PackageXml::tree($xml, 'xl/a.xml');
    }

    /** @return iterable<string, array{string, int}> xml, and the line at which it is wrong */
    public static function broken(): iterable
    {
        yield 'nothing' => ['', 1];
        yield 'no element' => ["<?xml version=\"1.0\"?>\n", 2];
        yield 'cut off' => ["<x>\n<y>\n", 3];
        yield 'crossed' => ["<x>\n\n<y></x></y>", 3];
        yield 'an entity that nobody declared' => ["<x>\n&e;</x>", 2];
        yield 'bytes that are no text' => ["<x>\xC3\x28</x>", 1];
    }

    #[DataProvider('broken')]
    public function test_what_is_no_xml_is_named_with_its_line(string $xml, int $line): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage("\"xl/a.xml\" in the package is no well-formed xml (line $line).");
        PackageXml::tree($xml, 'xl/a.xml');
    }

    public function test_a_fault_of_one_part_is_not_told_of_the_next(): void
    {
        foreach (["<x>\n\n\n<y></x>", '<x/>'] as $xml) {
            try {
                PackageXml::tree($xml, 'a');
            } catch (Refusal) {
            }
        }
        $this->expectExceptionMessage('(line 1)');
        PackageXml::tree('', 'b');
    }

    public function test_utf_16_is_read_as_what_it_says(): void
    {
        foreach (['UTF-16LE' => "\xFF\xFE", 'UTF-16BE' => "\xFE\xFF"] as $encoding => $mark) {
            $tree = PackageXml::tree($mark.mb_convert_encoding('<x a="ü€"/>', $encoding, 'UTF-8'), 'a');
            self::assertSame('ü€', PackageXml::root($tree)->getAttribute('a'));
        }
    }

    public function test_children_are_found_whatever_their_prefix_and_made_ones_have_that_of_their_neighbour(): void
    {
        $root = PackageXml::root(PackageXml::tree('<p:x xmlns:p="urn:p" xmlns:q="urn:p"><p:a/><q:a/>text<p:b><p:a/></p:b></p:x>', 'a'));
        self::assertCount(2, PackageXml::children($root, 'a'));
        self::assertSame(['p:b', null], [PackageXml::child($root, 'b')?->nodeName, PackageXml::child($root, 'c')]);
        $made = PackageXml::made($root, 'c');
        self::assertSame(['p:c', 'urn:p', null], [$made->nodeName, $made->namespaceURI, $made->parentNode]);
        $plain = PackageXml::root(PackageXml::tree('<x xmlns="urn:d"/>', 'a'));
        $made = PackageXml::made($plain, 'c');
        self::assertSame(['c', 'urn:d'], [$made->nodeName, $made->namespaceURI]);
        $plain->appendChild($made);
        self::assertStringContainsString('<x xmlns="urn:d"><c/></x>', (string) $plain->ownerDocument?->saveXML());
        self::assertInstanceOf(DOMElement::class, PackageXml::child($plain, 'c'));
    }
}
