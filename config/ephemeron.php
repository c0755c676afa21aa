<?php

declare(strict_types=1);

return [
    // Names besides this machine's own by which the application may be called, with commas between.
    'hosts' => env('EPHEMERON_HOSTS', ''),
];
