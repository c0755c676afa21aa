<?php

declare(strict_types=1);

namespace Ephemeron\Binding;

use Ephemeron\Blueprint\Hole;
use Ephemeron\Design\Allowances;
use Ephemeron\Design\Parameter;
use Ephemeron\Design\Values;
use Ephemeron\Geometry\Point;
use Ephemeron\Measure\Length;

/** Holes along the binding edge of a leaf, at the pitch, in the middle of the edge. Source: common practice, no published source. */
final readonly class PunchedEdge
{
    private function __construct(public Length $edge, public Loops $loops, public Length $pitch, private Length $stop, private Length $hole)
    {
    }

    /** @return list<Parameter> */
    public static function parameters(): array
    {
        $labels = [];
        foreach (Loops::cases() as $loops) {
            $labels[$loops->value] = $loops->label();
        }

        return [
            Parameter::choice('binding', 'Bound with', 'A coil is wound in, a wire is closed by the tool.', $labels, Loops::Coil->value),
            Parameter::length(
                'pitch',
                'Pitch of the holes',
                'From hole to hole on your tool; a wire brings its own.',
                Length::inches(0, 1, 8),
                Length::inches(0, 3, 4),
                Length::inches(0, 1, 4),
                Length::millimetres(6),
            ),
            Parameter::length(
                'stop',
                'Stop',
                'From the binding edge to the middle of the holes, as the tool is set.',
                Length::inches(0, 1, 8),
                Length::inches(0, 1, 2),
                Length::inches(0, 3, 16),
                Length::millimetres(5),
            ),
        ];
    }

    /** A hole is about 5⁄32 in (4 mm) broad, never more than two thirds of the pitch. */
    public static function of(Length $edge, Values $values, Allowances $allow): self
    {
        $loops = Loops::from($values->choice('binding'));
        $pitch = $loops->pitch() ?? $values->length('pitch');
        $hole = Length::shortest($allow->either(Length::inches(0, 5, 32), Length::millimetres(4)), $pitch->portion(2, 3));

        return new self($edge, $loops, $pitch, $values->length('stop'), $hole);
    }

    /** As many as fit with at least one hole's breadth left at both ends; one at the least. */
    public function count(): int
    {
        $room = $this->edge->minus($this->hole->times(3));

        return $room->isPositive() ? $room->holds($this->pitch) + 1 : 1;
    }

    /** @return non-empty-list<Hole> on a leaf with its binding edge at the left */
    public function holes(): array
    {
        $count = $this->count();
        $first = $this->edge->minus($this->pitch->times($count - 1))->half();

        return array_map(
            fn (int $number): Hole => new Hole(new Point($this->stop, $first->plus($this->pitch->times($number))), $this->hole),
            range(0, $count - 1),
        );
    }
}
