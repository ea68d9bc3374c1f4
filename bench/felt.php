<?php

// What a person feels, over HTTP against a server of its own (`bin/start`): each figure the median of three runs.
// `php bench/felt.php [ROWS]`; with RILVET_PEOPLE=50 also fifty people at once for twenty seconds.
declare(strict_types=1);

require __DIR__.'/../vendor/autoload.php';

use App\Files\Xlsx\XlsxWriter;
use Rilvet\Grid\Block;
use Rilvet\Grid\BlockSheet;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Look\LookBook;
use Rilvet\Reading\Reading;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;
use Symfony\Component\Process\Process;

$port = 8744;
$rows = (int) ($argv[1] ?? 100_000);
$folder = sys_get_temp_dir().'/rilvet-felt';
exec('rm -rf '.escapeshellarg($folder));
mkdir($folder, 0755, true);
$server = new Process(
    [__DIR__.'/../bin/start'],
    env: ['RILVET_PORT' => (string) $port, 'RILVET_DEMO' => '0', 'LARAVEL_STORAGE_PATH' => $folder, 'DB_DATABASE' => "$folder/d.sqlite"],
    timeout: null,
);
$server->start();
for ($wait = 0; $wait < 1_200 && ! str_contains($server->getOutput(), 'Rilvet is ready'); $wait++) {
    usleep(100_000);
}
register_shutdown_function(function () use ($server, $folder) {
    $server->stop(8, SIGTERM);
    exec('rm -rf '.escapeshellarg($folder));
});

$jar = "$folder/cookies";
$text = fn (mixed $value): string => is_scalar($value) ? (string) $value : '';
/**
 * @param  array<array-key, mixed>|null  $json
 * @return array<array-key, mixed>
 */
$call = function (string $method, string $path, ?array $json = null, ?string $file = null) use ($port, $jar): array {
    $curl = curl_init("http://127.0.0.1:$port/api/$path");
    assert($curl !== false);
    $headers = ['Accept: application/json'];
    $cookies = is_file($jar) ? (string) file_get_contents($jar) : '';
    if (preg_match('/XSRF-TOKEN\t(\S+)/', $cookies, $found) === 1) {
        $headers[] = 'X-XSRF-TOKEN: '.rawurldecode($found[1]);
    }
    if ($json !== null) {
        $headers[] = 'Content-Type: application/json';
        curl_setopt($curl, CURLOPT_POSTFIELDS, json_encode($json, JSON_THROW_ON_ERROR));
    }
    if ($file !== null) {
        curl_setopt($curl, CURLOPT_POSTFIELDS, ['file' => new CURLFile($file)]);
    }
    curl_setopt_array($curl, [
        CURLOPT_CUSTOMREQUEST => $method === '' ? 'GET' : $method,
        CURLOPT_RETURNTRANSFER => true,
        CURLOPT_HTTPHEADER => $headers,
        CURLOPT_COOKIEJAR => $jar,
        CURLOPT_COOKIEFILE => $jar,
    ]);
    $body = curl_exec($curl);
    $status = curl_getinfo($curl, CURLINFO_RESPONSE_CODE);
    curl_close($curl);
    if ($status >= 400) {
        throw new RuntimeException("$method $path: $status ".substr((string) $body, 0, 300));
    }

    /** @var array<array-key, mixed> */
    return (array) json_decode((string) $body, true);
};
$median = function (string $what, string $aim, callable $do, int $times = 3): void {
    $took = [];
    for ($round = 0; $round < $times; $round++) {
        $start = microtime(true);
        $do($round);
        $took[] = microtime(true) - $start;
    }
    sort($took);
    $shown = $took[intdiv($times, 2)];
    printf("%-68s %8s   (%s)\n", $what, $shown < 2 ? sprintf('%.0f ms', 1000 * $shown) : sprintf('%.1f s', $shown), $aim);
};

