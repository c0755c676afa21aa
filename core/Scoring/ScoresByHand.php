<?php

declare(strict_types=1);

namespace Ephemeron\Scoring;

use Ephemeron\Blueprint\Crease;
use Ephemeron\Blueprint\Part;
use Ephemeron\Geometry\Point;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;

/** What a groove from edge to edge does not do: slanted scores, and scores that stop inside the piece. */
final readonly class ScoresByHand
{
    public function __construct(private Part $part, private Notation $notation)
    {
    }

    /** @return list<string> */
    public function sentences(): array
    {
        $sentences = [];
        foreach ($this->part->creases as $crease) {
            $sentences[] = $crease->along() === null ? $this->slanted($crease) : $this->stopping($crease, $crease->along());
        }

        return array_values(array_unique(array_filter($sentences)));
    }

    private function slanted(Crease $crease): string
    {
        return sprintf(
            'By hand, along a ruler, %s: from %s from the left, %s from the top, to %s from the left, %s from the top.',
            $crease->fold->value,
            $this->notation->text($crease->line->from->x),
            $this->notation->text($crease->line->from->y),
            $this->notation->text($crease->line->to->x),
            $this->notation->text($crease->line->to->y),
        );
    }

    /**
     * Empty where the groove may be followed from edge to edge: where the score stops a slit goes on, another score, or nothing is left
     * of the paper.
     */
    private function stopping(Crease $crease, Axis $along): string
    {
        [$begin, $end] = $this->ends($crease->line->from, $crease->line->to, $along);
        $whole = $this->part->size->along($along->across())->ticks;
        $reached = 0;
        foreach ($this->stretches($crease, $along) as [$from, $to]) {
            $reached = $from <= $reached ? max($reached, $to) : $reached;
        }
        if ($reached >= $whole) {
            return '';
        }

        return sprintf(
            'The score at %s from the %s stops: only from %s to %s from the %s.',
            $this->notation->text($crease->at()),
            $along === Axis::Width ? 'left' : 'top',
            $this->notation->text(Length::ofTicks($begin)),
            $this->notation->text(Length::ofTicks($end)),
            $along === Axis::Width ? 'top' : 'left',
        );
    }

    /** @return list<array{int, int}> of the line on which a score lies: scores, slits and what is cut away, from one edge on */
    private function stretches(Crease $crease, Axis $along): array
    {
        $at = $crease->at()->ticks;
        $stretches = [];
        foreach ([...$this->part->creases, ...$this->part->slits] as $other) {
            $lies = $along === Axis::Width ? $other->line->from->x : $other->line->from->y;
            if ($other->line->along() === $along && $lies->ticks === $at) {
                $stretches[] = $this->ends($other->line->from, $other->line->to, $along);
            }
        }
        foreach ($this->part->cutAways as $area) {
            $bounds = $area->bounds();
            [$near, $far, $from, $to] = $along === Axis::Width ? [
                $bounds->left(),
                $bounds->right(),
                $bounds->top(),
                $bounds->bottom(),
            ] : [$bounds->top(), $bounds->bottom(), $bounds->left(), $bounds->right()];
            if ($near->ticks <= $at && $at <= $far->ticks) {
                $stretches[] = [$from->ticks, $to->ticks];
            }
        }
        sort($stretches);

        return $stretches;
    }

    /** @return array{int, int} how far along the line it begins and ends */
    private function ends(Point $from, Point $to, Axis $along): array
    {
        $ends = $along === Axis::Width ? [$from->y->ticks, $to->y->ticks] : [$from->x->ticks, $to->x->ticks];

        return [min($ends), max($ends)];
    }
}
