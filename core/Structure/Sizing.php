<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

/** Which parameters of a structure make it broader, taller and longer: what is turned to make it fit. */
final readonly class Sizing
{
    /**
     * @param list<string> $broader grown together
     * @param list<string> $taller grown together; empty where the breadth settles the height
     * @param string|null $longer the count that adds pages
     */
    public function __construct(public array $broader, public array $taller = [], public ?string $longer = null)
    {
    }
}
