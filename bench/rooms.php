<?php

declare(strict_types=1);

// Draws docs/rooms.svg from the code: which room of core/ uses which, the lower ones at the bottom. `php bench/rooms.php`

$core = dirname(__DIR__).'/core';
$uses = [];
foreach (glob("$core/*", GLOB_ONLYDIR) ?: [] as $folder) {
    $room = basename($folder);
    $uses[$room] = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator("$core/$room", FilesystemIterator::SKIP_DOTS)) as $file) {
        assert($file instanceof SplFileInfo);
        preg_match_all('/^use Rilvet\\\\(\w+)\\\\/m', (string) file_get_contents($file->getPathname()), $found);
        foreach ($found[1] as $other) {
            if ($other !== $room) {
                $uses[$room][$other] = true;
            }
        }
    }
}
$level = function (string $room, string $way = ' > ') use (&$level, $uses): int {
    if (str_contains($way, " > $room > ")) {
        fwrite(STDERR, "A circle:$way$room\n");
        exit(1);
    }

    return 1 + max([-1, ...array_map(fn (string $other) => $level($other, "$way$room > "), array_keys($uses[$room]))]);
};
$rows = [];
foreach (array_keys($uses) as $room) {
    $rows[$level($room)][] = $room;
}
ksort($rows);
$height = count($rows) * 84 + 20;
$place = [];
$boxes = '';
foreach ($rows as $row => $rooms) {
    foreach ($rooms as $index => $room) {
        $x = (int) (500 + ($index - (count($rooms) - 1) / 2) * 150);
        $y = $height - 60 - $row * 84;
        $place[$room] = [$x, $y];
        $boxes .= '<rect x="'.($x - 56).'" y="'.$y.'" width="112" height="34" rx="6" fill="#fff" stroke="#5C2B57"/>'
            .'<text x="'.$x.'" y="'.($y + 22).'" text-anchor="middle">'.$room."</text>\n";
    }
}
$lines = '';
foreach ($uses as $room => $others) {
    foreach (array_keys($others) as $other) {
        [[$x1, $y1], [$x2, $y2]] = [$place[$room], $place[$other]];
        $lines .= '<path d="M'.$x1.' '.($y1 + 34).' C'.$x1.' '.($y1 + 64).' '.$x2.' '.($y2 - 30).' '.$x2.' '.$y2."\"/>\n";
    }
}
file_put_contents(
    dirname(__DIR__).'/docs/rooms.svg',
    '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 1000 '.
        $height.
        '" font-family="sans-serif" font-size="14">'.
        "\n<rect width=\"1000\" height=\"$height\" fill=\"#F5F2EC\"/>\n<g fill=\"none\" stroke=\"#B9B1A4\">\n$lines</g>\n$boxes</svg>\n",
);
echo 'docs/rooms.svg: '.count($uses).' rooms in '.count($rows)." storeys, no circle.\n";
