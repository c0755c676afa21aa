<?php

declare(strict_types=1);

namespace App\Planning;

/** Tells what one edition of the code has worked out from what another has: they may differ, and cannot always be read back. */
final readonly class CodeEdition
{
    /** @param string ...$folders whose files decide, below the application's own */
    public static function of(string ...$folders): string
    {
        $files = array_merge(...array_map(static fn (string $folder): array => glob(base_path("{$folder}/*.php")) ?: [], $folders));

        return hash('xxh128', serialize(array_map(filemtime(...), $files)));
    }
}
