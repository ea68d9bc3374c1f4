<?php

declare(strict_types=1);

return [

    // The disk of config/filesystems.php on which packages, imports and hand-overs stand; several servers share one.
    'disk' => env('RILVET_DISK', 'rilvet'),
    // The only names that the server answers to; a page from elsewhere, or a name rebound to this machine, gets 403.
    'hosts' => array_filter(explode(',', (string) env('RILVET_HOSTS', '127.0.0.1:8700,localhost:8700'))),

    // What a file may hold (see App\Files\Limits).
    'limits' => [
        'bytes' => (int) env('RILVET_MAX_BYTES', 256 * 1024 * 1024),
        'entries' => 5_000,
        'expanded' => 4 * 1024 * 1024 * 1024,
        'ratio' => 400,
        'cells' => 40_000_000,
    ],

    // Files up to this size are brought in and handed over within the request; larger ones through the queue.
    'at_once' => 1024 * 1024,

    // Files up to this size are small work: they do not wait behind larger ones.
    'small' => 6 * 1024 * 1024,
];
