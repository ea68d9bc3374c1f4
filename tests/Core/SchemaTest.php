<?php

declare(strict_types=1);

namespace Tests\Core;

use Opis\JsonSchema\Validator;
use PHPUnit\Framework\TestCase;
use Rilvet\Stylebook\Builtin;
use Rilvet\Stylebook\Edit;
use Rilvet\Stylebook\Exception\StylebookIsWrong;
use Rilvet\Stylebook\Schema;
use Rilvet\Stylebook\Stylebook;

/** The published schema of stylebooks: sound by itself, and of one mind with the code that reads them. */
final class SchemaTest extends TestCase
{
    /** The official meta-schema of draft 2020-12, as a general-purpose validator carries it. */
    private const META = __DIR__.'/../../node_modules/ajv-2020/dist/refs/json-schema-2020-12';

    public function test_it_is_a_schema_by_the_official_meta_schema(): void
    {
        $validator = new Validator;
        $resolver = $validator->resolver();
        assert($resolver !== null);
        foreach ([self::META.'/schema.json', ...(glob(self::META.'/meta/*.json') ?: [])] as $file) {
            $schema = json_decode((string) file_get_contents($file));
            // The validator knows dynamic references as a reference to the schema itself.
            $resolver->registerRaw((string) json_encode($schema), $schema->{'$id'});
        }
        $check = fn (mixed $schema) => $validator->validate($schema, 'https://json-schema.org/draft/2020-12/schema');
        self::assertTrue($check(json_decode(Schema::json()))->isValid(),
            (string) json_encode($check(json_decode(Schema::json()))->error()?->message()));
        // The check can fail.
        $wrong = json_decode(Schema::json());
        $wrong->properties->name->maxLength = 'sixty';
        self::assertFalse($check($wrong)->isValid());
    }

    public function test_what_stands_in_the_repository_is_what_the_code_says(): void
    {
        self::assertStringEqualsFile(__DIR__.'/../../docs/stylebook.schema.json', Schema::json());
    }

    public function test_every_ready_stylebook_holds_to_it(): void
    {
        foreach (Builtin::all() as $stylebook) {
            self::assertTrue(self::allows(json_decode($stylebook->toJson())), $stylebook->name);
        }
    }

    /** Law: what the schema refuses is refused when it is read; what is read holds to the schema. Each of 1,000 spoilt files. */
    public function test_the_schema_and_the_code_that_reads_are_of_one_mind(): void
    {
        mt_srand(20);
        $refused = 0;
        $books = array_map(fn (Stylebook $one) => $one->toJson(), [...Builtin::all(), self::conditioned(), self::conditioned()]);
        for ($try = 0; $try < 1_000; $try++) {
            $data = json_decode($books[$try % count($books)], true);
            $where = self::spoil($data);
            $json = str_replace('[]', '{}', (string) json_encode($data, JSON_PRESERVE_ZERO_FRACTION));
            try {
                Stylebook::fromJson($json);
                $isRead = true;
                $why = '';
            } catch (StylebookIsWrong $refusal) {
                $isRead = false;
                $why = $refusal->getMessage();
            }
            $isAllowed = self::allows(json_decode($json));
            if ($isRead) {
                self::assertTrue($isAllowed, "read, and not allowed by the schema: $where");
            } elseif ($isAllowed) {
                // What a schema cannot say.
                self::assertMatchesRegularExpression(
                    '/worn always, one of them|values? (?:is|are) wanted|at least one value|points are wanted|'
                    .'marks are wanted|name no cells|'
                    .'"period"|"count"|from 0 to 100|a value is wanted there|a point is wanted|set and a place|'
                    .'no colour is named|greatest width|in braces|format code|cannot be read|"Format|number format/i', $why,
                    "allowed, and not read: $where",
                );
            }
            $refused += $isRead ? 0 : 1;
        }
        self::assertGreaterThan(250, $refused);
    }

    /** @return iterable<string, list<string>> places of numbers, one of each kind */
    private static function numbers(array $data, array $path = []): iterable
    {
        foreach ($data as $key => $value) {
            $here = [...$path, (string) $key];
            if (is_array($value)) {
                yield from self::numbers($value, $here);
            } elseif (is_int($value) || is_float($value)) {
                yield implode('.', [$here[0], ...array_slice($here, -1)]) => $here;
            }
        }
    }

