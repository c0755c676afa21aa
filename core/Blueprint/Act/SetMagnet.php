<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint\Act;

use Ephemeron\Geometry\Rectangle;

/** One magnet of a pair: the first is glued where it is wanted, the second finds its place by closing the flap on the first. */
final readonly class SetMagnet implements Act
{
    /**
     * @param string $face the face it is put on, before its mat
     * @param string|null $flap key of the part that closes, which must hang already
     * @param int $pairs side by side
     */
    public function __construct(
        public string $face,
        public ?Rectangle $area,
        public ?string $flap,
        public bool $isFirst,
        public int $pairs = 1,
        public Depth $depth = Depth::UnderMat,
    ) {
    }

    public function kind(): ActKind
    {
        return ActKind::Magnet;
    }

    public function parts(): array
    {
        return $this->flap === null ? [] : [$this->flap];
    }

    public function needs(): array
    {
        return [new Reach($this->face, $this->depth, $this->area)];
    }

    public function covers(): array
    {
        return [];
    }

    public function hanging(): array
    {
        return $this->flap === null ? [] : [$this->flap];
    }
}
