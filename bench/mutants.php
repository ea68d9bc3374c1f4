<?php

// How many small faults put into core/ the tests find: php bench/mutants.php [COUNT] [FOLDER] [SEED] [--feature] [--lines].
// Which tests run through which line is measured once for a state of the code (the extension pcov has to be installed); then
// each fault asks those tests alone, the quickest first, so that a sample of a hundred takes minutes. With --feature the tests
// of the framework's side are asked too; with --lines the lines that no test runs through are listed, and nothing else is done;
// with --roughly what was measured of an older state of the code is good enough.
declare(strict_types=1);

require __DIR__.'/../vendor/autoload.php';

use SebastianBergmann\CodeCoverage\CodeCoverage;

/** @var list<string> $options */
$options = array_filter($argv, fn (string $one) => str_starts_with($one, '--'));
[, $count, $folder, $seed] = array_values(array_diff($argv, $options)) + [1 => '30', 2 => '', 3 => '1'];
$suites = in_array('--feature', $options, true) ? ['core', 'feature'] : ['core'];
$root = dirname(__DIR__);
ini_set('memory_limit', '8G');

/** What a place of a source becomes: the usual faults of a hand, one operator each. */
const SWAPS = [
    '/ < /' => ' <= ', '/ <= /' => ' < ', '/ > /' => ' >= ', '/ >= /' => ' > ', '/ \+ 1\b/' => ' + 2', '/ - 1\b/' => ' - 0',
    '/ && /' => ' || ', '/ \|\| /' => ' && ', '/ === /' => ' !== ', '/ !== /' => ' === ', '/\btrue\b/' => 'false', '/\bfalse\b/' => 'true',
    '/\bmin\(/' => 'max(', '/\bmax\(/' => 'min(', '# \* #' => ' / ', '/\bcontinue;/' => ';', '/\breturn null;/' => 'return 0;',
];

/** What is no behaviour: comments, names of classes, constants. */
const NO_CODE = '#^\s*(\*|//|/\*|use |namespace|declare|const |private const|public const|case )#';

/** A copy of the tree to put faults into; sources that are changed meanwhile do no harm. */
function copied(string $root, string $name): string
{
    $copy = sys_get_temp_dir()."/rilvet-mutants-$name";
    // Packages are hard links, and never a link to their folder: tests that start a server set up what they take for missing.
    passthru(sprintf('cd %2$s && rm -rf %1$s && mkdir -p %1$s/storage/framework/views && cp -al vendor %1$s/vendor'
        .' && cp -al node_modules %1$s/node_modules'
        .' && cp -a storage/metrics storage/stamps %1$s/storage/'
        .' && cp -a $(git ls-files | cut -d/ -f1 | sort -u | grep -v "^storage$") %1$s/'
        .' && (test ! -f .env || cp .env %1$s/)', escapeshellarg($copy), escapeshellarg($root)));
    // Of core alone, and nothing of the rest is looked through for lines that are not run; what ran through each line takes room.
    $config = (string) file_get_contents("$copy/phpunit.xml");
    file_put_contents("$copy/phpunit.xml", str_replace(['<directory>app</directory>', ' failOnRisky="true"',
        '<ini name="memory_limit" value="1G"/>'], '', $config));

    return $copy;
}

/**
 * The tests that run through each line, and how long each takes.
 *
 * @param  list<string>  $suites
 * @return array{lines: array<string, array<int, list<string>>>, seconds: array<string, float>}
 */
