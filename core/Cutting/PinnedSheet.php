<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

use Ephemeron\Geometry\Point;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;

/** A sheet with pieces whose place is given: cut so that they come free and the largest rectangles stay for others. */
final readonly class PinnedSheet
{
    /**
     * @param Piece $tree with an offcut wherever others may be cut
     * @param array<string, int> $gives pinned pieces by demand key
     */
    private function __construct(private Piece $tree, public array $gives)
    {
    }

    /**
     * @param list<Blank> $pinned where they lie
     * @param Axis|null $first cuts that divide this side are tried before the others; null: those that set the largest space free
     * @return self|null null where no cuts that go right across set them free
     */
    public static function of(Size $sheet, array $pinned, Trimmer $trimmer, ?Axis $first = null): ?self
    {
        $whole = Rectangle::whole($sheet);
        // Pieces that overlap leave no cut that crosses neither: they are refused below.
        foreach ($pinned as $blank) {
            if (! $whole->contains($blank->area())) {
                return null;
            }
        }
        $tree = self::divide($whole, $pinned, $trimmer, $first);

        return $tree === null ? null : new self(
            $tree,
            array_count_values(array_map(static fn (Blank $blank): string => $blank->demands[0], $pinned)),
        );
    }

    /** @return list<Rectangle> where others may be cut */
    public function spaces(): array
    {
        $leaves = (new SheetPattern(new Supply('', $this->tree->area()->size(), Length::zero()), 1, $this->tree, []))->offcuts();

        return array_map(static fn (Offcut $offcut): Rectangle => $offcut->area(), $leaves);
    }

    /**
     * @param array<string, Piece> $fillings what is cut from its spaces, by {@see self::name()}; the spaces begin at their own upper left
     */
    public function filled(array $fillings): Piece
    {
        return self::fill($this->tree, $fillings);
    }

    public static function name(Rectangle $space): string
    {
        return "{$space->left()->ticks},{$space->top()->ticks}";
    }

    /** @param array<string, Piece> $fillings */
    private static function fill(Piece $piece, array $fillings): Piece
    {
        if ($piece instanceof Cut) {
            return new Cut(
                $piece->area(),
                $piece->along,
                $piece->at,
                self::fill($piece->first, $fillings),
                self::fill($piece->second, $fillings),
            );
        }
        $filling = $piece instanceof Offcut ? $fillings[self::name($piece->area())] ?? null : null;

        return $filling === null ? $piece : $filling->movedBy($piece->area()->corner());
    }

    /** @param list<Blank> $pinned that lie in the area */
    private static function divide(Rectangle $area, array $pinned, Trimmer $trimmer, ?Axis $preferred): ?Piece
    {
        if ($pinned === []) {
            return new Offcut($area);
        }
        if (count($pinned) === 1 && $pinned[0]->area()->size()->equals($area->size())) {
            return $pinned[0];
        }
        foreach (self::cuts($area, $pinned, $trimmer, $preferred) as [$along, $at]) {
            [$near, $far] = self::halves($area, $along, $at);
            $in = static fn (Rectangle $half): array => array_values(
                array_filter($pinned, static fn (Blank $blank): bool => $half->contains($blank->area())),
            );
            $first = self::divide($near, $in($near), $trimmer, $preferred);
            $second = $first === null ? null : self::divide($far, $in($far), $trimmer, $preferred);
            if ($first !== null && $second !== null) {
                return new Cut($area, $along, $at, $first, $second);
            }
        }

        return null;
    }

    /**
     * Cuts along an edge of a pinned piece that cross none of them; of those along the preferred side the one that sets the largest space
     * free comes first.
     *
     * @param non-empty-list<Blank> $pinned
     * @return list<array{Axis, Length}> distance from the area's own edge
     */
    private static function cuts(Rectangle $area, array $pinned, Trimmer $trimmer, ?Axis $preferred): array
    {
        $cuts = [];
        foreach ([Axis::Width, Axis::Height] as $along) {
            $begin = static fn (Rectangle $one): int => $along === Axis::Width ? $one->left()->ticks : $one->top()->ticks;
            $end = static fn (Rectangle $one): int => $along === Axis::Width ? $one->right()->ticks : $one->bottom()->ticks;
            $places = [];
            foreach ($pinned as $blank) {
                $places[] = $begin($blank->area());
                $places[] = $end($blank->area());
            }
            foreach (array_unique($places) as $place) {
                $near = $place - $begin($area);
                $far = $end($area) - $place;
                $crosses = array_filter(
                    $pinned,
                    static fn (Blank $blank): bool => $begin($blank->area()) < $place && $place < $end($blank->area()),
                );
                if ($crosses !== [] || min($near, $far) < $trimmer->narrowestStrip->ticks) {
                    continue;
                }
                $before = array_filter($pinned, static fn (Blank $blank): bool => $end($blank->area()) <= $place);
                $free = match (true) {
                    $before === [] => $near,
                    count($before) === count($pinned) => $far,
                    default => 0,
                };
                $cuts[] = [$free * $area->size()->along($along->across())->ticks, $along, Length::ofTicks($near)];
            }
        }
        usort(
            $cuts,
            static fn (array $one, array $other): int => [
                $other[1] === $preferred,
                $other[0],
                $one[1]->value,
                $one[2]->ticks,
            ] <=> [$one[1] === $preferred, $one[0], $other[1]->value, $other[2]->ticks],
        );

        return array_map(static fn (array $cut): array => [$cut[1], $cut[2]], $cuts);
    }

    /** @return array{Rectangle, Rectangle} */
    private static function halves(Rectangle $area, Axis $along, Length $at): array
    {
        $size = $area->size();
        $isWidth = $along === Axis::Width;
        $rest = $size->along($along)->minus($at);

        return [
            new Rectangle($area->corner(), $isWidth ? new Size($at, $size->height) : new Size($size->width, $at)),
            new Rectangle(
                $isWidth ? new Point($area->left()->plus($at), $area->top()) : new Point($area->left(), $area->top()->plus($at)),
                $isWidth ? new Size($rest, $size->height) : new Size($size->width, $rest),
            ),
        ];
    }
}
