<?php

declare(strict_types=1);

namespace Ephemeron\AsMade;

use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\Panel;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\UnknownPiece;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;

/** The width or the height of a piece, or how far apart two of its folds came, or a fold and its edge. */
final readonly class Dimension
{
    /**
     * @param string $part key
     * @param string $panel `whole`, or the largest of the panels that are as wide or tall there
     */
    private function __construct(public string $part, public Axis $axis, public string $panel)
    {
    }

    public static function whole(Part $part, Axis $axis): self
    {
        return new self($part->key, $axis, 'whole');
    }

    /**
     * Panels one above the other are folded by the same scores: their measure across is one and the same.
     *
     * @throws UnknownPiece where the part has no such panel
     */
    public static function of(Part $part, string $panel, Axis $axis): self
    {
        $named = $part->panel($panel);
        $span = self::span($named->area, $axis);
        foreach ([$part->panel('whole'), ...$part->panels] as $each) {
            $isSame = self::span($each->area, $axis) === $span;
            $named = $isSame && $each->area->size()->area() > $named->area->size()->area() ? $each : $named;
        }

        return new self($part->key, $axis, $named->key);
    }

    /** Of a band: from one glued end to the other. Where they are no panels of it, nothing of the piece itself measures that. */
    public static function betweenEnds(Part $part, Axis $axis): self
    {
        $panels = array_map(static fn (Panel $panel): string => $panel->key, $part->panels);

        return in_array('band', $panels, true) ? self::of($part, 'band', $axis) : new self($part->key, $axis, 'between its ends');
    }

    /** @return list<self> all measures of a piece that may come out otherwise than planned */
    public static function all(Part $part): array
    {
        $all = [];
        foreach (['whole', ...array_map(static fn (Panel $panel): string => $panel->key, $part->panels)] as $panel) {
            foreach (Axis::cases() as $axis) {
                $all[] = self::of($part, $panel, $axis);
            }
        }

        return array_values(array_unique($all, SORT_REGULAR));
    }

    /** `H`, or of a piece that is folded, from fold to fold: `H, front`. */
    public function sayOf(Part $part): string
    {
        return $part->letter.($this->isWhole() ? '' : ", {$part->panel($this->panel)->name}");
    }

    public function is(self $other): bool
    {
        return $this->part === $other->part && $this->axis === $other->axis && $this->panel === $other->panel;
    }

    public function isWhole(): bool
    {
        return $this->panel === 'whole';
    }

    /**
     * As planned.
     *
     * @throws UnknownPiece
     */
    public function planned(Blueprint $blueprint): Length
    {
        return $blueprint->part($this->part)->panel($this->panel)->area->size()->along($this->axis);
    }

    /**
     * What comes out otherwise with it. Scores are set from one end: what the piece is too large by, its last panel is too. In a piece of
     * the right size a fold that stands too far out takes from the panel behind it (common practice, no published source).
     *
     * @return list<array{self, bool}> each, and whether it grows with this one or shrinks
     */
    public function withIt(Part $part): array
    {
        $changed = [[$this, true]];
        $mine = self::span($part->panel($this->panel)->area, $this->axis);
        $end = $part->size->along($this->axis)->ticks;
        foreach ($part->panels as $panel) {
            $dimension = self::of($part, $panel->key, $this->axis);
            $span = self::span($panel->area, $this->axis);
            $follows = $this->isWhole() && $span[1] === $end;
            $yields = ! $this->isWhole() && (($mine[0] === 0 && $span[0] === $mine[1]) || ($mine[1] === $end && $span[1] === $mine[0]));
            if (($follows || $yields) && ! in_array([$dimension, $follows], $changed, false)) {
                $changed[] = [$dimension, $follows];
            }
        }

        return $changed;
    }

    /** @return array{int, int} from and to, in ticks */
    private static function span(Rectangle $area, Axis $axis): array
    {
        return $axis === Axis::Width ? [$area->left()->ticks, $area->right()->ticks] : [$area->top()->ticks, $area->bottom()->ticks];
    }
}
