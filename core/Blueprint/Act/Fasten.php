<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint\Act;

use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Geometry\Rectangle;

/** Something that is bought and not cut is fixed to a face: a ribbon, a cord, an eyelet, a dot, a clip, a brad. */
final readonly class Fasten implements Act
{
    /**
     * @param string $what `the ribbon`
     * @param Rectangle|null $area on the face; null for all across it
     * @param list<string> $through keys of parts that it goes through
     * @param list<string> $on keys of parts that must hang in their places before
     */
    public function __construct(
        public string $what,
        public string $face,
        public ?Rectangle $area = null,
        public Depth $depth = Depth::UnderMat,
        public Adhesive $adhesive = Adhesive::None,
        public array $through = [],
        public array $on = [],
    ) {
    }

    public function kind(): ActKind
    {
        return ActKind::Fasten;
    }

    public function parts(): array
    {
        return $this->through;
    }

    public function needs(): array
    {
        return [new Reach($this->face, $this->depth, $this->area)];
    }

    /** What sits on the mat wants the mat there first. */
    public function covers(): array
    {
        return $this->depth->value > Depth::Mat->value ? $this->needs() : [];
    }

    public function hanging(): array
    {
        return $this->on;
    }
}
