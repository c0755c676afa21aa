<?php

declare(strict_types=1);

namespace App\Database;

/** What a statement does, told from its words. */
final readonly class Statement
{
    /** Tables that are written when somebody only looks, or waits. */
    private const OF_LOOKING = 'sessions|cache|cache_locks|jobs|job_batches|failed_jobs';

    private const READS = '/^\s*(select|pragma|explain|begin|savepoint|release|rollback|commit)\b/i';

    /** Whether what is on the shelf may be another one after it. */
    public static function writes(string $sql): bool
    {
        return preg_match(self::READS, $sql) !== 1 && ! self::isOfLooking($sql);
    }

    /** Whether it makes tables, and not what is in them. */
    public static function builds(string $sql): bool
    {
        return preg_match('/^\s*(create|alter|drop|comment)\b/i', $sql) === 1;
    }

    /** Whether it only keeps who looks, and what waits. */
    public static function isOfLooking(string $sql): bool
    {
        $names = '\s+["`]?(?:'.self::OF_LOOKING.')\b';

        return preg_match('/^\s*select\b(?:(?!\bfrom\b).)*\bfrom'.$names.'/is', $sql) === 1
            || (preg_match(self::READS, $sql) !== 1 && preg_match('/^\s*\w+(?:\s+(?:into|from|or\s+ignore))*'.$names.'/i', $sql) === 1);
    }
}
