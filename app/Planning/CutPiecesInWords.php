<?php

declare(strict_types=1);

namespace App\Planning;

use Ephemeron\Cutting\CutPiece;
use Ephemeron\Cutting\Fate;
use Ephemeron\Fit\StockPlan;
use Ephemeron\WorkPlan;

/** Says what becomes of pieces that are cut when others are wanted. */
final readonly class CutPiecesInWords
{
    public function __construct(private WorkPlan $plan)
    {
    }

    /** @return list<string> for one paper: trimmed, wrong, still right */
    public function of(StockPlan $stock): array
    {
        $said = [];
        foreach ($stock->pieces as $piece) {
            $key = implode('|', [$piece->was, $piece->now, $piece->fate->name, $piece->size->width->ticks, $piece->size->height->ticks]);
            $said[$key] = [$piece, ($said[$key][1] ?? 0) + $piece->count];
        }
        $place = static fn (CutPiece $piece): array => [$piece->fate === Fate::Right, $piece->was];
        usort($said, static fn (array $one, array $other): int => $place($one[0]) <=> $place($other[0]));

        return array_map(fn (array $one): string => $this->sentence($one[0], $one[1]), $said);
    }

    /** What putting pieces into the drawer is called. */
    public function into(CutPiece $piece): string
    {
        return "{$piece->count} of {$piece->was}, {$this->plan->notation()->size($piece->size)}, into the drawer";
    }

    /** @return list<string> over all papers, what is not right any more: one sentence for each paper */
    public function troubles(): array
    {
        $troubles = [];
        foreach ($this->plan->stocks as $stock) {
            $wrong = array_filter($stock->pieces, static fn (CutPiece $piece): bool => $piece->fate !== Fate::Right);
            $count = array_sum(array_map(static fn (CutPiece $piece): int => $piece->count, $wrong));
            if ($count > 0) {
                $said = [...$this->trims($wrong), ...$this->wrongs($wrong)];
                $troubles[] = sprintf(
                    '%d %s of %s %s cut already: %s.',
                    $count,
                    $count === 1 ? 'piece' : 'pieces',
                    $stock->stock->name,
                    $count === 1 ? 'is' : 'are',
                    implode('; ', $said),
                );
            }
        }

        return $troubles;
    }

    /**
     * @param array<int, CutPiece> $pieces
     * @return list<string>
     */
    private function trims(array $pieces): array
    {
        $letters = [];
        $how = [];
        foreach ($pieces as $piece) {
            if ($piece->fate === Fate::Trim && $piece->to !== null) {
                $mark = $this->plan->notation()->size($piece->to).': '.$this->fence($piece);
                $letters[$mark][$piece->was] = ($letters[$mark][$piece->was] ?? 0) + $piece->count;
                $how[$mark] = $mark;
            }
        }

        return array_values(array_map(fn (string $mark): string => $this->counted($letters[$mark])." can be trimmed to {$mark}", $how));
    }

    /**
     * @param array<int, CutPiece> $pieces
     * @return list<string>
     */
    private function wrongs(array $pieces): array
    {
        $letters = [];
        foreach ($pieces as $piece) {
            if ($piece->fate === Fate::Wrong) {
                $letters[$piece->was] = ($letters[$piece->was] ?? 0) + $piece->count;
            }
        }
        $said = $this->counted($letters);
        $one = array_sum($letters) === 1;

        $are = $one ? 'is wrong then, kept as a leftover' : 'are wrong then, kept as leftovers';

        return $letters === [] ? [] : ["{$said} {$are}, and what is wanted is cut again"];
    }

    /** @param array<string, int> $letters */
    private function counted(array $letters): string
    {
        return implode(
            ', ',
            array_map(static fn (string|int $letter, int $count): string => "{$count} {$letter}", array_keys($letters), $letters),
        );
    }

    private function sentence(CutPiece $piece, int $count): string
    {
        $notation = $this->plan->notation();
        $to = $piece->to === null ? '' : $notation->size($piece->to);
        $which = "{$count} of {$piece->was}, {$notation->size($piece->size)},";

        return match ($piece->fate) {
            Fate::Right => "{$which} still right".($piece->now === $piece->was ? '.' : ", as {$piece->now}."),
            Fate::Trim => "{$which} can be trimmed to {$piece->now}, {$to}: {$this->fence($piece)}.",
            Fate::Wrong => "{$which} wrong now: kept as a leftover, and what is wanted is cut again.",
        };
    }

    private function fence(CutPiece $piece): string
    {
        $settings = [];
        if ($piece->to !== null && ! $piece->to->width->equals($piece->size->width)) {
            $settings[] = "fence {$this->plan->notation()->text($piece->to->width)} along the width";
        }
        if ($piece->to !== null && ! $piece->to->height->equals($piece->size->height)) {
            $settings[] = "fence {$this->plan->notation()->text($piece->to->height)} along the height";
        }

        return implode(', then ', $settings);
    }
}
