<?php

declare(strict_types=1);

namespace App\Drawer;

use App\Models\Paper;
use Ephemeron\Design\Design;
use Ephemeron\Drawer\Offer;
use Ephemeron\Format\Complaints;
use Ephemeron\Format\PaperFields;
use Ephemeron\Format\Shape\Reading;
use Ephemeron\Paper\PaperKind;
use Ephemeron\Paper\Stock;
use Ephemeron\Structure\UsualPapers;
use Illuminate\Database\Eloquent\Collection;

/** The papers of the drawer as they can be taken for a design. */
final readonly class OnOffer
{
    /** More papers than anyone looks through; the begun ones and those with leftovers come first. */
    private const MOST = 400;

    /** @return list<Offer> */
    public function for(Design $design): array
    {
        /** @var Collection<int, Paper> $papers */
        $papers = Paper::query()->with('leftovers')->withExists(
            ['movements as is_begun' => static fn ($movements) => $movements->where('change', '<', 0)],
        )
            ->where('kind', '!=', 'leftover')->where(
                static fn ($query) => $query->where('count', '>', 0)->orWhereHas(
                    'leftovers',
                    static fn ($leftovers) => $leftovers->where('count', '>', 0),
                ),
            )
            ->limit(self::MOST)->get();
        $offers = [];
        foreach ($papers as $paper) {
            $kind = PaperKind::tryFrom($paper->kind);
            if ($kind !== null) {
                $offers[] = new Offer(
                    (string) $paper->id,
                    $kind,
                    $this->stock($paper, $design),
                    (bool) $paper->getAttribute('is_begun') || $paper->leftovers->where('count', '>', 0)->isNotEmpty(),
                    $this->charm($paper),
                );
            }
        }

        return $offers;
    }

    public function stock(Paper $paper, Design $design): Stock
    {
        $notation = $design->notation();

        return PaperFields::record()->read(
            [...$paper->material($notation), 'leftovers' => $paper->leftoversFor($notation)],
            new Reading($design->unit, new Complaints, 'paper'),
            Stock::pattern($paper->name, UsualPapers::square($design->unit), 160),
        );
    }

    /** A tag says it, or else a picture that somebody took the trouble to bring in. */
    private function charm(Paper $paper): int
    {
        return match (true) {
            $paper->isPrized() => 2,
            $paper->picture !== null => 1,
            default => 0,
        };
    }
}
