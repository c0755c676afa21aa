<?php

declare(strict_types=1);

namespace Ephemeron\Filling;

use Ephemeron\Measure\Size;

/** One photo, card or envelope that is to go into a book, as it is to be seen: wider than tall, it lies. */
final readonly class Keepsake
{
    /**
     * @param Size $size as it is printed or bought, the way up it is to be seen
     * @param string|null $home key of the pocket, the thing or the face it goes to; null: nowhere yet
     * @param bool $isProposed whether its home was not chosen by hand
     * @param string|null $paper key among the papers of the design: a sheet printed with cards to be cut apart
     * @param int $card which of the cards on it, from 1
     */
    public function __construct(
        public string $name,
        public KeepsakeKind $kind,
        public Size $size,
        public ?string $home = null,
        public bool $isProposed = false,
        public ?string $paper = null,
        public int $card = 1,
    ) {
    }

    public function with(
        ?string $name = null,
        ?KeepsakeKind $kind = null,
        ?Size $size = null,
        ?bool $isProposed = null,
        ?int $card = null,
    ): self {
        return new self(
            $name ?? $this->name,
            $kind ?? $this->kind,
            $size ?? $this->size,
            $this->home,
            $isProposed ?? $this->isProposed,
            $this->paper,
            $card ?? $this->card,
        );
    }

    public function goingTo(?string $home, bool $isProposed = false): self
    {
        return new self($this->name, $this->kind, $this->size, $home, $isProposed, $this->paper, $this->card);
    }

    public function cutFrom(?string $paper): self
    {
        return new self($this->name, $this->kind, $this->size, $this->home, $this->isProposed, $paper, $this->card);
    }

    public function lies(): bool
    {
        return $this->size->width->isMoreThan($this->size->height);
    }

    public function isSquare(): bool
    {
        return $this->size->width->equals($this->size->height);
    }

    /** An envelope is thick: two that face each other keep a book open (common practice, no published source). */
    public function isThick(): bool
    {
        return $this->kind === KeepsakeKind::Envelope;
    }
}
