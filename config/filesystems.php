<?php

declare(strict_types=1);

// Pictures and copies are handed out by the application's own pages alone: no address leads to the folder itself.
return [
    'disks' => [
        'local' => ['driver' => 'local', 'root' => storage_path('app/private'), 'serve' => false, 'throw' => false, 'report' => false],
    ],
];
