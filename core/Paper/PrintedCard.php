<?php

declare(strict_types=1);

namespace Ephemeron\Paper;

use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Size;

/** A card that is printed on side A of a sheet, to be cut apart and used as it is. */
final readonly class PrintedCard
{
    /**
     * @param Length $left of its left edge from that of the sheet
     * @param Length $top of its upper edge from that of the sheet
     */
    public function __construct(public Size $size, public Length $left, public Length $top, public string $name = '')
    {
    }

    public function with(?Size $size = null, ?Length $left = null, ?Length $top = null, ?string $name = null): self
    {
        return new self($size ?? $this->size, $left ?? $this->left, $top ?? $this->top, $name ?? $this->name);
    }

    public function isOn(Size $sheet): bool
    {
        return $sheet->width->isAtLeast($this->left->plus($this->size->width))
            && $sheet->height->isAtLeast($this->top->plus($this->size->height));
    }

    /** `3 × 4 at 1/2 × 1/2: Owl`, as it is typed. */
    public function text(Notation $notation): string
    {
        return sprintf(
            '%s × %s at %s × %s%s',
            $notation->bare($this->size->width),
            $notation->bare($this->size->height),
            $notation->bare($this->left),
            $notation->bare($this->top),
            $this->name === '' ? '' : ": {$this->name}",
        );
    }

    public function key(): string
    {
        return "{$this->size->width->ticks}×{$this->size->height->ticks}@{$this->left->ticks}×{$this->top->ticks}";
    }
}