// A table with three columns of formulas, and one of text alone.
mt_srand(20);
$table = "$folder/table.csv";
$out = fopen($table, 'wb');
assert($out !== false);
fputcsv($out, array_map(fn (int $column) => "Column $column", range(1, 20)), ',', '"', '');
for ($row = 0; $row < $rows; $row++) {
    fputcsv(
        $out,
        array_map(
            fn (int $column) => match ($column % 4) {
                0 => sprintf('L%06d', mt_rand(0, $rows)),
                1 => ['Silver birch', 'Rowan', 'Grey alder'][mt_rand(0, 2)],
                2 => (string) mt_rand(0, 9_999),
                default => number_format(mt_rand(0, 99_999) / 100, 2, '.', ''),
            },
            range(0, 19),
        ),
        ',',
        '"',
        '',
    );
}
fclose($out);
$call('GET', 'token');
$bring = function (string $file) use ($call, $text): int {
    $import = $call('POST', 'imports', null, $file);
    if ($import['status'] === 'proposed') {
        $import = $call('POST', 'imports/'.$text($import['id']).'/keep', []);
    }
    while (in_array($import['status'], ['queued', 'running'], true)) {
        usleep(50_000);
        $import = $call('GET', 'imports/'.$text($import['id']));
    }

    return (int) $text($import['workbook']);
};
$start = microtime(true);
$id = $bring($table);
printf("%-68s %6.1f s\n", 'brought in: '.number_format($rows).' rows by 20 columns of csv', microtime(true) - $start);
$revision = function () use ($call, $text, &$id): int {
    return (int) $text($call('GET', "workbooks/$id")['revision']);
};
$act = function (string $name, array $arguments, array $sight = []) use ($call, $revision, &$id): array {
    return $call('POST', "workbooks/$id/acts", [
        'act' => $name,
        'revision' => $revision(),
        'sheet' => 1,
        'arguments' => $arguments,
        'sight' => $sight,
    ]);
};
$act('dress', ['stylebook' => 'River ledger']);
sleep(6); // figures of the blocks are worked out behind the screen
$middle = intdiv($rows, 2);
// What the Bench has in sight: three tiles of 24 rows, the tray and the foot line of a selection of the whole body.
$sight = [
    'windows' => array_map(
        fn (int $tile) => ['top' => $middle + 24 * $tile, 'left' => 1, 'bottom' => $middle + 24 * $tile + 23, 'right' => 20],
        range(0, 2),
    ),
    'ranges' => "B2:T$rows",
    'row' => 2,
    'column' => 2,
    'number' => true,
    'figures' => true,
];
$median(
    'a window of 60 x 20',
    '20 ms in the server',
    fn (int $round) => $call(
        'GET',
        "workbooks/$id/sheets/1/window?top=".($middle + 60 * $round).'&left=1&bottom='.($middle + 60 * $round + 59).'&right=20',
    ),
    21,
);
$looks = [
    'conditions?sheet=1',
    'sheets/1/guard',
    ...array_map(fn (array $tile) => 'sheets/1/window?'.http_build_query($tile), $sight['windows']),
    'sheets/1/drawings',
    'sheets/1/number?row=2&column=2&alike=0',
    'sheets/1/inspection?row=2&column=2&ranges=B2',
    'sheets/1/figures?ranges=B2',
];
$median('what a Bench looks at when it opens, one after the other', 'beside the next',
    fn () => array_map(fn (string $look) => $call('GET', "workbooks/$id/$look"), $looks), 9);
