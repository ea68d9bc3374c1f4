<?php

// What answers need is compiled and linked once, when the server starts: a fifth of the time of a small request goes into
// that otherwise. All of the rules, what the application answers with, and of the libraries what answering had loaded (bin/loaded).
declare(strict_types=1);

$own = array_map(fn (string $folder) => dirname(__DIR__)."/$folder/", ['core', 'app/Bench', 'app/Files', 'app/Http', 'app/Wire']);
/** @var array<class-string, string> $classes */
$classes = require dirname(__DIR__).'/vendor/composer/autoload_classmap.php';
$files = array_filter($classes, fn (string $file) => array_filter($own, fn (string $folder) => str_starts_with($file, $folder)) !== []);
/** @var list<string> $loaded */
$loaded = json_decode((string) file_get_contents((string) getenv('RILVET_LOADED')), true) ?: [];
foreach (array_unique([...$loaded, ...array_values($files)]) as $file) {
    // What cannot be linked, for want of a library that is there for the command line alone, is loaded when it is asked for.
    @opcache_compile_file($file);
}
