<?php

declare(strict_types=1);

namespace Ephemeron;

/** Nothing in the range of a structure does what was asked; the message says how far it goes. */
final class DoesNotFit extends \RuntimeException implements Refusal
{
    private function __construct(string $sentence, private readonly Refused $refused = new Refused)
    {
        parent::__construct($sentence);
    }

    public function refused(): Refused
    {
        return $this->refused;
    }

    public static function photos(string $photo, int $most): self
    {
        return new self($most === 0
            ? "No size of this structure has a place for a {$photo} print."
            : "This structure holds {$most} prints of {$photo} at the most.", Refused::typed($photo)->between('0', (string) $most));
    }

    public static function inside(string $outer, string $least): self
    {
        return new self(
            "It cannot be made small enough for {$outer}: closed it is {$least} at the least.",
            Refused::typed($outer)->between($least, ''),
        );
    }

    public static function tooThick(string $limit, string $least): self
    {
        return new self(
            "It stays thicker than {$limit}: filled it is about {$least} at the least.",
            Refused::typed($limit)->between($least, ''),
        );
    }

    public static function fixed(): self
    {
        return new self('A free base has no size to turn: change its panels.');
    }
}
