<?php

declare(strict_types=1);

namespace Ephemeron\Assembly;

/** Something that does not come together when it is done on the table. */
final readonly class Complaint
{
    /**
     * @param int $rule 1 to 8, of what must be true of an order of work (common practice, no published source)
     * @param string|null $job key of the step, null where it is missing
     */
    public function __construct(public int $rule, public ?string $job, public string $sentence)
    {
    }
}
