<?php

declare(strict_types=1);

namespace Ephemeron\Furniture;

use Ephemeron\Design\FaceMats;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Size;

/**
 * A mat in strips of two prints (colour blocking): halves, or narrow sides of a fifth and the middle between (2 | 6 | 2 on 10), or the
 * maker’s own widths, one of them what is left; upright or across. What is left can go in under the strips beside it. Common practice, no
 * published source.
 */
final readonly class MatStrips
{
    /** @param non-empty-list<Rectangle> $areas in their order, each as it is cut */
    private function __construct(public array $areas, private ?int $lower = null, public ?Length $lacks = null)
    {
    }

    /** The mat itself where it is to be one, or where the strips would be too narrow: ¾ in, of the maker’s own ¼ in. */
    public static function of(Rectangle $mat, FaceMats $mats, Notation $notation): self
    {
        $whole = $mats->across ? $mat->height() : $mat->width();
        $widths = $mats->widths === null ? self::usual($whole, $mats->strips ?? 1, $notation)
            : array_map(static fn (?Length $width): Length => $width ?? $mats->widths->rest($whole), $mats->widths->widths);
        $least = $mats->widths === null ? Length::inches(0, 3, 4) : Length::inches(0, 1, 4);
        foreach ($widths as $width) {
            if (count($widths) > 1 && $width->isLessThan($least)) {
                return new self([$mat], lacks: $mats->widths === null ? null : $width);
            }
        }
        $tuck = $mats->tuck ?? Length::zero();
        $lower = count($widths) > 1 && $tuck->isPositive() ? self::lower($widths, $mats) : null;
        $areas = [];
        $from = Length::zero();
        foreach ($widths as $index => $width) {
            $to = $from->plus($width);
            $near = $index === $lower && $index > 0 ? Length::longest(Length::zero(), $from->minus($tuck)) : $from;
            $far = $index === $lower && $index < count($widths) - 1 ? Length::shortest($whole, $to->plus($tuck)) : $to;
            $areas[] = $mats->across
                ? Rectangle::at($mat->left(), $mat->top()->plus($near), new Size($mat->width(), $far->minus($near)))
                : Rectangle::at($mat->left()->plus($near), $mat->top(), new Size($far->minus($near), $mat->height()));
            $from = $to;
        }

        return new self($areas, $lower);
    }

    public function isOne(): bool
    {
        return count($this->areas) === 1;
    }

    /** Whether this strip lies over the edge of what is left. */
    public function isOver(int $index): bool
    {
        return $this->lower !== null && $index !== $this->lower;
    }

    /** @return non-empty-list<Length> */
    private static function usual(Length $whole, int $strips, Notation $notation): array
    {
        $side = $notation->grid->up($strips === 2 ? $whole->half() : $whole->portion(1, 5));

        return match ($strips) {
            2 => [$side, $whole->minus($side)],
            3 => [$side, $whole->minus($side->times(2)), $side],
            default => [$whole],
        };
    }

    /** @param non-empty-list<Length> $widths */
    private static function lower(array $widths, FaceMats $mats): int
    {
        $rest = $mats->widths === null ? false : array_search(null, $mats->widths->widths, true);

        return $rest === false ? intdiv(count($widths), 2) : (int) $rest;
    }
}
