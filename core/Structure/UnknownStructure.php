<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

use Ephemeron\Refusal;
use Ephemeron\Refused;

final class UnknownStructure extends \OutOfBoundsException implements Refusal
{
    private function __construct(string $sentence, private readonly Refused $refused = new Refused)
    {
        parent::__construct($sentence);
    }

    public function refused(): Refused
    {
        return $this->refused;
    }

    /** @param list<string> $known */
    public static function named(string $key, array $known): self
    {
        return new self(
            sprintf('There is no structure “%s”; there is %s.', mb_substr(mb_scrub($key), 0, 60), implode(', ', $known)),
            Refused::typed($key)->insteadOf($known),
        );
    }
}
