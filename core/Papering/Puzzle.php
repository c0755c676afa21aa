<?php

declare(strict_types=1);

namespace Ephemeron\Papering;

use Ephemeron\Measure\Size;

/**
 * Which print for which place, as numbers: what each choice costs by itself, what two of them cost beside each other, what each takes of a
 * sheet. The sheets of a print are reckoned by its pieces' shares of a sheet; whether they can be cut is proved afterwards.
 */
final readonly class Puzzle
{
    /** From so much difference on two prints stop going together, and a pocket stands out (CIEDE2000; from memory, to taste). */
    private const TOGETHER = 30.0;

    private const STANDS_OUT = 20.0;

    /** So much of a mat may lie under something before its motif is lost (common practice, no published source: "mostly"). */
    private const IN_SIGHT = 0.4;

    /** Costs are whole numbers: so many make one point of a wish. */
    public const POINT = 10;

    /** @var list<Look> every print, side by side */
    public array $looks;

    /** @var list<list<int>> by want, the looks it may have */
    public array $allowed;

    /** @var list<list<float>> by want and offer, what of a sheet it takes; more than there is where it does not fit */
    public array $shares;

    /** @var list<list<int>> by want and look, what it costs by itself */
    public array $alone;

    /** @var list<list<array{int, int}>> by want, the others it is seen with, and which of the tables says what that costs */
    public array $beside;

    /** @var array<int, array<int, array<int, int>>> by table, look and other look: facing, neighbours, lying on */
    public array $tables;

    /** @var list<int> by offer, what a sheet of it costs */
    public array $sheet;

    /** @var list<float> by offer, how many sheets there are */
    public array $there;

    public int $return;

    /**
     * @param list<Want> $wants
     * @param list<Offer> $offers
     * @param array<int, Look> $said by want, what the maker chose
     */
    public function __construct(public array $wants, public array $offers, private Weights $weights, public array $said = [])
    {
        $looks = [];
        foreach ($offers as $index => $offer) {
            foreach ($offer->sides() as $side) {
                $looks[] = new Look($index, $side);
            }
        }
        $this->looks = $looks;
        $this->return = self::POINT * $weights->of(Wish::ComesBack);
        $this->sheet = array_map(fn (Offer $offer): int => self::POINT * ($weights->of(Wish::FewSheets)
            + ($offer->isBegun ? 0 : $weights->of(Wish::LeftoversFirst))), $offers);
        $this->there = array_map(static fn (Offer $offer): float => (float) ($offer->stock->available ?? 10_000), $offers);
        $this->shares = array_map(
            fn (Want $want): array => array_map(fn (Offer $offer): float => $this->share($want, $offer), $offers),
            $wants,
        );
        $this->allowed = array_map($this->allowed(...), array_keys($wants));
        $this->alone = array_map(fn (Want $want): array => array_map(fn (Look $look): int => $this->alone($want, $look), $looks), $wants);
        $this->beside = $this->neighbours();
        $this->tables = $this->tables();
    }

    /**
     * What a look costs beside another.
     *
     * @return array<int, array<int, array<int, int>>> facing pages, the same print in two openings running, a pocket on its page
     */
    private function tables(): array
    {
        $tables = [[], [], []];
        foreach ($this->looks as $one => $look) {
            foreach ($this->looks as $other => $seen) {
                $isSame = $look->offer === $seen->offer;
                $distance = $this->distance($look, $seen);
                $clash = $isSame ? 0.0 : 1.0 + max(0.0, $distance - self::TOGETHER) / 10;
                $tables[0][$one][$other] = (int) round(self::POINT * $this->weights->of(Wish::GoTogether) * min(3.0, $clash) / 2);
                $tables[1][$one][$other] = $isSame ? self::POINT * $this->weights->of(Wish::NeighboursDiffer) : 0;
                $drowned = $look == $seen ? 1.0 : max(0.0, 1.0 - $distance / self::STANDS_OUT);
                $tables[2][$one][$other] = (int) round(self::POINT * $this->weights->of(Wish::Contrast) * $drowned);
            }
        }

        return $tables;
    }

    /** Of colours that are not known nothing is said. */
    public function distance(Look $one, Look $other): float
    {
        $a = $this->offers[$one->offer]->colour($one->side);
        $b = $this->offers[$other->offer]->colour($other->side);

        return $a === null || $b === null ? self::STANDS_OUT : $a->distance($b);
    }

    /** @return list<int> */
    private function allowed(int $want): array
    {
        if (isset($this->said[$want])) {
            return array_keys($this->looks, $this->said[$want], false);
        }
        $allowed = [];
        foreach ($this->looks as $index => $look) {
            $offer = $this->offers[$look->offer];
            $mayStand = $this->wants[$want]->mayHaveDirection || ! $offer->stock->isDirectional($look->side);
            if ($mayStand && $this->shares[$want][$look->offer] <= $this->there[$look->offer]) {
                $allowed[] = $index;
            }
        }

        return $allowed;
    }

    private function alone(Want $want, Look $look): int
    {
        $offer = $this->offers[$look->offer];
        $isBest = array_filter($this->offers, static fn (Offer $each): bool => $each->isBest) !== [];
        $cost = $want->isCover && $isBest && ! $offer->isBest ? $this->weights->of(Wish::BestOnCover) : 0;
        $cost += ! $want->isCover && $offer->isBest ? $this->weights->of(Wish::BestOnCover) / 5 : 0;
        $hasMotif = $offer->isBest || $offer->stock->isDirectional($look->side);
        $cost += $hasMotif && $want->hidden > self::IN_SIGHT ? $this->weights->of(Wish::MotifSeen) * $want->hidden : 0;

        return (int) round(self::POINT * $cost);
    }

    /** What of a sheet its pieces take: one by as many as a sheet gives in rows. */
    private function share(Want $want, Offer $offer): float
    {
        $isFixed = $want->isUpright && ($offer->stock->directionA || $offer->stock->directionB);
        $most = self::rows($want->size, $offer->stock->sheet);
        $most = $isFixed ? $most : max($most, self::rows($want->size->turned(), $offer->stock->sheet));

        return $most === 0 ? INF : $want->pieces / $most;
    }

    private static function rows(Size $piece, Size $sheet): int
    {
        return intdiv($sheet->width->ticks, max(1, $piece->width->ticks)) * intdiv($sheet->height->ticks, max(1, $piece->height->ticks));
    }

    /** @return list<list<array{int, int}>> */
    private function neighbours(): array
    {
        $beside = array_fill(0, count($this->wants), []);
        $join = static function (int $one, int $other, int $table) use (&$beside): void {
            $beside[$one][] = [$other, $table];
            $beside[$other][] = [$one, $table];
        };
        $tops = [];
        foreach ($this->wants as $index => $want) {
            if ($want->facing !== null && $want->facing > $index) {
                $join($index, $want->facing, 0);
            }
            if ($want->on !== null) {
                $join($index, $want->on, 2);
            }
            if ($want->isTop) {
                $tops[$want->opening][] = $index;
            }
        }
        ksort($tops);
        $tops = array_values($tops);
        foreach (array_slice($tops, 1) as $before => $here) {
            foreach ($tops[$before] as $one) {
                foreach ($here as $other) {
                    $join($one, $other, 1);
                }
            }
        }

        return $beside;
    }
}
