<?php

declare(strict_types=1);

namespace Ephemeron\Fit;

/** Something a good maker would have noticed, said with the numbers. */
final readonly class Finding
{
    /**
     * @param string $kind stable name of the check that found it
     * @param string|null $part key of the part it is about
     * @param string|null $face key of the face it is about
     */
    public function __construct(
        public Severity $severity,
        public string $kind,
        public string $text,
        public ?string $part = null,
        public ?string $face = null,
        public ?Mend $mend = null,
    ) {
    }

    /** In place of so many more of its kind. */
    public function andMore(int $count): self
    {
        return new self(
            $this->severity,
            $this->kind,
            $count === 1 ? 'One more of this kind; mend these first.' : "{$count} more of this kind; mend these first.",
            face: $this->face,
        );
    }
}
