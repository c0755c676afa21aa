<?php

declare(strict_types=1);

namespace App\Planning;

use Illuminate\Support\Facades\Cache;

/** Tells what one edition of the code has worked out from what another has: they may differ. A copy is the same edition. */
final readonly class CodeEdition
{
    /** @param string ...$folders whose files decide, below the application's own */
    public static function of(string ...$folders): string
    {
        $files = array_merge(...array_map(static fn (string $folder): array => glob(base_path("{$folder}/*.php")) ?: [], $folders));
        // What is in them is looked at again only when one of them was written to.
        $written = Mark::of($files, array_map(filemtime(...), $files));
        $edition = Cache::rememberForever(
            "edition:{$written}",
            static fn (): string => Mark::of(array_map(static fn (string $file): string => (string) file_get_contents($file), $files)),
        );

        return is_string($edition) ? $edition : $written;
    }
}
