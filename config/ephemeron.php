<?php

declare(strict_types=1);

return [
    // Names besides this machine's own by which the application may be called, with commas between.
    'hosts' => env('EPHEMERON_HOSTS', ''),

    // “one”: alone on one's own machine, without signing in. “many”: a club or a shop, with accounts.
    'makers' => env('EPHEMERON_MAKERS', 'one'),

    // Whether very large books are worked out by a worker while somebody looks; null: where somebody looks, and not on the command line.
    'turns' => null,

    // Seconds a page waits for what is not remembered before it comes without; null: as each page has it.
    'patience' => env('EPHEMERON_PATIENCE'),

    // Where bin/demo listens to tablets, while some may come.
    'tablet' => (int) env('EPHEMERON_TABLET', 8330),

    // What the pictures of one of many makers may take, in megabytes.
    'space' => (int) env('EPHEMERON_SPACE', 500),

    // Longer looks of one of many makers that may wait at once.
    'waiting' => (int) env('EPHEMERON_WAITING', 6),
];
