<?php

declare(strict_types=1);

namespace Ephemeron\Scoring;

use Ephemeron\Blueprint\Crease;
use Ephemeron\Blueprint\Fold;
use Ephemeron\Blueprint\Part;
use Ephemeron\Design\ScoringSchool;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;

/**
 * Works out where a part is scored on a board. A position is measured from the left end of the side that lies along
 * the top fence; what lies beyond the middle is, in the school of turning, measured from the other end.
 */
final readonly class Scorer
{
    public function __construct(private Board $board, private ScoringSchool $school)
    {
    }

    public function plan(Part $part): ScorePlan
    {
        $moves = [];
        foreach ([Axis::Width, Axis::Height] as $along) {
            $creases = array_values(array_filter($part->creases, static fn (Crease $crease): bool => $crease->along() === $along));
            if ($creases === []) {
                continue;
            }
            $creases = $this->onePerPlace($creases);
            usort($creases, static fn (Crease $one, Crease $other): int => $one->at()->ticks <=> $other->at()->ticks);
            $turn = $along === Axis::Width ? Turn::None : Turn::Quarter;
            array_push($moves, ...$this->moves($creases, $along, $part->size->along($along), $turn));
        }

        return new ScorePlan($part, $this->board, $moves);
    }

    /**
     * A score that changes its direction half way is still pressed in one stroke.
     *
     * @param non-empty-list<Crease> $creases
     * @return non-empty-list<Crease>
     */
    private function onePerPlace(array $creases): array
    {
        $byPlace = [];
        foreach ($creases as $crease) {
            $known = $byPlace[$crease->at()->ticks] ?? $crease;
            $byPlace[$crease->at()->ticks] = $known->fold === $crease->fold ? $known : new Crease($known->line, Fold::Either);
        }

        return array_values($byPlace);
    }

    /**
     * @param non-empty-list<Crease> $creases from left to right
     * @return list<ScoreMove>
     */
    private function moves(array $creases, Axis $along, Length $side, Turn $turn): array
    {
        $near = [];
        $far = [];
        foreach ($creases as $crease) {
            $fromTheEnd = $side->minus($crease->at());
            if ($this->school === ScoringSchool::Turn && $fromTheEnd->isLessThan($crease->at())) {
                array_unshift($far, $this->line($crease, $fromTheEnd));
            } else {
                $near[] = $this->line($crease, $crease->at());
            }
        }
        if ($near === []) {
            // Nothing has an equal on the other end: turning would only cost a move.
            $lines = array_map(fn (Crease $crease): ScoreLine => $this->line($crease, $crease->at()), $creases);

            return [new ScoreMove($turn, $along, $lines)];
        }
        $first = new ScoreMove($turn, $along, $near);

        return $far === [] ? [$first] : [$first, new ScoreMove(Turn::EndForEnd, $along, $far)];
    }

    private function line(Crease $crease, Length $at): ScoreLine
    {
        $grooves = $this->board->grooves;

        return new ScoreLine(
            $at,
            $crease->fold,
            $grooves->carries($at) ? null : $grooves->down($at),
            $at->isMoreThan($this->board->length),
        );
    }
}