$median('the same in one request', '150 ms', fn () => $call('GET', "workbooks/$id/together?".http_build_query(['read' => $looks])), 9);
$median(
    'bold on the whole body, with its window',
    '100 ms',
    fn (int $round) => $act('format', ['ranges' => "B2:T$rows", 'look' => ['bold' => $round % 2 === 0]], $sight),
);
$took = [];
$now = $revision();
for ($round = 0; $round < 60; $round++) {
    $start = microtime(true);
    $answer = $call('POST', "workbooks/$id/acts", [
        'act' => 'format',
        'revision' => $now,
        'sheet' => 1,
        'arguments' => ['ranges' => "B2:T$rows", 'look' => ['bold' => $round % 2 === 0]],
        'sight' => $sight,
    ]);
    $now = is_array($answer['bench']) ? (int) $text($answer['bench']['revision']) : 0;
    $took[] = microtime(true) - $start;
}
sort($took);
printf(
    "%-68s %8s   (%s)\n",
    'one press of bold, all that it changes in sight: median, p95 of 60',
    sprintf('%.0f, %.0f ms', 1000 * $took[30], 1000 * $took[57]),
    '60 ms p95 in the server',
);
$median('figures of the whole body', '100 ms', fn () => $call('GET', "workbooks/$id/sheets/1/figures?ranges=B2:T$rows"));
$median('a cell typed', '200 ms', fn (int $round) => $act('edit', ['cells' => [[$middle + $round, 3, "7$round"]]], $sight));
$median(
    'a row put in at row 5',
    '50 ms in the server',
    fn () => $act('move', ['axis' => 'rows', 'at' => 5, 'count' => 1, 'in' => true], $sight),
);
$median(
    'sorted by two columns',
    '3 s',
    fn (int $round) => $act('sort', ['row' => 9, 'column' => 3, 'keys' => [[3, $round % 2 === 0], [2, false]]], $sight),
);
$undo = function () use ($call, $revision, $sight, &$id): void {
    $call('POST', "workbooks/$id/undo", ['revision' => $revision(), 'sheet' => 1, 'sight' => $sight]);
};
$median('and undone', '300 ms', $undo);
$median('handed over as xlsx, with its proof', '5 s', function () use ($call, &$id, $text) {
    $handover = $call('POST', "workbooks/$id/handovers", ['format' => 'xlsx', 'sheet' => 1]);
    while (in_array($handover['status'], ['queued', 'running'], true)) {
        usleep(50_000);
        $handover = $call('GET', 'handovers/'.$text($handover['id']));
    }
});

// The same with three columns of formulas in each row, as an xlsx that came.
$lines = (function () use ($rows) {
    yield array_map(fn (int $column) => "Column $column", range(1, 20));
    for ($row = 2; $row <= $rows + 1; $row++) {
        [$count, $price] = [mt_rand(1, 999), mt_rand(1, 99)];
        yield [
            'Rowan',
            $count,
            $price,
            ['f' => "B$row*C$row", 'v' => $count * $price],
            ['f' => "D$row*\$Z\$1", 'v' => 0],
            ['f' => "SUM(D$row:E$row)", 'v' => $count * $price],
            ...array_map(fn (int $column) => $column * $count, range(7, 20)),
        ];
    }
})();
$store = new MemoryBlockStore;
$block = [];
foreach ($lines as $at => $line) {
    $block[] = $line;
    if (count($block) === Block::ROWS || $at === $rows) {
        $store->put(intdiv($at, Block::ROWS), Block::encode($block));
        $block = [];
    }
}
$sheet = new BlockSheet('Formulas', $rows + 1, 20, $store);
(new XlsxWriter())->write(
    new Workbook('Formulas', [1 => new Worksheet($sheet, 'Formulas', Reading::none())], new LookBook()),
    "$folder/formulas.xlsx",
);
$plain = $id;
$id = $bring("$folder/formulas.xlsx");
$act('dress', ['stylebook' => 'River ledger']);
sleep(6);
$median(
    'three columns of formulas: a cell typed that three look at',
    '200 ms',
    fn (int $round) => $act('edit', ['cells' => [[$middle + $round, 2, "7$round"]]], $sight),
);
$median(
    'a row put in above all 300,000 of them',
    '3 s',
    fn () => $act('move', ['axis' => 'rows', 'at' => 2, 'count' => 1, 'in' => true], $sight),
);
$median(
    'sorted by two columns, formulas along',
    '5 s',
    fn (int $round) => $act('sort', ['row' => 9, 'column' => 3, 'keys' => [[3, $round % 2 === 0], [2, false]]], $sight),
);
$median('and undone', '300 ms', $undo);
$id = $plain;
$median('the shelf', '100 ms', fn () => $call('GET', 'shelf'));

