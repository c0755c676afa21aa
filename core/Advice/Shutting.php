<?php

declare(strict_types=1);

namespace Ephemeron\Advice;

/** How a book is to be kept shut. */
enum Shutting: string
{
    case Magnets = 'magnets';
    case Tied = 'tied';
    case Anyhow = 'anyhow';
    case Open = 'open';

    public function label(): string
    {
        return match ($this) {
            self::Magnets => 'with magnets',
            self::Tied => 'with a ribbon, a cord or a band',
            self::Anyhow => 'with something',
            self::Open => 'with nothing',
        };
    }

    /** @param list<string> $closings what keeps a book shut, in words */
    public function isKeptBy(array $closings): bool
    {
        $said = implode(' ', $closings);

        return match ($this) {
            self::Magnets => str_contains($said, 'magnet'),
            self::Tied => preg_match('/ribbon|cord|band|thread|lace|sleeve/', $said) === 1,
            self::Anyhow => $closings !== [],
            self::Open => $closings === [],
        };
    }
}
