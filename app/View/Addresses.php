<?php

declare(strict_types=1);

namespace App\View;

/** Addresses that differ in one part: a route is looked up once for a page and not once a row (thirty of them take a millisecond). */
final readonly class Addresses
{
    /** Stands among the parameters where the part goes that differs. */
    public const EACH = '--each--';

    private string $before;

    private string $after;

    public function __construct(string $route, mixed ...$parameters)
    {
        [$this->before, $this->after] = explode(self::EACH, route($route, $parameters), 2);
    }

    /** @param string|int $part of letters, digits and hyphens */
    public function of(string|int $part): string
    {
        return $this->before.$part.$this->after;
    }
}
