<?php

declare(strict_types=1);

namespace Tests\Core;

use PhpOffice\PhpSpreadsheet\Shared\PasswordHasher;
use PhpOffice\PhpSpreadsheet\Worksheet\Protection as TheirProtection;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Guard\Exception\GuardIsWrong;
use Rilvet\Guard\Password;
use Tests\Spent;

/** Passwords of sheets, against what the standard says and two other implementations. */
final class PasswordTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function passwords(): iterable
    {
        yield 'plain' => ['Osier 7'];
        yield 'one letter' => ['x'];
        yield 'of no latin' => ['плот 葦'];
        yield 'as long as it can be' => [substr(str_repeat('Ferry', 51), 1)];
    }

    /** ISO/IEC 29500-1 18.2.29: salt and password hashed, then again with the number of each turn behind it. */
    #[DataProvider('passwords')]
    public function test_what_is_made_is_what_the_spreadsheet_library_makes(string $password): void
    {
        $made = Password::made($password);
        self::assertSame('SHA-512', $made->algorithm);
        $theirs = PasswordHasher::hashPassword($password, TheirProtection::ALGORITHM_SHA_512, $made->salt, $made->spins);
        self::assertSame($theirs, $made->hash);
        self::assertTrue($made->isVerifiedBy($password, 'it'));
        self::assertFalse($made->isVerifiedBy($password.' ', 'it'));
        self::assertNotSame($made->hash, Password::made($password)->hash, 'a salt of its own each time');
        self::assertSame(['algorithm', 'hash', 'salt', 'spins'], array_keys($made->toArray()), 'itself it is kept nowhere');
    }

    /** What needs two units of UTF-16 is hashed as those (the spreadsheet library knows 16 bits alone). */
    public function test_a_password_of_signs_beyond_sixteen_bits_is_hashed_as_utf_16(): void
    {
        $made = Password::made('🌲🌿');
        $hash = hash('sha512', base64_decode($made->salt)."\x3c\xd8\x32\xdf\x3c\xd8\x3f\xdf", true);
        for ($turn = 0; $turn < $made->spins; $turn++) {
            $hash = hash('sha512', $hash.pack('V', $turn), true);
        }
        self::assertSame(base64_encode($hash), $made->hash);
        self::assertTrue($made->isVerifiedBy('🌲🌿', 'it'));
    }

    /** The implementation of a library from npm, with every algorithm that both know. */
    public function test_hashes_of_a_library_from_npm_are_verified(): void
    {
        $script = "const e=require('exceljs/lib/utils/encryptor.js');const s=Buffer.from('0123456789abcdef').toString('base64');"
            ."const h=a=>e.convertPasswordToHash('Osier 7',a.replace('-',''),s,1000);"
            ."console.log(JSON.stringify(['SHA-512','SHA-384','SHA-256','SHA-1'].map(a=>[a,s,h(a)])))";
        exec('cd '.escapeshellarg(dirname(__DIR__, 2)).' && node --input-type=commonjs -e '.escapeshellarg($script), $out, $code);
        self::assertSame(0, $code);
        $all = json_decode($out[0], true);
        self::assertCount(4, $all);
        foreach ($all as [$algorithm, $salt, $hash]) {
            $password = new Password($algorithm, $hash, $salt, 1000);
            self::assertTrue($password->isVerifiedBy('Osier 7', 'it'), $algorithm);
            self::assertFalse($password->isVerifiedBy('osier 7', 'it'), $algorithm);
        }
    }

    /** Check sums of older files (ISO/IEC 29500-4 14.7.1), as the spreadsheet library works them out. */
    public function test_check_sums_of_older_files_are_verified(): void
    {
        foreach (['Osier 7', 'x', 'password', 'A much longer one than most, but not too long', '~!@#'] as $password) {
            $sum = PasswordHasher::hashPassword($password);
            self::assertSame(str_pad($sum, 4, '0', STR_PAD_LEFT), Password::legacy($password));
            $kept = new Password(Password::LEGACY, strtolower($sum));
            self::assertTrue($kept->isVerifiedBy($password, 'it'));
            self::assertFalse($kept->isVerifiedBy("$password!", 'it'));
        }
    }

    /** ISO/IEC 26300-1 19.697: the base64 of a hash of the password alone. */
    public function test_keys_of_ods_are_verified(): void
    {
        // SHA-1 and SHA-256 of "abc" from FIPS 180-2, appendices A.1 and B.1.
        $sha1 = base64_encode((string) hex2bin('a9993e364706816aba3e25717850c26c9cd0d89d'));
        $sha256 = base64_encode((string) hex2bin('ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad'));
        self::assertTrue((new Password('ods SHA-1', $sha1))->isVerifiedBy('abc', 'it'));
        self::assertTrue((new Password('ods SHA-256', $sha256))->isVerifiedBy('abc', 'it'));
        self::assertFalse((new Password('ods SHA-256', $sha256))->isVerifiedBy('abd', 'it'));
    }

    public function test_what_would_keep_a_server_busy_is_not_worked_out(): void
    {
        $start = Spent::now();
        foreach ([[new Password('SHA-512', 'aGFzaA==', 'c2FsdA==', 10_000_000), '10,000,000 times'],
            [new Password('ROT-13', 'aGFzaA=='), 'ROT-13'], [Password::made('x'), 'at most 255']] as $index => [$password, $says]) {
            try {
                $password->isVerifiedBy($index === 2 ? str_repeat('🌲', 300) : 'x', 'the sheet "Stock"');
                self::fail($says);
            } catch (GuardIsWrong $refusal) {
                self::assertStringContainsString($says, $refusal->getMessage());
            }
        }
        self::assertLessThan(3, Spent::now() - $start, 'ten million turns take far longer');
        $this->expectException(GuardIsWrong::class);
        Password::made(str_repeat('🌲', 300));
    }
}