    public function test_both_draw_the_limits_of_every_number_at_the_same_place(): void
    {
        $full = Edit::with(self::conditioned()->toArray(), ['stripes'], ['by' => 'rows', 'every' => 3, 'first' => 2,
            'looks' => [['fill' => 'none'], ['fill' => '#EEEEEE']]]);
        $full['fit'] = ['least' => 40, 'most' => 260, 'air' => 10];
        $full['opens'] = ['zoom' => 90];
        $full['page'] = ['left' => 20, 'head' => 7, 'scale' => 90, 'wide' => 1, 'tall' => 2, 'least' => 8];
        $full['parts'] = ['title' => ['size' => 15, 'indent' => 2, 'rotation' => 45]];
        $tried = 0;
        $seen = [];
        foreach ([$full, ...array_map(fn (Stylebook $one) => $one->toArray(), Builtin::all())] as $data) {
            foreach (array_diff_key(iterator_to_array(self::numbers($data)), $seen) as $kind => $path) {
                $seen[$kind] = true;
                foreach ([-91, -90, -1, 0, 1, 2, 3, 4, 8, 9, 10, 11, 12, 15, 16, 20, 21, 24, 25, 30, 31, 40, 60, 61, 90, 91, 96, 99, 100,
                    101, 150, 200, 201, 250, 251, 255, 256, 300, 399, 400, 401, 409, 410, 500, 501, 545, 546, 547, 1_000, 1_001, 1_600,
                    1_790, 1_791, 2_000, 10_000, 10_001, 0.5, 8.5, 400.5] as $value) {
                    $json = str_replace('[]', '{}', (string) json_encode(Edit::with($data, $path, $value), JSON_PRESERVE_ZERO_FRACTION));
                    try {
                        Stylebook::fromJson($json);
                        $why = null;
                    } catch (StylebookIsWrong $refusal) {
                        $why = $refusal->getMessage();
                    }
                    // What depends on another rule no schema can say.
                    if ($why === null || preg_match('/greatest width|least width|fills|bands/i', $why) !== 1) {
                        self::assertSame(self::allows(json_decode($json)), $why === null, "$kind: $value ($why)");
                    }
                    $tried++;
                }
            }
        }
        self::assertGreaterThan(900, $tried);
    }

    /** One with conditional looks of each kind. */
    private static function conditioned(): Stylebook
    {
        $where = ['part' => 'body', 'kind' => 'amount'];

        return Stylebook::of(['name' => 'House', 'palette' => ['alarm' => '#9B2335'], 'conditions' => [
            'c1' => ['test' => ['is' => 'below', 'of' => ['0']], 'where' => $where, 'look' => ['ink' => '@alarm', 'bold' => true],
                'stops' => true],
            'c2' => ['test' => ['is' => 'greatest', 'count' => 5, 'percent' => true], 'where' => ['part' => 'body', 'heading' => 'Count'],
                'look' => ['fill' => '#EEEEEE'], 'off' => true],
            'c3' => ['test' => ['is' => 'period', 'period' => 'lastMonth'], 'where' => ['part' => 'body', 'kind' => 'date'],
                'look' => ['bold' => true]],
            'c4' => ['test' => ['is' => 'always'], 'where' => $where, 'scale' => [['colour' => '@alarm', 'point' => ['at' => 'least']],
                ['colour' => '#FFFFFF', 'point' => ['at' => 'percentile', 'value' => '50']], ['colour' => '#112233',
                    'point' => ['at' => 'greatest']]]],
            'c5' => ['test' => ['is' => 'always'], 'where' => $where, 'bar' => ['colour' => '#8FA6BF', 'below' => '@alarm',
                'axis' => 'middle',
                'longest' => 80, 'hidesText' => true]],
            'c6' => ['test' => ['is' => 'always'], 'where' => $where, 'marks' => ['set' => '3Arrows', 'reversed' => true, 'points' => [
                ['at' => 'percent', 'value' => '0'], ['at' => 'percent', 'value' => '33'], ['at' => 'number', 'value' => '5',
                    'above' => true]]]],
        ]]);
    }

    /** @param  array<array-key, mixed>  $data */
    private static function spoil(array &$data): string
    {
        $values = [
            null, true, false, 0, 1, -1, 3, 7, 12.5, 1000, 100_000, '', ' ', 'none', 'auto', 'left', 'span', 'thin', 'thin #123456',
            'wavy #123456',
            '#12345', '#123456', '123456', '@ink', '@none such', 'red', 'single', 'first', 'columns', 'key', '0.00', '#,##0{places}',
            str_repeat('x', 700),
            ['a'], ['x' => 1], ['none', '#123456'], "A'B", 'B2', 'stylebook 2', '<b>', "a\nb",
        ];
        $at = &$data;
        $path = [];
        do {
            $keys = array_keys($at);
            $key = $keys === [] ? 'x' : $keys[mt_rand(0, count($keys) - 1)];
            $path[] = $key;
            $isDeeper = isset($at[$key]) && is_array($at[$key]) && $at[$key] !== [] && mt_rand(0, 4) > 0;
            if ($isDeeper) {
                $at = &$at[$key];
            }
        } while ($isDeeper);
        $value = $values[mt_rand(0, count($values) - 1)];
        $new = ['colour', 'first', 'size', 'key', 'by', 'fills', 'anew', 'totals', 'zoom', 'widths', 'B2', 'looks', 'numbers',
            'rotation', 'ink', 'script'];
        if (mt_rand(0, 3) === 0) {
            $key = $new[mt_rand(0, count($new) - 1)];
            $path[] = "+$key";
        }
        $at[$key] = $value;

        return implode('.', $path).' = '.substr((string) json_encode($value), 0, 60);
    }

    private static function allows(mixed $data): bool
    {
        static $validator = null;
        if (! $validator instanceof Validator) {
            $validator = new Validator;
            $validator->resolver()?->registerRaw(Schema::json(), Schema::ID);
        }

        return $validator->validate($data, Schema::ID)->isValid();
    }
}
