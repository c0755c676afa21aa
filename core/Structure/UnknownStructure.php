<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

use Ephemeron\Refusal;

final class UnknownStructure extends \OutOfBoundsException implements Refusal
{
    /** @param list<string> $known */
    public static function named(string $key, array $known): self
    {
        return new self(sprintf('There is no structure “%s”; there is %s.', mb_substr(mb_scrub($key), 0, 60), implode(', ', $known)));
    }
}
