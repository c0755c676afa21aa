<?php

declare(strict_types=1);

namespace Ephemeron\Gathering;

/** A rule that an order does not keep, and at which opening. */
final readonly class Broken
{
    /** @param int $face number of the face on the left */
    public function __construct(public OrderRule $rule, public int $face)
    {
    }
}
