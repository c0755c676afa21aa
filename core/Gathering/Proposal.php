<?php

declare(strict_types=1);

namespace Ephemeron\Gathering;

/** An order that is proposed. */
final readonly class Proposal
{
    /**
     * @param list<Broken> $broken what could not be kept
     * @param bool $isProven no order breaks less; else it is the best that was found
     */
    public function __construct(public Signature $signature, public int $cost, public array $broken, public bool $isProven)
    {
    }
}
