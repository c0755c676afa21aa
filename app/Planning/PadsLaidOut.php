<?php

declare(strict_types=1);

namespace App\Planning;

use App\Drawer\OnOffer;
use App\Models\Paper;
use App\Models\Project;
use Ephemeron\Paperer;
use Ephemeron\Papering\Lab;
use Ephemeron\Papering\Offer;
use Ephemeron\Papering\Weights;
use Illuminate\Support\Facades\Cache;

/** Prints of the drawer laid out over a book by the core, as changes of its design and in words. */
final readonly class PadsLaidOut
{
    private const MOST_PRINTS = 80;

    /** Seconds in which somebody may come back to read what came of it. */
    private const REMEMBERED = 600;

    public function __construct(private Paperer $paperer, private OnOffer $offers, private Plans $plans)
    {
    }

    /**
     * @param list<string> $pads
     * @return list<Paper> their prints that are there and not kept back
     */
    public static function papers(array $pads): array
    {
        $found = Paper::sieved(['there' => 'yes'])->with('leftovers')->whereIn('pad', $pads)->whereIn('kind', ['pattern', 'leftover']);

        return array_values(array_filter(
            $found->limit(self::MOST_PRINTS)->get()->all(),
            static fn (object $each): bool => $each instanceof Paper && $each->keptBack() < $each->count,
        ));
    }

    /** What was said of the last time, once; null where it was said or there was none. */
    public static function said(Project $project): mixed
    {
        return Cache::pull("papers.said.{$project->id}");
    }

    public function remember(Project $project, LaidOut $laid): void
    {
        Cache::put("papers.said.{$project->id}", $laid->sentences, self::REMEMBERED);
    }

    /**
     * @param list<Paper> $papers
     * @param (\Closure(float): bool)|null $told the share that is done; answers whether to go on
     */
    public function over(Project $project, array $papers, Weights $weights, ?\Closure $told = null): ?LaidOut
    {
        $design = $this->plans->design($project);
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
        $proposal = $this->paperer->propose($design, $offers, $weights, $told);
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
