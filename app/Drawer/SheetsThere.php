<?php

declare(strict_types=1);

namespace App\Drawer;

use App\Models\Paper;
use Ephemeron\Drawer\Sheets;
use Ephemeron\Paper\PaperKind;
use Illuminate\Support\Collection;

/** The whole sheets of the drawer, as they are counted when one asks what comes out of them. */
final readonly class SheetsThere
{
    private const MOST_PADS = 200;

    /** @return Collection<array-key, mixed> names of the pads that have patterns */
    public function pads(): Collection
    {
        return Paper::query()->where('pad', '!=', '')->where('kind', 'pattern')
            ->distinct()->orderBy('pad')->limit(self::MOST_PADS)->pluck('pad');
    }

    /**
     * @param string $pad patterns from this one only, card and board from anywhere; empty: from the whole drawer
     * @param bool $keep whether the most prized are for covers only
     * @return list<Sheets>
     */
    public function of(string $pad = '', bool $keep = false): array
    {
        $sheets = [];
        foreach (PaperKind::cases() as $kind) {
            $papers = Paper::query()->where('kind', $kind->value)->where('count', '>', 0);
            if ($pad !== '' && $kind === PaperKind::Pattern) {
                $papers->where('pad', $pad);
            }
            foreach ($papers->get() as $paper) {
                $pile = new Sheets($kind, $paper->size(), $paper->count, $keep && $paper->isPrized());
                $sheets[$pile->key()] = $pile->plus($sheets[$pile->key()]->count ?? 0);
            }
        }

        return array_values($sheets);
    }
}
