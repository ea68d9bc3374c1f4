<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Records\Types;
use App\Http\Reference;
use Tests\TestCase;

/** What is written from the code is what stands in the repository, and what is installed is what is pinned. */
final class ReferenceTest extends TestCase
{
    public function test_the_reference_of_the_api_says_what_the_code_says(): void
    {
        $text = app(Reference::class)->markdown();
        $this->assertSame($text, file_get_contents(base_path('docs/api.md')), 'php artisan rilvet:types writes it anew');
        // Whoever reads it finds a word on each address and each act.
        $this->assertDoesNotMatchRegularExpression('/\| +\|$/m', $text);
    }

    public function test_the_types_of_the_browser_say_what_the_records_say(): void
    {
        $this->assertSame(
            Types::typescript(),
            file_get_contents(base_path('resources/js/api/types.ts')),
            'php artisan rilvet:types writes them anew',
        );
    }

    public function test_every_package_is_pinned_down_to_the_transitive_ones(): void
    {
        $read = fn (string $file) => json_decode((string) file_get_contents(base_path($file)), true, 64, JSON_THROW_ON_ERROR);
        $pinned = array_merge(...array_values($read('composer.versions.json')));
        $installed = array_map(
            fn (string $version) => ltrim($version, 'v'),
            array_column($read('vendor/composer/installed.json')['packages'], 'version', 'name'),
        );
        ksort($pinned);
        ksort($installed);
        $this->assertSame($pinned, $installed, 'bin/pin writes the list anew');
        $own = $read('composer.json');
        foreach ($own['require'] + $own['require-dev'] as $name => $version) {
            if (isset($pinned[$name])) {
                $this->assertSame($pinned[$name], $version, $name);
            }
        }
    }
}