function covered(string $root, array $suites, bool $roughly): array
{
    $state = hash('xxh3', implode("\n", array_map(fn (string $path) => hash_file('xxh3', $path), [
        ...glob("$root/tests/{Core,Feature}/*.php", GLOB_BRACE) ?: [],
        ...iterator_to_array(sources("$root/core"), false),
    ])));
    [$lines, $seconds] = [[], []];
    foreach ($suites as $suite) {
        $kept = sys_get_temp_dir()."/rilvet-covered-$suite-$state.php";
        $older = glob(sys_get_temp_dir()."/rilvet-covered-$suite-*.php") ?: [];
        if (! is_file($kept) && $roughly && $older !== []) {
            $kept = $older[0];
        }
        if (! is_file($kept)) {
            array_map(unlink(...), $older);
            $copy = copied($root, "covered-$suite");
            echo "Which tests of $suite run through which lines is measured\n";
            exec('cd '.escapeshellarg($copy).' && php -d extension=pcov -d pcov.enabled=1 -d pcov.directory=core -d memory_limit=12G '
                ."vendor/bin/phpunit --testsuite $suite --no-progress --coverage-php ".escapeshellarg("$kept.raw")
                .' --log-junit '.escapeshellarg("$kept.xml").' 2>&1', $out, $code);
            is_file("$kept.raw") || exit(implode("\n", array_slice($out, -20))."\n");
            /** @var CodeCoverage $coverage */
            $coverage = require "$kept.raw";
            $map = [];
            /** @var array<string, array<int, list<string>|null>> $ran */
            $ran = $coverage->getData()->lineCoverage();
            $method = fn (string $test) => strtok($test, ' #') ?: $test;
            foreach ($ran as $path => $of) {
                $map[substr($path, strlen($copy) + 1)] = array_map(
                    fn (?array $tests) => array_values(array_unique(array_map($method, $tests ?? []))), $of,
                );
            }
            $took = $bad = [];
            $report = simplexml_load_file("$kept.xml");
            foreach ($report === false ? []
                : ($report->xpath('//testcase') ?: []) as $case) {
                $name = $method($case['class'].'::'.$case['name']);
                $took[$name] = ($took[$name] ?? 0) + (float) $case['time'];
                // A test that fails without a fault, be it that it is slower here, finds none.
                $bad += isset($case->failure) || isset($case->error) ? [$name => true] : [];
            }
            foreach ($map as $path => $of) {
                $map[$path] = array_map(fn (array $tests) => array_values(array_diff($tests, array_keys($bad))), $of);
            }
            echo $bad === [] ? '' : 'Left out, since they fail without a fault: '.implode(', ', array_keys($bad))."\n";
            file_put_contents($kept, serialize([$map, $took]));
            unlink("$kept.raw");
        }
        /** @var array{array<string, array<int, list<string>>>, array<string, float>} $read */
        $read = unserialize((string) file_get_contents($kept), ['allowed_classes' => false]);
        foreach ($read[0] as $path => $of) {
            foreach ($of as $line => $tests) {
                $lines[$path][$line] = [...$lines[$path][$line] ?? [], ...$tests];
            }
        }
        $seconds += $read[1];
    }

    return ['lines' => $lines, 'seconds' => $seconds];
}

/** @return Generator<string> */
function sources(string $folder): Generator
{
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS)) as $file) {
        if ($file instanceof SplFileInfo && $file->getExtension() === 'php') {
            yield $file->getPathname();
        }
    }
}

/**
 * Whether tests notice what was done to a copy: the quickest ones first, then the rest by their classes.
 *
 * @param  string  $name  the file that holds the fault
 * @param  string  $sound  what it says without
 * @param  list<string>  $tests
 * @param  array<string, float>  $seconds
 */
function noticed(string $copy, string $name, string $sound, array $tests, array $seconds): bool
{
    $ask = function (string $filter) use ($copy): array {
        exec('cd '.escapeshellarg($copy).' && timeout 240 php vendor/bin/phpunit --no-progress --stop-on-defect --filter '
            .escapeshellarg($filter).' 2>&1', $out, $code);

        return [$code, $out];
    };
    $run = function (string $filter) use ($ask, $copy, $name, $sound): bool {
        [$code, $out] = $ask($filter);
        if ($code === 124) {
            // A loop that never ends is noticed; a machine that has too much to do is not.
            $fault = (string) file_get_contents("$copy/$name");
            file_put_contents("$copy/$name", $sound);
            [$code] = $ask($filter);
            file_put_contents("$copy/$name", $fault);

            return $code !== 124;
        }

        // Where a filter finds nothing there is nothing to be noticed, but where cases cannot even be made.
        $said = implode($out);

        return $code !== 0 && (! str_contains($said, 'No tests executed') || str_contains($said, 'The data provider specified for'));
    };
    usort($tests, fn (string $one, string $other) => ($seconds[$one] ?? 0.5) <=> ($seconds[$other] ?? 0.5));
    foreach ([array_slice($tests, 0, 60), ...array_chunk(array_slice($tests, 60), 300)] as $some) {
        if ($some !== [] && $run('/^('.implode('|', array_map(fn (string $one) => preg_quote($one, '/'), $some)).')\b/')) {
            return true;
        }
    }

    return false;
}

