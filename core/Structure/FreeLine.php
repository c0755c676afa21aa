<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

use Ephemeron\Geometry\Point;
use Ephemeron\Geometry\Polygon;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\Unit;
use Ephemeron\Refusal;

/**
 * One line of a free base that is no border of its panels: `valley: 1 × 0 to 4 × 2 1/2`, places measured from the upper left corner,
 * across and down. What is cut away is named by its corners: `cut away: 0 × 0 to 1 × 0 to 0 × 1`.
 */
final readonly class FreeLine
{
    private const MOST_CORNERS = 60;

    /** @param non-empty-list<Point> $points two of a score or slit, three or more of what is cut away */
    public function __construct(public FreeLineKind $kind, public array $points)
    {
    }

    /** @throws Refusal */
    public static function parse(string $line, Unit $unit): self
    {
        [$word, $places] = array_map(trim(...), [...explode(':', $line, 2), '']);
        $kind = FreeLineKind::tryFrom(mb_strtolower($word)) ?? throw UnreadableLayout::line($line);
        $points = [];
        foreach (preg_split('/\s+to\s+/', $places) ?: [] as $place) {
            $sides = preg_split('/[×x]/u', $place) ?: [];
            if (count($sides) !== 2) {
                throw UnreadableLayout::line($line);
            }
            try {
                $points[] = new Point(Length::parse(trim($sides[0]), $unit), Length::parse(trim($sides[1]), $unit));
            } catch (Refusal) {
                throw UnreadableLayout::line($line);
            }
        }
        $isRight = $kind === FreeLineKind::CutAway ? count($points) >= 3 && count($points) <= self::MOST_CORNERS : count($points) === 2;
        if ($points === [] || ! $isRight
            || ($kind === FreeLineKind::CutAway ? (new Polygon($points))->doubleArea() === 0 : $points[0]->isAt($points[1]))) {
            throw UnreadableLayout::line($line);
        }

        return new self($kind, $points);
    }

    public function isWithin(Size $blank): bool
    {
        foreach ($this->points as $point) {
            if (Length::shortest($point->x, $point->y)->isLessThan(Length::zero()) || $point->x->isMoreThan($blank->width)
                || $point->y->isMoreThan($blank->height)) {
                return false;
            }
        }

        return true;
    }

    public function written(Notation $notation): string
    {
        return "{$this->kind->value}: ".implode(
            ' to ',
            array_map(static fn (Point $point): string => "{$notation->exact($point->x)} × {$notation->exact($point->y)}", $this->points),
        );
    }
}
