<?php

// Texts with their widths as PHP measures them, for measure.spec.ts; the same ones each time.
declare(strict_types=1);

use Rilvet\Text\Fonts;

require __DIR__.'/../../vendor/autoload.php';

mt_srand(64);
$words = [
    'Silver birch',
    'Rowan',
    '1,234.50',
    '£ 4,216.00',
    '(1,200)',
    '12 Dec 2023',
    'Größe',
    'Éclair',
    'fi fl ffi AV To',
    'Betula pendula',
    '88%',
    'żółć',
    'Ωμέγα',
    'WWW',
    'iiii',
    '—',
    '“quoted”',
    'a_b-c/d',
    '00412',
    "tab\u{A0}wide",
];
$items = [];
foreach (Fonts::FAMILIES as $family) {
    foreach ([[false, false], [true, false], [false, true], [true, true]] as [$bold, $italic]) {
        $face = Fonts::shipped()->face($family, $bold, $italic);
        foreach ([12, 14.667, 18, 24, 13.333] as $size) {
            for ($i = 0; $i < 14; $i++) {
                $text = $words[mt_rand(0, 19)].($i % 3 === 0 ? ' '.$words[mt_rand(0, 19)] : '');
                // Greek and Polish letters are not in every family; there the browser takes another font.
                if (
                    in_array($family, ['Caladea', 'Gelasio', 'IBM Plex Mono', 'IBM Plex Sans'], true) &&
                    preg_match('/\p{Greek}/u', $text) === 1
                ) {
                    $text = 'Omega';
                }
                $items[] = [
                    'family' => $family,
                    'weight' => $bold ? 700 : 400,
                    'italic' => $italic,
                    'size' => $size,
                    'text' => $text,
                    'width' => $face->width($text, $size),
                    'line' => $face->lineHeight(floor($size * 64) / 64),
                ];
            }
        }
    }
}
echo json_encode($items, JSON_THROW_ON_ERROR);
