<?php

declare(strict_types=1);

namespace Ephemeron\Scoring;

use Ephemeron\Blueprint\Part;
use Ephemeron\Measure\Notation;

/** How one part is scored on a board. */
final readonly class ScorePlan
{
    /** @param list<ScoreMove> $moves */
    public function __construct(public Part $part, public Board $board, public array $moves)
    {
    }

    /** @return list<ScoreLine> */
    public function lines(): array
    {
        return array_merge(...array_map(static fn (ScoreMove $move): array => $move->lines, $this->moves));
    }

    public function isOnGrooves(): bool
    {
        foreach ($this->lines() as $line) {
            if (! $line->isOnGroove()) {
                return false;
            }
        }

        return true;
    }

    /** “Width along the top fence: 5. Turn it end for end …: 5.” */
    public function sentence(Notation $notation): string
    {
        $sentences = [];
        foreach ($this->moves as $move) {
            $at = implode(', ', array_map(static fn (ScoreLine $line): string => $notation->number($line->at), $move->lines));
            $sentences[] = $move->turn === Turn::None
                ? "The {$move->atTheFence->value} along the top fence: score at {$at} {$notation->unit->value}."
                : "{$move->turn->sentence()} Score at {$at}.";
        }

        return $sentences === [] ? 'No groove serves: score it along a ruler.' : implode(' ', $sentences);
    }
}
