<?php

declare(strict_types=1);

namespace Rilvet\Guard;

use Rilvet\Guard\Exception\GuardIsWrong;

/**
 * A password as files keep it: not itself, but what it is hashed to. By ISO/IEC 29500-1 18.2.29 and 18.3.1.85: the hash of salt
 * and password (UTF-16, little endian), hashed again and again with the number of the turn behind it; by older files a check sum
 * of 16 bits (ISO/IEC 29500-4 14.7.1); by ISO/IEC 26300-1 19.849 the hash of the password alone.
 *
 * @phpstan-type PasswordData array{algorithm: string, hash: string, salt?: string, spins?: int}
 */
final readonly class Password
{
    /** Characters of a password (common practice). */
    public const LONGEST = 255;

    /** Turns of a hash that are worked out: what asks for more is no rail against mistakes, but a way to keep a server busy. */
    public const SPINS = 1_000_000;

    /** Turns of a hash that is made here. */
    private const OWN = 100_000;

    private const SALT = 16;

    /** Words of the standards for what PHP calls otherwise. */
    private const ALGORITHMS = ['SHA-512' => 'sha512', 'SHA-384' => 'sha384', 'SHA-256' => 'sha256', 'SHA-1' => 'sha1',
        'MD5' => 'md5', 'RIPEMD-160' => 'ripemd160', 'WHIRLPOOL' => 'whirlpool'];

    /** The check sum of older files. */
    public const LEGACY = 'legacy';

    /** Algorithms of ods, by the address that names them. */
    public const ODS = [
        'http://www.w3.org/2000/09/xmldsig#sha1' => 'ods SHA-1',
        'http://www.w3.org/2000/09/xmldsig#sha256' => 'ods SHA-256',
        'http://www.w3.org/2001/04/xmlenc#sha256' => 'ods SHA-256',
    ];

    /**
     * @param  string  $algorithm  a word of the standard, "legacy", or "ods SHA-256"
     * @param  string  $hash  base64; of older files four hexadecimal figures
     * @param  string  $salt  base64
     */
    public function __construct(public string $algorithm, public string $hash, public string $salt = '', public int $spins = 0)
    {
    }

    /** @throws GuardIsWrong */
    public static function made(string $password): self
    {
        mb_strlen($password) <= self::LONGEST || throw GuardIsWrong::password(self::LONGEST);
        $salt = random_bytes(self::SALT);

        return new self('SHA-512', base64_encode(self::hashed($password, 'sha512', $salt, self::OWN)), base64_encode($salt), self::OWN);
    }

    /**
     * Whether it is the password.
     *
     * @param  string  $what  of what it is, in words
     *
     * @throws GuardIsWrong where that is not worked out
     */
    public function isVerifiedBy(string $password, string $what): bool
    {
        mb_strlen($password) <= self::LONGEST || throw GuardIsWrong::password(self::LONGEST);
        if ($this->algorithm === self::LEGACY) {
            return hash_equals(strtoupper(str_pad($this->hash, 4, '0', STR_PAD_LEFT)), self::legacy($password));
        }
        if (str_starts_with($this->algorithm, 'ods ')) {
            $name = self::ALGORITHMS[substr($this->algorithm, 4)];
            $wide = mb_convert_encoding($password, 'UTF-16LE', 'UTF-8');

            // Files are met whose texts were hashed in 16 bits a character.
            return hash_equals($this->hash, base64_encode(hash($name, $password, true)))
                || hash_equals($this->hash, base64_encode(hash($name, $wide, true)));
        }
        $name = self::ALGORITHMS[$this->algorithm] ?? throw GuardIsWrong::unknown($what, mb_strimwidth($this->algorithm, 0, 30, '…'));
        $this->spins <= self::SPINS || throw GuardIsWrong::costly($what, $this->spins, self::SPINS);

        return hash_equals($this->hash, base64_encode(self::hashed($password, $name, (string) base64_decode($this->salt, true),
            max(0, $this->spins))));
    }

    /** As ods keeps it; null for one that came otherwise and cannot be said so. */
    public function forOds(): ?string
    {
        return $this->algorithm === 'ods SHA-256' || $this->algorithm === 'ods SHA-1' ? $this->hash : null;
    }

    public function isOfXlsx(): bool
    {
        return ! str_starts_with($this->algorithm, 'ods ');
    }

    /** @return PasswordData */
    public function toArray(): array
    {
        return ['algorithm' => $this->algorithm, 'hash' => $this->hash] + ($this->salt === '' ? [] : ['salt' => $this->salt])
            + ($this->spins === 0 ? [] : ['spins' => $this->spins]);
    }

    /** @param  PasswordData|null  $data */
    public static function fromArray(?array $data): ?self
    {
        return $data === null ? null : new self($data['algorithm'], $data['hash'], $data['salt'] ?? '', $data['spins'] ?? 0);
    }

    private static function hashed(string $password, string $algorithm, string $salt, int $spins): string
    {
        $hash = hash($algorithm, $salt.mb_convert_encoding($password, 'UTF-16LE', 'UTF-8'), true);
        for ($turn = 0; $turn < $spins; $turn++) {
            $hash = hash($algorithm, $hash.pack('V', $turn), true);
        }

        return $hash;
    }

    /** Of older files: over the bytes from the last to the first, then over their count (ISO/IEC 29500-4 14.7.1). */
    public static function legacy(string $password): string
    {
        $bytes = array_map(ord(...), str_split($password === '' ? "\0" : $password));
        $bytes = $password === '' ? [] : $bytes;
        $sum = 0;
        foreach (array_reverse([count($bytes), ...$bytes]) as $byte) {
            $sum = ((($sum >> 14) & 1) | (($sum << 1) & 0x7FFF)) ^ $byte;
        }

        return strtoupper(str_pad(dechex($sum ^ 0xCE4B), 4, '0', STR_PAD_LEFT));
    }
}
