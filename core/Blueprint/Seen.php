<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;

/** A face of the book, or a bare panel such as a spine, and where it lies on the table. */
final readonly class Seen
{
    /** @param string|null $face key of the face; null for a panel that takes nothing */
    public function __construct(public ?string $face, public PanelRef $paper, public Rectangle $area)
    {
    }

    public static function face(Face $face, ?Rectangle $area = null): self
    {
        return new self($face->key, $face->paper, $area ?? Rectangle::whole($face->size));
    }

    /** A panel that takes nothing: a spine, a gusset, a tab. */
    public static function bare(PanelRef $paper, Size $size): self
    {
        return new self(null, $paper, Rectangle::whole($size));
    }

    public function at(Length $x, Length $y): self
    {
        return new self($this->face, $this->paper, Rectangle::at($x, $y, $this->area->size()));
    }
}
