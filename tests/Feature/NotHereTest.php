<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** What is not there is said in words of the product: no name of a class, a route or a table reaches a person. */
final class NotHereTest extends TestCase
{
    /** @return iterable<string, array{string, string, string}> */
    public static function addresses(): iterable
    {
        $gone = fn (string $what) => "There is no such $what here. It may have been taken off the shelf.";
        $nobody = '00000000-0000-4000-8000-000000000000';
        yield 'a workbook' => ['GET', '/api/workbooks/99999', $gone('workbook')];
        yield 'an act on one' => ['POST', '/api/workbooks/99999/acts', $gone('workbook')];
        yield 'a stylebook' => ['GET', '/api/stylebooks/99999', $gone('stylebook')];
        yield 'a routine' => ['GET', '/api/routines/99999', $gone('routine')];
        yield 'a correction that was learned' => ['DELETE', '/api/lessons/99999', $gone('correction')];
        yield 'a batch' => ['GET', "/api/batches/$nobody", $gone('batch')];
        yield 'a file that comes in' => ['GET', "/api/imports/$nobody", 'There is no such file under way. It may have been stopped.'];
        yield 'a file that is written' => ['GET', "/api/handovers/$nobody", 'There is no such file under way. It may have been stopped.'];
        yield 'an address that nobody made' => ['GET', '/api/nowhere', 'There is nothing at this address.'];
        yield 'more behind one' => ['GET', '/api/shelf/nowhere', 'There is nothing at this address.'];
    }

    #[DataProvider('addresses')]
    public function test_it_is_said_in_plain_words(string $method, string $address, string $words): void
    {
        $this->json($method, $address)->assertStatus(404)->assertExactJson(['message' => $words]);
    }

    public function test_a_page_that_is_not_there_is_shown_by_the_application(): void
    {
        foreach (['/nowhere', '/workbooks/abc', '/workbooks/1/nowhere', '/batches/1'] as $address) {
            $this->get($address)->assertStatus(404)->assertSee('id="app"', false);
        }
    }
}
