<?php

declare(strict_types=1);

namespace Ephemeron\Fit\Check;

use Ephemeron\Fit\Check;
use Ephemeron\Fit\Finding;
use Ephemeron\Fit\Mend;
use Ephemeron\Fit\Severity;
use Ephemeron\Fit\Workings;
use Ephemeron\Measure\ToolGrid;
use Ephemeron\Scoring\ScorePlan;

/** Scores that fall between two grooves of the board, or beyond its end. */
final readonly class ScoresOnGrooves implements Check
{
    public function examine(Workings $workings): iterable
    {
        yield from $this->betweenGrooves($workings);
        yield from $this->beyondTheBoard($workings);
    }

    /** @return iterable<Finding> */
    private function betweenGrooves(Workings $workings): iterable
    {
        $off = array_filter($workings->scores, static fn (ScorePlan $plan): bool => ! $plan->isOnGrooves());
        if ($off === []) {
            return;
        }
        $notation = $workings->notation();
        $first = $off[array_key_first($off)];
        $lines = array_values(array_filter($first->lines(), static fn ($line): bool => ! $line->isOnGroove()));
        $finer = $this->finerGrooves($off, $workings->design->tools->grooves);
        yield new Finding(
            Severity::Watch,
            'score-between-grooves',
            sprintf(
                '%s %s scored at %s, between two grooves of a %s board. Mark it with a ruler; the Score screen says how far past the '
                    .'groove.',
                count($off) === 1 ? "Piece {$first->part->letter}" : 'Pieces '.implode(
                    ', ',
                    array_map(static fn (ScorePlan $plan): string => $plan->part->letter, $off),
                ),
                count($off) === 1 ? 'is' : 'are',
                $notation->exact($lines[0]->at),
                $workings->design->tools->grooves->value,
            ),
            part: $first->part->key,
            mend: $finer === null ? null : new Mend("Use a {$finer->value} board", ['grooves' => $finer->value]),
        );
    }

    /** @param array<string, ScorePlan> $plans */
    private function finerGrooves(array $plans, ToolGrid $now): ?ToolGrid
    {
        foreach ([ToolGrid::Eighth, ToolGrid::Sixteenth, ToolGrid::HalfCentimetre, ToolGrid::Millimetre] as $grooves) {
            if ($grooves === $now) {
                continue;
            }
            foreach ($plans as $plan) {
                foreach ($plan->lines() as $line) {
                    if (! $grooves->carries($line->at)) {
                        continue 3;
                    }
                }
            }

            return $grooves;
        }

        return null;
    }

    /** @return iterable<Finding> */
    private function beyondTheBoard(Workings $workings): iterable
    {
        $notation = $workings->notation();
        foreach ($workings->scores as $plan) {
            foreach ($plan->lines() as $line) {
                if (! $line->beyondTheBoard) {
                    continue;
                }
                yield new Finding(
                    Severity::Watch,
                    'score-beyond-board',
                    sprintf(
                        'Piece %s is scored at %s; the board ends at %s. Measure from the other end, or mark both edges and score along '
                            .'a ruler.',
                        $plan->part->letter,
                        $notation->text($line->at),
                        $notation->text($plan->board->length),
                    ),
                    part: $plan->part->key,
                );

                break;
            }
        }
    }
}
