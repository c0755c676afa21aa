<?php

declare(strict_types=1);

namespace Ephemeron\Format;

use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\ToolGrid;
use Ephemeron\Measure\Unit;

/** A crease pattern from wherever, as the design of a free base: its smallest upright rectangle is the blank. */
final readonly class DrawingAsBase
{
    /**
     * @param non-empty-list<array{int, int}> $vertices ticks, y downwards
     * @param list<array{int, int, string}> $edges two vertices and an assignment of the FOLD format
     * @param Unit|null $written in which its numbers are written, which need not be what its maker measures in
     * @return array<string, mixed> a design as its file writes it
     *
     * @throws InvalidDesign
     */
    public static function design(array $vertices, array $edges, string $title, ?Unit $written): array
    {
        $left = min(array_column($vertices, 0));
        $top = min(array_column($vertices, 1));
        $vertices = array_map(static fn (array $vertex): array => [$vertex[0] - $left, $vertex[1] - $top], $vertices);
        $size = [max(array_column($vertices, 0)), max(array_column($vertices, 1))];
        $unit = self::unitOf($vertices, $written);

        return [
            'structure' => 'free-base',
            'name' => trim($title) === '' ? 'Free base' : mb_substr(trim($title), 0, 120),
            'unit' => $unit->value,
            'parameters' => (new PatternAsBase($vertices, $edges, $size, Notation::usual($unit)))->parameters(),
        ];
    }

    /**
     * The file says in what its numbers are written, not in what its maker measures: that is seen by the marks its corners lie on.
     *
     * @param list<array{int, int}> $vertices
     */
    private static function unitOf(array $vertices, ?Unit $written): Unit
    {
        $places = array_unique(array_merge(array_column($vertices, 0), array_column($vertices, 1)));
        $on = static fn (ToolGrid $grid): int => count(
            array_filter($places, static fn (int $place): bool => $grid->carries(Length::ofTicks($place))),
        );
        $inches = $on(ToolGrid::Sixteenth) <=> $on(ToolGrid::Millimetre);

        return $inches > 0 || ($inches === 0 && $written === Unit::Inch) ? Unit::Inch : Unit::Centimetre;
    }
}
