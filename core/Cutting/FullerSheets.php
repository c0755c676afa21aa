<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/**
 * Makes of two sheets a fuller and an emptier one, as full as they can be exactly ({@see SheetSets}), as long as that goes on: in the end
 * one may be empty. Where it does not go on, sheets that are taken apart at random begin it anew.
 */
final class FullerSheets
{
    /** Of two sheets together: sets of more are too many to look at. */
    private const MOST_PIECES = 10;

    /** @var array<string, true> pairs of sheets from which nothing fuller comes */
    private array $settled = [];

    /** @param list<Supply> $supplies */
    public function __construct(private readonly Measured $task, private readonly array $supplies, private readonly Effort $effort)
    {
    }

    public function of(Packing $now): Packing
    {
        while (! $this->effort->isSpent()) {
            $next = $this->step($now->sheets);
            if ($next === null) {
                break;
            }
            $now = new Packing($this->task, $this->supplies, $next, $now->missing);
        }

        return $now;
    }

    /**
     * @param list<array{int, Slab}> $sheets supply and slab
     * @return list<array{int, Slab}>|null with two of them made anew; null: no two become fuller
     */
    private function step(array $sheets): ?array
    {
        $used = array_map(static fn (array $sheet): int => $sheet[1]->used(), $sheets);
        $pieces = array_map(static fn (array $sheet): array => $sheet[1]->pieces(), $sheets);
        $order = array_keys($sheets);
        usort($order, static fn (int $one, int $other): int => [$used[$one], $one] <=> [$used[$other], $other]);
        foreach ($order as $place => $emptier) {
            foreach (array_slice($order, $place + 1) as $fuller) {
                if ($this->effort->isSpent()) {
                    return null;
                }
                $this->effort->spend(20);
                $count = array_sum($pieces[$emptier]) + array_sum($pieces[$fuller]);
                if ($sheets[$emptier][0] !== $sheets[$fuller][0] || $count > self::MOST_PIECES) {
                    continue;
                }
                $key = json_encode([$sheets[$fuller][0], $pieces[$fuller], $pieces[$emptier]], JSON_THROW_ON_ERROR);
                $slabs = isset($this->settled[$key]) ? null
                    : $this->pair($sheets[$fuller][0], $pieces[$fuller], $pieces[$emptier], $used[$fuller]);
                if ($slabs === null) {
                    $this->settled[$key] = true;

                    continue;
                }
                $supply = $sheets[$fuller][0];
                unset($sheets[$fuller], $sheets[$emptier]);

                return [...array_values($sheets), ...array_map(static fn (Slab $slab): array => [$supply, $slab], $slabs)];
            }
        }

        return null;
    }

    /**
     * @param array<int, int> $fuller how many of each kind
     * @param array<int, int> $emptier
     * @return list<Slab>|null one or two
     */
    private function pair(int $supply, array $fuller, array $emptier, int $most): ?array
    {
        $pieces = [...Measured::each($fuller), ...Measured::each($emptier)];
        [$width, $height] = $this->task->sheets[$supply];
        $sets = new SheetSets($this->task, $pieces, $width, $height, $this->effort);
        $all = (1 << count($pieces)) - 1;
        $areas = [0];
        foreach ($pieces as $piece => $kind) {
            for ($set = 0, $last = 1 << $piece; $set < $last; $set++) {
                $areas[$last | $set] = $areas[$set] + $this->task->area($kind);
            }
        }
        $fullest = array_filter($areas, static fn (int $area): bool => $area > $most && $area <= $width * $height);
        arsort($fullest);
        $this->effort->spend(4 * count($areas));
        foreach (array_keys($fullest) as $set) {
            if (($set === $all || $sets->comesOut($all ^ $set)) && $sets->comesOut($set)) {
                $slabs = array_map($sets->slab(...), $set === $all ? [$set] : [$set, $all ^ $set]);

                return Slab::allComeOff($slabs, $this->task->narrowest) ? $slabs : null;
            }
            if ($sets->gaveUp()) {
                return null;
            }
        }

        return null;
    }
}
