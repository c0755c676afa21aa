<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;

/**
 * Pieces that carry on one picture, side by side as one block of paper: it is laid out as one piece and cut apart last, so that the
 * picture runs through (common practice, no published source: what each must lose comes off its outer edge).
 */
final readonly class PictureBlock
{
    /**
     * @param list<Demand> $demands pieces from left to right, one entry for each
     */
    private function __construct(public string $key, private array $demands, public Size $size, public bool $turnable)
    {
    }

    /**
     * @param list<Demand> $demands of one picture
     * @return self|null null where they do not make a block that can be cut: too large for every sheet, or their heights differ by a sliver
     */
    public static function of(string $picture, array $demands, Size $sheet, Trimmer $trimmer): ?self
    {
        $pieces = [];
        $width = Length::zero();
        $height = Length::zero();
        foreach ($demands as $demand) {
            for ($k = 0; $k < $demand->quantity; $k++) {
                $pieces[] = $demand;
                $width = $width->plus($demand->size->width);
                $height = Length::longest($height, $demand->size->height);
            }
        }
        $size = new Size($width, $height);
        $turnable = array_filter($demands, static fn (Demand $demand): bool => ! $demand->turnable) === [];
        if (count($pieces) < 2 || ! ($size->fitsIn($sheet) || ($turnable && $size->fitsInEitherWay($sheet)))) {
            return null;
        }
        foreach ($pieces as $piece) {
            $rest = $height->minus($piece->size->height);
            if (! $rest->isZero() && $rest->isLessThan($trimmer->narrowestStrip)) {
                return null;
            }
        }

        return new self("picture: {$picture}", $pieces, $size, $turnable);
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

    /** The block cut apart: from the left, or from the top where it lies turned. */
    public function apart(Rectangle $area, bool $turned): Piece
    {
        return $this->rest($area, $this->demands, $turned);
    }

    /** @param list<Demand> $demands */
    private function rest(Rectangle $area, array $demands, bool $turned): Piece
    {
        $first = $demands[0];
        $along = $turned ? Axis::Height : Axis::Width;
        $breadth = $first->size->width;
        if (count($demands) === 1) {
            return $this->trimmed($area, $first, $turned);
        }
        [$near, $far] = $this->divided($area, $along, $breadth);

        return new Cut(
            $area,
            $along,
            $breadth,
            $this->trimmed($near, $first, $turned),
            $this->rest($far, array_slice($demands, 1), $turned),
        );
    }

    private function trimmed(Rectangle $area, Demand $demand, bool $turned): Piece
    {
        $across = $turned ? Axis::Width : Axis::Height;
        $tall = $demand->size->height;
        if ($area->size->along($across)->equals($tall)) {
            return new Blank($area, [$demand->key], $turned);
        }
        [$near, $far] = $this->divided($area, $across, $tall);

        return new Cut($area, $across, $tall, new Blank($near, [$demand->key], $turned), new Offcut($far));
    }

    /** @return array{Rectangle, Rectangle} */
    private function divided(Rectangle $area, Axis $along, Length $at): array
    {
        $size = $area->size;

        return $along === Axis::Width
            ? [
                new Rectangle($area->corner, new Size($at, $size->height)),
                Rectangle::at($area->left()->plus($at), $area->top(), new Size($size->width->minus($at), $size->height)),
            ]
            : [
                new Rectangle($area->corner, new Size($size->width, $at)),
                Rectangle::at($area->left(), $area->top()->plus($at), new Size($size->width, $size->height->minus($at))),
            ];
    }
}
