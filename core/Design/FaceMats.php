<?php

declare(strict_types=1);

namespace Ephemeron\Design;

use Ephemeron\Measure\Length;

/** How one face, or a row of faces, is matted where that differs from the book; what is null is as everywhere. */
final readonly class FaceMats
{
    /**
     * @param int|null $layers 0 to 2
     * @param string $picture mats of faces with the same one are cut as neighbours; empty for none
     * @param int|null $strips so many of the usual widths instead of one mat
     * @param StripWidths|null $widths of strips of the maker’s own
     * @param bool $across whether the strips follow each other from the head down
     * @param Length|null $tuck how far what is left goes in under the strips beside it; null: they butt
     * @param Length|null $rim of the upper mat on the lower
     * @param bool $plain whether the mat, of two the lower one, is of plain card
     */
    public function __construct(
        public ?MatSchool $school = null,
        public ?int $layers = null,
        public string $picture = '',
        public ?MatCorners $corners = null,
        public ?int $strips = null,
        public ?StripWidths $widths = null,
        public bool $across = false,
        public ?Length $tuck = null,
        public ?Length $rim = null,
        public bool $plain = false,
    ) {
    }

    public function saysSomething(): bool
    {
        return get_object_vars($this) !== get_object_vars(new self);
    }

    public function withSchool(?MatSchool $school): self
    {
        return $this->but(['school' => $school]);
    }

    public function withLayers(?int $layers): self
    {
        return $this->but(['layers' => $layers]);
    }

    public function withPicture(string $picture): self
    {
        return $this->but(['picture' => $picture]);
    }

    public function withCorners(?MatCorners $corners): self
    {
        return $this->but(['corners' => $corners]);
    }

    public function withStrips(?int $strips): self
    {
        return $this->but(['strips' => $strips]);
    }

    public function withWidths(?StripWidths $widths): self
    {
        return $this->but(['widths' => $widths]);
    }

    public function goingAcross(bool $across): self
    {
        return $this->but(['across' => $across]);
    }

    public function tuckedBy(?Length $tuck): self
    {
        return $this->but(['tuck' => $tuck]);
    }

    public function withRim(?Length $rim): self
    {
        return $this->but(['rim' => $rim]);
    }

    public function onPlain(bool $plain): self
    {
        return $this->but(['plain' => $plain]);
    }

    /** @param array<string, mixed> $said the one field that differs, of its own type */
    private function but(array $said): self
    {
        /** @phpstan-ignore argument.type */
        return new self(...[...get_object_vars($this), ...$said]);
    }
}
