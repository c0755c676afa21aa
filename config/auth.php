<?php

declare(strict_types=1);

return [
    'defaults' => ['guard' => 'web', 'passwords' => null],
    'guards' => ['web' => ['driver' => 'session', 'provider' => 'makers']],
    'providers' => ['makers' => ['driver' => 'eloquent', 'model' => App\Models\Maker::class]],
];
