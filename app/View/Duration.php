<?php

declare(strict_types=1);

namespace App\View;

/** A time that was spent, as one says it. */
final readonly class Duration
{
    /** `1 h 20 min`, `35 min`, `less than a minute`. */
    public static function text(int $seconds): string
    {
        $minutes = intdiv($seconds + 30, 60);
        [$hours, $rest] = [intdiv($minutes, 60), $minutes % 60];

        return match (true) {
            $minutes === 0 => 'less than a minute',
            $hours === 0 => "{$rest} min",
            $rest === 0 => "{$hours} h",
            default => "{$hours} h {$rest} min",
        };
    }
}