['lines' => $lines, 'seconds' => $seconds] = covered($root, $suites, in_array('--roughly', $options, true));
if (in_array('--lines', $options, true)) {
    $bare = [];
    foreach ($lines as $path => $of) {
        $missing = array_keys(array_filter($of, fn (array $tests) => $tests === []));
        if ($missing !== [] && str_starts_with($path, "core/$folder")) {
            sort($missing);
            $bare[sprintf('%4d of %4d  %s', count($missing), count($of), $path)] = implode(' ', $missing);
        }
    }
    krsort($bare);
    foreach ($bare as $what => $numbers) {
        echo "$what: $numbers\n";
    }
    exit;
}
$spots = [];
foreach (sources("$root/core/$folder") as $path) {
    $source = (string) file_get_contents($path);
    foreach (SWAPS as $pattern => $instead) {
        preg_match_all($pattern, $source, $matches, PREG_OFFSET_CAPTURE);
        foreach ($matches[0] as [$text, $at]) {
            $before = substr($source, 0, $at);
            if (preg_match(NO_CODE, substr($source, (int) strrpos("\n$before", "\n"))) === 0) {
                $spots[] = [$path, $at, $text, $instead, substr_count($before, "\n") + 1];
            }
        }
    }
}
usort($spots, fn (array $one, array $other) => [$one[0], $one[1]] <=> [$other[0], $other[1]]);
mt_srand((int) $seed);
shuffle($spots);
$spots = array_slice($spots, 0, (int) $count);
// Two at once, each in a copy of its own.
$parts = array_map(fn (int $part) => array_values(array_filter($spots, fn (int $at) => $at % 2 === $part, ARRAY_FILTER_USE_KEY)), [0, 1]);
$results = array_map(fn (int $part) => tempnam(sys_get_temp_dir(), 'mutants'), [0, 1]);
$children = [];
foreach ($parts as $part => $mine) {
    $child = pcntl_fork();
    if ($child > 0) {
        $children[] = $child;

        continue;
    }
    $copy = copied($root, (string) $part);
    foreach ($mine as [$path, $at, $text, $instead, $line]) {
        $source = (string) file_get_contents($path);
        $name = substr($path, strlen($root) + 1);
        file_put_contents("$copy/$name", substr($source, 0, $at).$instead.substr($source, $at + strlen($text)));
        exec('php -l '.escapeshellarg("$copy/$name").' 2>&1', $out, $bad);
        if ($bad === 0) {
            // What stands on several lines counts where it begins or ends; defaults of arguments belong to no line: then all of the file.
            $of = $lines[$name] ?? [];
            $tests = $of[$line] ?? array_values(array_unique(array_merge([], ...array_values($of))));
            $core = array_values(array_filter($tests, fn (string $test) => str_starts_with($test, 'Tests\\Core')));
            $by = match (true) {
                noticed($copy, $name, $source, $core, $seconds) => 'core    ',
                noticed($copy, $name, $source, array_values(array_diff($tests, $core)), $seconds) => 'feature ',
                default => 'SURVIVES',
            };
            $bare = $tests === [] ? '  (no test runs through it)' : '';
            $words = sprintf('%s %s:%d  %s -> %s%s', $by, $name, $line, trim($text), trim($instead), $bare);
            echo "$words\n";
            file_put_contents((string) $results[$part], "$words\n", FILE_APPEND);
        }
        copy($path, "$copy/$name");
    }
    exit(0);
}
foreach ($children as $child) {
    pcntl_waitpid($child, $status);
}
$all = array_filter(explode("\n", implode('', array_map(fn (string|false $file) => (string) file_get_contents((string) $file), $results))));
$by = array_count_values(array_map(fn (string $one) => trim(substr($one, 0, 8)), $all));
$share = fn (int $some) => $all === [] ? 0 : (int) round(100 * $some / count($all));
$core = $by['core'] ?? 0;
$found = $core + ($by['feature'] ?? 0);
printf('Of %d: %d found by core alone, %d %%; ', count($all), $core, $share($core));
printf("%d by all that was asked, %d %%\n", $found, $share($found));
