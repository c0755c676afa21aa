<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\OnePicture;

/**
 * Pieces that carry on one picture, side by side or one below the other as one block of paper: it is laid out as one piece and cut apart
 * last, so that the picture runs through (common practice, no published source: what each must lose comes off its outer edge).
 */
final readonly class PictureBlock
{
    /**
     * @param list<Demand> $demands pieces from left to right, or from the head down, one entry for each
     * @param Axis $along in which they follow each other
     */
    private function __construct(
        public string $key,
        private array $demands,
        public Size $size,
        public bool $turnable,
        private Axis $along,
    ) {
    }

    /**
     * @param list<Demand> $demands of one picture
     * @return self|null null where they do not make a block that can be cut: too large for every sheet, or their breadths differ by a
     *     sliver
     */
    public static function of(OnePicture $picture, array $demands, Size $sheet, Trimmer $trimmer): ?self
    {
        [$along, $across] = $picture->isStacked ? [Axis::Height, Axis::Width] : [Axis::Width, Axis::Height];
        $pieces = [];
        $length = Length::zero();
        $breadth = Length::zero();
        foreach ($demands as $demand) {
            for ($k = 0; $k < $demand->quantity; $k++) {
                $pieces[] = $demand;
                $length = $length->plus($demand->size->along($along));
                $breadth = Length::longest($breadth, $demand->size->along($across));
            }
        }
        $size = $picture->isStacked ? new Size($breadth, $length) : new Size($length, $breadth);
        $turnable = array_filter($demands, static fn (Demand $demand): bool => ! $demand->turnable) === [];
        if (count($pieces) < 2 || ! ($size->fitsIn($sheet) || ($turnable && $size->fitsInEitherWay($sheet)))) {
            return null;
        }
        foreach ($pieces as $piece) {
            if (! $trimmer->takesOff($breadth->minus($piece->size->along($across)))) {
                return null;
            }
        }

        return new self("picture: {$picture->name}", $pieces, $size, $turnable, $along);
    }

    public function demand(): Demand
    {
        return new Demand($this->key, $this->size, 1, $this->turnable);
    }

    /** @return array<string, int> what it gives, by demand */
    public function gives(): array
    {
        return array_count_values(array_map(static fn (Demand $demand): string => $demand->key, $this->demands));
    }

    /** The block cut apart from its first piece on; where it lies turned, so do they. */
    public function apart(Rectangle $area, bool $turned): Piece
    {
        return $this->rest($area, $this->demands, $turned);
    }

    /** @param list<Demand> $demands */
    private function rest(Rectangle $area, array $demands, bool $turned): Piece
    {
        $first = $demands[0];
        if (count($demands) === 1) {
            return $this->trimmed($area, $first, $turned);
        }
        $along = $this->lying($this->along, $turned);
        $length = $first->size->along($this->along);
        [$near, $far] = $this->divided($area, $along, $length);

        return new Cut(
            $area,
            $along,
            $length,
            $this->trimmed($near, $first, $turned),
            $this->rest($far, array_slice($demands, 1), $turned),
        );
    }

    private function trimmed(Rectangle $area, Demand $demand, bool $turned): Piece
    {
        $own = $this->along->across();
        $across = $this->lying($own, $turned);
        $breadth = $demand->size->along($own);
        if ($area->size()->along($across)->equals($breadth)) {
            return new Blank($area, [$demand->key], $turned);
        }
        [$near, $far] = $this->divided($area, $across, $breadth);

        return new Cut($area, $across, $breadth, new Blank($near, [$demand->key], $turned), new Offcut($far));
    }

    private function lying(Axis $own, bool $turned): Axis
    {
        return $turned ? $own->across() : $own;
    }

    /** @return array{Rectangle, Rectangle} */
    private function divided(Rectangle $area, Axis $along, Length $at): array
    {
        $size = $area->size();

        return $along === Axis::Width
            ? [
                new Rectangle($area->corner(), new Size($at, $size->height)),
                Rectangle::at($area->left()->plus($at), $area->top(), new Size($size->width->minus($at), $size->height)),
            ]
            : [
                new Rectangle($area->corner(), new Size($size->width, $at)),
                Rectangle::at($area->left(), $area->top()->plus($at), new Size($size->width, $size->height->minus($at))),
            ];
    }
}
