<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Stylebook as StylebookRow;
use App\Models\Workbook;
use PHPUnit\Framework\Attributes\DataProvider;
use Rilvet\Stylebook\Builtin;
use Tests\TestCase;

/** Stylebooks from elsewhere: each wrong one gets a 4xx that names the place, and nothing is lost. */
final class StylebookInputsTest extends TestCase
{
    /** @return array<string, array{string, string}> json, words of the refusal */
    public static function wrong(): array
    {
        $say = fn (array $more) => (string) json_encode($more + ['name' => 'Wrong']);

        return [
            'no json' => ['{"name": ', 'it is no JSON'],
            'a text' => ['"River"', 'an object is wanted'],
            'nothing' => ['', 'it is no JSON'],
            'nested to the limit' => [str_repeat('{"a":', 200).'1'.str_repeat('}', 200), 'it is no JSON'],
            'a megabyte of nesting' => [str_repeat('[', 400_000).str_repeat(']', 400_000), 'it is no JSON'],
            'larger than it can be' => ['{"name":"'.str_repeat('x', 1_000_001).'"}', 'larger than a stylebook can be'],
            'a name of two million bytes in kinds' => [$say(['kinds' => ['amount' => ['number' => str_repeat('0', 900_000)]]]),
                'kinds.amount'],
            'no name' => ['{"about": "x"}', '"name"'],
            'a blank name' => ['{"name": "  "}', '"name"'],
            'a name that is a list' => ['{"name": ["x"]}', '"name"'],
            'another format' => [$say(['rilvet' => 'stylebook 9']), '"rilvet"'],
            'a circle of colours' => [$say(['palette' => ['a' => '@b', 'b' => '@a']]), 'palette.a'],
            'a colour of itself' => [$say(['palette' => ['a' => '@a']]), 'palette.a'],
            'a colour that is markup' => [$say(['palette' => ['a' => '"><script>alert(1)</script>']]), 'palette.a'],
            'a colour that is css' => [$say(['parts' => ['heading' => ['fill' => 'red;background:url(//x)']]]), 'parts.heading'],
            'a name of a colour that is css' => [$say(['palette' => ['a;b' => '#112233']]), 'palette.a;b'],
            'a font that is css' => [$say(['ground' => ['font' => 'Carlito";}body{display:none}']]), 'ground'],
            'a font that is markup' => [$say(['ground' => ['font' => '</style><script>']]), 'ground'],
            'a font of a thousand letters' => [$say(['ground' => ['font' => str_repeat('a', 1_000)]]), 'ground'],
            'a number format that is a formula' => [$say(['numbers' => ['x' => '[>']]), 'numbers.x'],
            'a look called like a cell' => [$say(['looks' => ['B2' => ['bold' => true]]]), 'looks.B2'],
            'a part that is none' => [$say(['parts' => ['cellar' => []]]), 'parts.cellar'],
            'a kind that is none' => [$say(['kinds' => ['gold' => []]]), 'kinds.gold'],
            'a rule that is none' => [$say(['shadows' => true]), 'shadows'],
            'two hundred and one colours' => [
                $say(['palette' => array_combine(array_map(fn (int $n) => "c$n", range(1, 201)), array_fill(0, 201, '#112233'))]),
                'palette',
            ],
            'sizes beyond all' => [$say(['parts' => ['title' => ['size' => 1e300]]]), 'parts.title'],
            'a size that is no number' => [$say(['parts' => ['title' => ['size' => '18']]]), 'parts.title'],
        ];
    }

    #[DataProvider('wrong')]
    public function test_a_wrong_stylebook_is_refused_and_its_place_named(string $json, string $words): void
    {
        $before = StylebookRow::query()->count();
        $answer = $this->postJson($this->url('stylebooks'), ['json' => $json])->assertUnprocessable();
        $this->assertStringContainsString($words, (string) $answer->json('message'));
        $this->assertLessThan(600, mb_strlen((string) $answer->json('message')));
        $this->assertSame($before, StylebookRow::query()->count());
    }

    public function test_names_and_fonts_that_are_allowed_do_no_harm_where_they_go(): void
    {
        $says = ['name' => 'Ours & "theirs" <b>', 'ground' => ['font' => "Jo's Hand"],
            'palette' => ['ink' => '#112233']] + Builtin::named('Plain rule')->toArray();
        $says['ground']['ink'] = '@ink';
        $says['palette'] += Builtin::named('Plain rule')->palette->colours;
        $made = $this->postJson($this->url('stylebooks'), ['json' => json_encode($says)])->assertCreated()->json();
        $book = $this->bringIn('a.csv', "Tree,Count\nRowan,3\nAspen,4\nHazel,5\n");
        $this->act($book, 'dress', ['stylebook' => $made['name']]);
        $disposition = (string) $this->get($this->url("stylebooks/{$made['id']}/json"))->assertOk()->headers->get('Content-Disposition');
        $this->assertSame('attachment; filename="Ours  theirs b.json"', $disposition);
        $parts = $this->written($book);
        foreach (['xl/styles.xml', 'xl/theme/theme1.xml', 'xl/workbook.xml'] as $part) {
            $this->assertNotFalse(@simplexml_load_string($parts[$part]), $part);
        }
        $html = $this->postJson($this->url("workbooks/{$book->id}/handovers"), ['format' => 'html', 'sheet' => 1])->assertCreated()
            ->json('id');
        $text = (string) file_get_contents((string) $this->get($this->url("handovers/$html/file"))->baseResponse->getFile()->getPathname());
        $this->assertStringNotContainsString("'Jo's", $text);
        $this->assertStringNotContainsString('<b>', $text);
    }

    public function test_a_colour_that_rules_say_is_not_taken_out(): void
    {
        $book = $this->bringIn('a.csv', "Tree,Count\nRowan,3\nAspen,4\nHazel,5\n");
        $this->act($book, 'dress', ['stylebook' => 'River ledger']);
        $this->refused($book, 'dropColour', ['scope' => 'everywhere', 'name' => 'band'], 'no colour is named "band"');
        $this->act($book, 'dropColour', ['scope' => 'everywhere', 'name' => 'brass']);
    }

    public function test_a_look_that_cells_wear_does_not_go_with_a_draft(): void
    {
        $book = $this->bringIn('a.csv', "Tree,Count\nRowan,3\nAspen,4\nHazel,5\n");
        $this->act($book, 'dress', ['stylebook' => 'River ledger']);
        $this->act($book, 'keepLook', ['scope' => 'everywhere', 'name' => 'Late_one', 'ranges' => 'A1']);
        $this->act($book, 'layNamed', ['ranges' => 'B2', 'name' => 'Late_one']);
        $id = StylebookRow::query()->where('name', 'River ledger')->firstOrFail()->id;
        $draft = $this->post($this->url("stylebooks/$id/draft"))->assertOk()->json();
        $this->act(Workbook::query()->findOrFail($draft['specimen']), 'dropLook', ['scope' => 'everywhere', 'name' => 'Late_one',
            'keep' => false]);
        $answer = $this->post($this->url("stylebooks/$id/keep"))->assertUnprocessable();
        $this->assertStringContainsString('a sheet wears it', (string) $answer->json('message'));
        $this->act($book, 'layNamed', ['ranges' => 'B2', 'name' => '']);
    }
}
