<?php

declare(strict_types=1);

namespace Ephemeron\Gathering;

/** Sheets in a signature, by how many there are: a guide and no law. Common practice, no published source. */
final readonly class SignatureSize
{
    public function __construct(public int $least, public int $most)
    {
    }

    /**
     * @param int $signatures at least 1
     * @param bool $isText of text paper to write in, all sheets alike
     */
    public static function usual(int $signatures, bool $isText = false): self
    {
        return match (true) {
            $isText => new self(3, 5),
            $signatures === 1 => new self(15, 20),
            $signatures === 2 => new self(10, 15),
            default => new self(8, 12),
        };
    }

    public function holds(int $sheets): bool
    {
        return $sheets >= $this->least && $sheets <= $this->most;
    }
}
