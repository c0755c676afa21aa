<?php

declare(strict_types=1);

namespace Ephemeron\Furniture;

use Ephemeron\Blueprint\Act\Shape;
use Ephemeron\Blueprint\Caution;
use Ephemeron\Blueprint\Loose;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Stitches;
use Ephemeron\Blueprint\Sundry;
use Ephemeron\Blueprint\Task;
use Ephemeron\Design\Parameter;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Point;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Geometry\Segment;
use Ephemeron\Measure\Length;

/**
 * A line of stitches along an edge, or all round, sewn while the piece is single: by machine or by hand. Common practice, no published
 * source.
 */
final readonly class SewnLine implements Furniture
{
    private const AROUND = 'round';

    public function key(): string
    {
        return 'sewn-line';
    }

    public function name(): string
    {
        return 'Sewn line';
    }

    public function summary(): string
    {
        return 'Stitches along an edge or all round, sewn before the piece is glued or bound.';
    }

    public function kin(): Kin
    {
        return Kin::Small;
    }

    public function parameters(): array
    {
        return [
            Parameter::choice('edge', 'Along', 'Which edge the stitches follow.', [
                'outward' => 'the edge away from the spine',
                'left' => 'left',
                'right' => 'right',
                'top' => 'top',
                'bottom' => 'bottom',
                self::AROUND => 'all round',
            ], 'outward'),
            Parameter::length(
                'inset',
                'In from the edge',
                'Nearer than ⅛ in (3 mm) the paper tears along the holes.',
                Length::inches(0, 1, 8),
                Length::inches(3),
                Length::inches(0, 1, 4),
                Length::millimetres(6),
            ),
        ];
    }

    public function place(Spot $spot): Placement
    {
        $inset = $spot->values->length('inset');
        $whole = Rectangle::whole($spot->size());
        $edge = $spot->edge();
        $isRound = $spot->values->choice('edge') === self::AROUND;
        $lines = array_map(
            static fn (Edge $each): Segment => self::along($each, $whole, $inset, $isRound ? $inset : Length::zero()),
            $isRound ? Edge::cases() : [$edge],
        );
        $thread = $this->thread($lines, $spot);
        $part = $spot->face->paper->part;
        $spot->draft->add(new Stitches($spot->key, $spot->face->key, $lines));
        $spot->draft->add(new Loose('Sewing thread', $thread, 1, 'Small things', Sundry::Thread));
        $spot->draft->task(new Task(
            'sewn-lines',
            Phase::Notch,
            'Sew the lines of stitches',
            'By machine with a long stitch, or by hand through holes that are pricked first. It shows on the other side as well.',
            'Small things',
            parts: [$part],
            places: [sprintf(
                '%s: %s, %s in, %s of thread',
                $spot->face->name,
                $isRound ? 'all round' : "along the {$edge->value} edge",
                $spot->notation->text($inset),
                $spot->notation->text($thread),
            )],
            face: $spot->face->key,
            caution: Caution::Needle,
            acts: [new Shape($part, 'stitches')],
        ));

        return new Placement($isRound ? $whole : $whole->strip($edge, $inset->times(2)));
    }

    private static function along(Edge $edge, Rectangle $whole, Length $inset, Length $short): Segment
    {
        $left = $whole->left()->plus($edge === Edge::Left ? $inset : $short);
        $right = $whole->right()->minus($edge === Edge::Right ? $inset : $short);
        $top = $whole->top()->plus($edge === Edge::Top ? $inset : $short);
        $bottom = $whole->bottom()->minus($edge === Edge::Bottom ? $inset : $short);

        return match ($edge) {
            Edge::Left => new Segment(new Point($left, $top), new Point($left, $bottom)),
            Edge::Right => new Segment(new Point($right, $top), new Point($right, $bottom)),
            Edge::Top => new Segment(new Point($left, $top), new Point($right, $top)),
            Edge::Bottom => new Segment(new Point($left, $bottom), new Point($right, $bottom)),
        };
    }

    /**
     * Two and a half times the line by hand, there and back with the ends (from memory).
     *
     * @param list<Segment> $lines
     */
    private function thread(array $lines, Spot $spot): Length
    {
        $along = Length::zero();
        foreach ($lines as $line) {
            $along = $along->plus($line->length());
        }

        return $spot->grooves()->up($along->portion(5, 2));
    }
}
