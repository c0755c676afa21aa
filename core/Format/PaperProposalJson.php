<?php

declare(strict_types=1);

namespace Ephemeron\Format;

use Ephemeron\Paper\Choice;
use Ephemeron\Papering\PaperProposal;
use Ephemeron\Papering\PrintUse;
use Ephemeron\Papering\Review;

/** A proposal of prints for other programs: the choices as a design file has them, the sheets, and what could not be kept. */
final readonly class PaperProposalJson
{
    /**
     * @param Review $review of the book with these choices
     * @return array<string, mixed>
     */
    public function toArray(PaperProposal $proposal, Review $review): array
    {
        return [
            'choices' => array_map(static fn (Choice $choice): array => array_filter([
                'paper' => $choice->paper,
                'side' => $choice->side?->value,
                'turn' => $choice->turn,
                'proposed' => $choice->isProposed,
            ], static fn (mixed $value): bool => $value !== null), $proposal->choices->said),
            'prints' => array_map(static fn (PrintUse $use): array => [
                'name' => $use->name(),
                'sheets' => $use->sheets(),
                'there' => $use->stock->stock->available,
                'openings' => $use->openings,
                'missing' => $use->missing,
            ], $review->uses()),
            'sheets' => $proposal->sheets,
            'unkept' => $proposal->unkept,
        ];
    }
}
