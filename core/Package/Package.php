<?php

declare(strict_types=1);

namespace Rilvet\Package;

use Rilvet\Intake\Exception\FileIsWrong;

/** A package of parts by ISO/IEC 29500-2: a zip archive in which relationships say what belongs to what, whatever its name. */
final class Package
{
    /** @var array<string, list<Relationship>> by the part that they go out from; "" is the package itself */
    private array $relationships = [];

    /** @var array<string, string> names of entries by their small letters: names of parts are compared so (6.2.2.3) */
    private array $names = [];

    public function __construct(public readonly ZipReader $zip)
    {
        foreach (array_keys($zip->entries) as $name) {
            $this->names[strtolower((string) $name)] = (string) $name;
        }
        if (isset($this->names['encryptedpackage'])) {
            throw FileIsWrong::package('The workbook is protected by a password. Save it without one and bring it in again.');
        }
        foreach ($this->names as $name) {
            // What is embedded in a document is its own; any other archive inside an archive is no workbook.
            if (preg_match('/\.(?:zip|xlsx|ods|jar|gz|7z|rar)$/i', $name) === 1 && stripos($name, 'embeddings/') === false) {
                throw FileIsWrong::package(
                    'The package holds another archive, "'.
                        mb_strimwidth(mb_scrub($name), 0, 80, '…').
                        '". Unpack it and bring in the tables that are in it.',
                );
            }
        }
        if (! isset($this->names['[content_types].xml'])) {
            throw FileIsWrong::package('The file is a zip package, but no workbook is in it.');
        }
    }

    /** @return list<Relationship> */
    public function relationships(string $part): array
    {
        return $this->relationships[$part] ??= $this->read($part);
    }

    /** The name of the part that the relationships of a part are in. */
    public static function relationshipsOf(string $part): string
    {
        $folder = dirname($part);

        return $part === '' ? '_rels/.rels'
            : ($folder === '.' ? '' : "$folder/").'_rels/'.basename($part).'.rels';
    }

    public function related(string $part, string $kind): ?Relationship
    {
        foreach ($this->relationships($part) as $relationship) {
            if ($relationship->kind === $kind && ! $relationship->outside && $this->has($relationship->target)) {
                return $relationship;
            }
        }

        return null;
    }

    public function has(string $part): bool
    {
        return isset($this->names[strtolower($part)]);
    }

    /** The name of a part as the archive writes it. */
    public function entry(string $part): string
    {
        return $this->names[strtolower($part)] ??
            throw FileIsWrong::package(
                'The package points at a part "'.mb_strimwidth(mb_scrub($part), 0, 80, '…').'" that is not in it. The file is damaged.',
            );
    }

    public function contents(string $part): string
    {
        return $this->zip->contents($this->entry($part));
    }

    /** @return list<Relationship> */
    private function read(string $part): array
    {
        $name = self::relationshipsOf($part);
        if (! $this->has($name)) {
            return [];
        }
        $found = [];
        foreach (PackageXml::children(PackageXml::root(PackageXml::tree($this->contents($name), $name)), 'Relationship') as $element) {
            $type = $element->getAttribute('Type');
            $outside = strcasecmp($element->getAttribute('TargetMode'), 'External') === 0;
            $target = $element->getAttribute('Target');
            $found[] = new Relationship(
                $element->getAttribute('Id'),
                substr($type, (int) strrpos($type, '/') + 1),
                $outside ? $target : self::resolved($part, rawurldecode($target)),
                $outside,
            );
        }

        return $found;
    }

    /** A target, said relative to the part that it is said in (RFC 3986, 5.2). */
    private static function resolved(string $part, string $target): string
    {
        $target = explode('#', $target)[0];
        $path = str_starts_with($target, '/') ? $target
            : (dirname($part) === '.' || $part === '' ? '' : dirname($part)).'/'.$target;
        $steps = [];
        foreach (explode('/', $path) as $step) {
            if ($step === '..') {
                array_pop($steps);
            } elseif ($step !== '' && $step !== '.') {
                $steps[] = $step;
            }
        }

        return implode('/', $steps);
    }
}
