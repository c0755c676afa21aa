<?php

declare(strict_types=1);

namespace App\Planning;

/** Pads laid out over a book. */
final readonly class LaidOut
{
    /**
     * @param array<string, mixed> $changes by place in the design
     * @param list<string> $sentences what came of it, then what could not be kept
     */
    public function __construct(public array $changes, public array $sentences)
    {
    }
}
