<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

use Ephemeron\Blueprint\Crease;
use Ephemeron\Blueprint\Fold;
use Ephemeron\Blueprint\Slit;
use Ephemeron\Geometry\Loop;
use Ephemeron\Geometry\Point;
use Ephemeron\Geometry\Polygon;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Geometry\Segment;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\ToolGrid;
use Ephemeron\Measure\Unit;
use Ephemeron\Refusal;

/** The slanted scores, scores that stop half way, slits and slanted edges of a free base, one a line. */
final readonly class FreeLines
{
    private const MOST = 400;

    /** @param list<FreeLine> $lines */
    private function __construct(public array $lines)
    {
    }

    /** @throws Refusal */
    public static function parse(string $text, Unit $unit): self
    {
        $lines = array_values(array_filter(array_map(trim(...), explode("\n", $text)), static fn (string $line): bool => $line !== ''));
        if (count($lines) > self::MOST) {
            throw UnreadableLayout::tooManyLines(self::MOST);
        }

        return new self(array_map(static fn (string $line): FreeLine => FreeLine::parse($line, $unit), $lines));
    }

    /** With corners that lie a hair off a mark on it. */
    public function mended(ToolGrid $grid): self
    {
        return new self(array_map(static fn (FreeLine $line): FreeLine => new FreeLine($line->kind, array_map(
            static fn (Point $point): Point => new Point($grid->mended($point->x), $grid->mended($point->y)),
            $line->points,
        )), $this->lines));
    }

    /** @throws UnreadableLayout when one leaves the blank */
    public function within(Size $blank, Notation $notation): self
    {
        foreach ($this->lines as $line) {
            if (! $line->isWithin($blank)) {
                throw UnreadableLayout::lineOutside($line->written($notation), $notation->size($blank));
            }
        }

        return $this;
    }

    public function written(Unit $unit): string
    {
        $notation = Notation::usual($unit);

        return implode("\n", array_map(static fn (FreeLine $line): string => $line->written($notation), $this->lines));
    }

    /** @return list<Crease> */
    public function creases(): array
    {
        return [
            ...array_map(
                static fn (FreeLine $line): Crease => new Crease(self::segment($line), Fold::Valley),
                $this->of(FreeLineKind::Valley),
            ),
            ...array_map(
                static fn (FreeLine $line): Crease => new Crease(self::segment($line), Fold::Mountain),
                $this->of(FreeLineKind::Mountain),
            ),
        ];
    }

    /** @return list<Slit> */
    public function slits(): array
    {
        return array_map(static fn (FreeLine $line): Slit => new Slit(self::segment($line)), $this->of(FreeLineKind::Slit));
    }

    /** @return list<Polygon> */
    public function cutAways(): array
    {
        return array_map(static fn (FreeLine $line): Polygon => new Polygon($line->points), $this->of(FreeLineKind::CutAway));
    }

    /** Whether nothing is left of an area: its middle and its corners lie in one of the outlines that are cut away. */
    public function takes(Rectangle $area): bool
    {
        [$left, $top, $right, $bottom] = [$area->left()->ticks, $area->top()->ticks, $area->right()->ticks, $area->bottom()->ticks];
        // A little inside the corners, for those may lie on the outline.
        $places = [
            [($left + $right) / 2, ($top + $bottom) / 2],
            [$left + 0.5, $top + 0.5],
            [$right - 0.5, $top + 0.5],
            [$right - 0.5, $bottom - 0.5],
            [$left + 0.5, $bottom - 0.5],
        ];
        foreach ($this->cutAways() as $polygon) {
            $outline = new Loop(array_map(static fn (Point $corner): array => [$corner->x->ticks, $corner->y->ticks], $polygon->corners));
            if (array_filter($places, static fn (array $place): bool => ! $outline->encloses(...$place)) === []) {
                return true;
            }
        }

        return false;
    }

    /** @return list<FreeLine> */
    private function of(FreeLineKind $kind): array
    {
        return array_values(array_filter($this->lines, static fn (FreeLine $line): bool => $line->kind === $kind));
    }

    private static function segment(FreeLine $line): Segment
    {
        return new Segment($line->points[0], $line->points[1] ?? $line->points[0]);
    }
}
