<?php

declare(strict_types=1);

namespace Ephemeron\Design;

/** How one face, or a row of faces, is matted where that differs from the book; what is null is as everywhere. */
final readonly class FaceMats
{
    /**
     * @param int|null $layers 0 to 2
     * @param string $picture mats of faces with the same one are cut side by side; empty for none
     */
    public function __construct(
        public ?MatSchool $school = null,
        public ?int $layers = null,
        public string $picture = '',
        public ?MatCorners $corners = null,
        public ?int $strips = null,
    ) {
    }

    public function saysSomething(): bool
    {
        return $this->school !== null || $this->layers !== null || $this->picture !== '' || $this->corners !== null
            || $this->strips !== null;
    }

    public function withSchool(?MatSchool $school): self
    {
        return new self($school, $this->layers, $this->picture, $this->corners, $this->strips);
    }

    public function withLayers(?int $layers): self
    {
        return new self($this->school, $layers, $this->picture, $this->corners, $this->strips);
    }

    public function withPicture(string $picture): self
    {
        return new self($this->school, $this->layers, $picture, $this->corners, $this->strips);
    }

    public function withCorners(?MatCorners $corners): self
    {
        return new self($this->school, $this->layers, $this->picture, $corners, $this->strips);
    }

    public function withStrips(?int $strips): self
    {
        return new self($this->school, $this->layers, $this->picture, $this->corners, $strips);
    }
}
