<?php

declare(strict_types=1);

namespace App\Safekeeping;

use Carbon\CarbonInterface;
use Symfony\Component\Finder\Finder;

/** What was remembered and nobody has asked for since is thrown away. A file of the cache begins with the moment it holds until. */
final readonly class Sweeping
{
    private const EXPIRES = 10;

    /**
     * @param string $folder of a file cache
     * @return int files that went
     */
    public static function cache(string $folder, CarbonInterface $now): int
    {
        $gone = 0;
        if (! is_dir($folder)) {
            return 0;
        }
        foreach (Finder::create()->files()->in($folder)->notName('.gitkeep') as $file) {
            $until = (string) file_get_contents($file->getPathname(), length: self::EXPIRES);
            if (ctype_digit($until) && (int) $until < $now->getTimestamp()) {
                $gone += unlink($file->getPathname()) ? 1 : 0;
            }
        }

        return $gone;
    }
}
