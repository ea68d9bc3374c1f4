<?php

// 500 paragraphs with the lines that PHP counts in a width, for measure.spec.ts; the same ones each time.
declare(strict_types=1);

use Rilvet\Measure\Lines;
use Rilvet\Text\Fonts;

require __DIR__.'/../../vendor/autoload.php';

mt_srand(500);
$words = [
    'Moved',
    'to',
    'the',
    'upper',
    'frame',
    'after',
    'the',
    'flood',
    'in',
    'March;',
    'roots',
    'dry,',
    'but',
    'sound',
    'half-hardy',
    'and/or',
    '12 Dec',
    '(netted)',
    'a',
    'Kätzchenweide',
    'unverpflanzt',
    '1,234.50',
    '£4',
    'end.',
    '“late”',
    'bed—north',
    "two\nlines",
    str_repeat('long', 12),
];
$items = [];
for ($index = 0; $index < 500; $index++) {
    $family = Fonts::FAMILIES[mt_rand(0, count(Fonts::FAMILIES) - 1)];
    $bold = mt_rand(0, 3) === 0;
    $size = [12, 14.667, 18, 24][mt_rand(0, 3)];
    $text = implode(' ', array_map(fn () => $words[mt_rand(0, count($words) - 1)], range(1, mt_rand(2, 25))));
    $width = mt_rand(60, 420);
    $face = Fonts::shipped()->face($family, $bold, false);
    $items[] = [
        'family' => $family,
        'weight' => $bold ? 700 : 400,
        'size' => $size,
        'text' => $text,
        'width' => $width,
        'lines' => Lines::count($text, $width, fn (string $part) => $face->advances($part, $size)),
    ];
}
echo json_encode($items, JSON_THROW_ON_ERROR);
