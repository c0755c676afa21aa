<?php

declare(strict_types=1);

namespace App\Planning;

use Illuminate\Support\Facades\Cache;

/**
 * Tells what one edition of the code has worked out from what another has: they may differ, and cannot always be read back. A copy is the
 * same edition. Where the application is set up its editions are written down, so that no request has to look at the files; there
 * `ephemeron:edition` writes them anew when the code has changed.
 */
final readonly class CodeEdition
{
    private const WHOLE = ['core/*', 'core/*/*', 'app/Drawing', 'app/Planning'];

    private const SHOWN = ['core/*', 'core/*/*', 'app/*', 'app/*/*', 'resources/views', 'resources/views/*', 'config', 'routes'];

    private const PLANNER = ['core/Cutting', 'core/Geometry', 'core/Measure'];

    /** Of all that works out and draws a book. */
    public static function whole(): string
    {
        return self::written()['whole'] ?? self::of(...self::WHOLE);
    }

    /** Of what plans cuts. */
    public static function planner(): string
    {
        return self::written()['planner'] ?? self::of(...self::PLANNER);
    }

    /** Of all that makes pages. */
    public static function shown(): string
    {
        return self::written()['shown'] ?? self::of(...self::SHOWN);
    }

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

    /** For all requests from now on. */
    public static function write(): void
    {
        $editions = ['whole' => self::of(...self::WHOLE), 'planner' => self::of(...self::PLANNER), 'shown' => self::of(...self::SHOWN)];
        file_put_contents(self::file(), '<?php return '.var_export($editions, true).";\n", LOCK_EX);
    }

    private static function file(): string
    {
        return base_path('bootstrap/cache/editions.php');
    }

    /** @return array<string, string> none where one works on the code itself */
    private static function written(): array
    {
        $written = app()->environment('production') && is_file(self::file()) ? require self::file() : [];

        return is_array($written) ? array_filter($written, is_string(...)) : [];
    }
}
