<?php

// How many small faults put into core/ the tests find: php bench/mutants.php [COUNT] [FOLDER] [SEED].
// Each is run in a copy of the tree, against the tests that name the class, then against the whole core suite where none fails.
declare(strict_types=1);

require __DIR__.'/../vendor/autoload.php';

[$count, $folder, $seed] = [(int) ($argv[1] ?? 30), $argv[2] ?? '', (int) ($argv[3] ?? 1)];
$whole = in_array('--whole', $argv, true);
$root = dirname(__DIR__);
$copy = sys_get_temp_dir().'/rilvet-mutants';
passthru('mkdir -p '.escapeshellarg($copy).' && rsync -a --delete --exclude .git --exclude storage --exclude test-results '
    .escapeshellarg("$root/").' '.escapeshellarg("$copy/").' && mkdir -p '.escapeshellarg("$copy/storage/framework/views"));

/** What a token becomes: the usual faults of a hand. */
const SWAPS = [
    '<' => '<=', '>' => '>=', '<=' => '<', '>=' => '>', '===' => '!==', '!==' => '===', '&&' => '||', '||' => '&&', '+' => '-', '-' => '+',
    '*' => '/', 'true' => 'false', 'false' => 'true', 'min' => 'max', 'max' => 'min', '!' => '', 'intdiv' => 'max', 'continue' => 'break',
];
$spots = [];
foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator("$root/core/$folder", FilesystemIterator::SKIP_DOTS)) as $file) {
    if (! $file instanceof SplFileInfo || $file->getExtension() !== 'php') {
        continue;
    }
    $body = false;
    foreach (PhpToken::tokenize((string) file_get_contents($file->getPathname())) as $token) {
        $body = $body || $token->text === 'class' || $token->text === 'enum';
        // Constants and types are no behaviour, and a sign before a number is no subtraction.
        if ($body && isset(SWAPS[$token->text]) && ! $token->is([T_COMMENT, T_DOC_COMMENT, T_CONSTANT_ENCAPSED_STRING, T_INLINE_HTML])) {
            $spots[] = [$file->getPathname(), $token->pos, $token->text, $token->line];
        }
    }
}
mt_srand($seed);
shuffle($spots);
[$found, $tried, $survivors] = [0, 0, []];
foreach (array_slice($spots, 0, $count) as [$path, $at, $text, $line]) {
    $source = (string) file_get_contents($path);
    $target = $copy.substr($path, strlen($root));
    file_put_contents($target, substr($source, 0, $at).SWAPS[$text].substr($source, $at + strlen($text)));
    exec('php -l '.escapeshellarg($target).' 2>&1', $out, $bad);
    if ($bad === 0) {
        $tried++;
        $class = basename($path, '.php');
        $near = array_filter(
            [...(glob("$copy/tests/Core/*Test.php") ?: []), ...(glob("$copy/tests/Feature/*Test.php") ?: [])],
            fn (string $test) => preg_match("/\\b$class\\b/", (string) file_get_contents($test)) === 1,
        );
        $names = array_map(fn (string $test) => basename($test, '.php'), $near);
        $run = fn (string $what) => (function () use ($copy, $what): bool {
            exec('cd '.escapeshellarg($copy)." && timeout 300 php vendor/bin/phpunit --stop-on-defect $what >/dev/null 2>&1", $out, $code);

            return $code !== 0;
        })();
        $isFound = $names !== [] && $run('--filter '.escapeshellarg('\\\\('.implode('|', $names).')::'));
        $isFound = $isFound || ($whole && $run('tests/Core'));
        $found += $isFound ? 1 : 0;
        printf("%s %s:%d  %s -> %s\n", $isFound ? 'found   ' : 'SURVIVES', substr($path, strlen($root) + 1), $line, $text,
            SWAPS[$text] ?: '(nothing)');
    }
    copy($path, $target);
}
printf("%d of %d found, %d %%\n", $found, $tried, $tried === 0 ? 0 : (int) round(100 * $found / $tried));
