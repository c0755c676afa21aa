<?php

declare(strict_types=1);

namespace App\Planning;

use App\Drawer\OnOffer;
use App\Models\Paper;
use App\Models\Project;
use Ephemeron\Design\Design;
use Ephemeron\Paperer;
use Ephemeron\Papering\Lab;
use Ephemeron\Papering\Offer;
use Ephemeron\Papering\Weights;

/** Prints of the drawer laid out over a book by the core, as changes of its design and in words. */
final readonly class PadsLaidOut
{
    public function __construct(private Paperer $paperer, private OnOffer $offers)
    {
    }

    /** @param list<Paper> $papers */
    public function over(Project $project, Design $design, array $papers, Weights $weights): ?LaidOut
    {
        $chosen = new PrintsChosen($project, $design);
        $offers = [];
        $prints = [];
        foreach ($papers as $paper) {
            [$key, $print] = $chosen->print($paper);
            $there = clone $paper;
            $there->count += $paper->takenFor($project) - $paper->keptBack();
            $stock = $design->choices->papers[$key] ?? $this->offers->stock($there, $design);
            $offers[$key] = new Offer(
                (string) $paper->id,
                $stock,
                Lab::ofHex($stock->colourA ?? $paper->swatch),
                Lab::ofHex($stock->colourB ?? $paper->swatch_b),
                $paper->isPrized(),
                $paper->kind === 'leftover',
            );
            $prints[$key] = $print;
        }
        if ($offers === []) {
            return null;
        }
        $proposal = $this->paperer->propose($design, $offers, $weights);
        $taken = [];
        foreach ($proposal->choices->said as $choice) {
            $taken += $choice->isProposed && isset($prints[$choice->paper ?? '']) ? $prints[$choice->paper] : [];
        }
        $count = count(array_filter($proposal->choices->said, static fn ($choice): bool => $choice->isProposed));
        $sheets = $proposal->sheets === 1 ? 'one sheet is' : "{$proposal->sheets} sheets are";

        return new LaidOut(
            $chosen->changes($proposal->choices->said, $taken),
            [
                $count === 1 ? "One place has a print now; {$sheets} begun." : "{$count} places have a print now; {$sheets} begun.",
                ...$proposal->unkept,
            ],
        );
    }
}