if (getenv('RILVET_PEOPLE') !== false) {
    $people = (int) getenv('RILVET_PEOPLE');
    $small = "$folder/small.csv";
    file_put_contents($small, "Tree,Count\n".implode("\n", array_map(fn (int $row) => "Tree $row,$row", range(1, 400))));
    $books = array_map(fn () => $bring($small), range(1, 10));
    preg_match('/XSRF-TOKEN\t(\S+)/', (string) file_get_contents($jar), $token);
    // CPU of the servers, their children included, in ticks of 10 ms.
    $ticks = function () use ($port): int {
        $sum = 0;
        foreach (array_filter(explode("\n", (string) shell_exec("pgrep -f '127.0.0.1:$port ../bin/serve.php'"))) as $process) {
            $said = explode(' ', (string) preg_replace('/^.*\) /', '', (string) @file_get_contents("/proc/$process/stat")));
            $sum += (int) ($said[11] ?? 0) + (int) ($said[12] ?? 0);
        }

        return $sum;
    };
    $before = $ticks();
    for ($count = 0; $count < 300; $count++) {
        file_get_contents("http://127.0.0.1:$port/up");
    }
    printf("%-68s %6.1f ms\n", 'CPU of a request that does nothing (300 of them)', 10 * ($ticks() - $before) / 300);
    $before = $ticks();
    $multi = curl_multi_init();
    $due = array_map(fn (int $person) => ['window' => mt_rand(0, 1_000) / 1_000, 'act' => mt_rand(0, 5_000) / 1_000], range(1, $people));
    $times = $errors = [];
    $open = [];
    $began = microtime(true);
    while (($now = microtime(true) - $began) < 20 || $open !== []) {
        foreach ($due as $person => $at) {
            $book = $books[$person % 10];
            foreach ($now < 20 ? ['window' => 1, 'act' => 5] : [] as $what => $every) {
                if ($at[$what] > $now) {
                    continue;
                }
                $due[$person][$what] += $every;
                $curl = curl_init(
                    "http://127.0.0.1:$port/api/workbooks/$book".
                        ($what === 'act' ? '/acts' : '/sheets/1/window?top=1&left=1&bottom=40&right=10'),
                );
                assert($curl !== false);
                curl_setopt_array($curl, [
                    CURLOPT_RETURNTRANSFER => true,
                    CURLOPT_COOKIEFILE => $jar,
                    CURLOPT_HTTPHEADER => [
                        'Accept: application/json',
                        'Content-Type: application/json',
                        'X-XSRF-TOKEN: '.rawurldecode($token[1] ?? ''),
                    ],
                ]);
                if ($what === 'act') {
                    $row = 2 + $person;
                    curl_setopt(
                        $curl,
                        CURLOPT_POSTFIELDS,
                        json_encode(
                            [
                                'act' => 'format',
                                'revision' => 1,
                                'sheet' => 1,
                                'arguments' => ['ranges' => "B$row", 'look' => ['bold' => mt_rand(0, 1) === 1]],
                            ],
                            JSON_THROW_ON_ERROR,
                        ),
                    );
                }
                curl_multi_add_handle($multi, $curl);
                $open[spl_object_id($curl)] = microtime(true);
            }
        }
        curl_multi_exec($multi, $running);
        curl_multi_select($multi, 0.005);
        while (($done = curl_multi_info_read($multi)) !== false) {
            $curl = $done['handle'];
            assert($curl instanceof CurlHandle);
            $times[] = microtime(true) - $open[spl_object_id($curl)];
            unset($open[spl_object_id($curl)]);
            $status = curl_getinfo($curl, CURLINFO_RESPONSE_CODE);
            $status === 200 || $errors[$status] = ($errors[$status] ?? 0) + 1;
            curl_multi_remove_handle($multi, $curl);
        }
    }
    sort($times);
    printf(
        "%d people for 20 s: %d requests, p50 %.0f ms, p95 %.0f ms (1 s), errors %s\n",
        $people,
        count($times),
        1000 * $times[intdiv(count($times), 2)],
        1000 * $times[(int) (0.95 * count($times))],
        $errors === [] ? 'none' : json_encode($errors),
    );
    printf("%-68s %6.1f ms   (27 ms)\n", 'CPU of a request of theirs, the framework included', (10 * ($ticks() - $before)) / count($times));
}
