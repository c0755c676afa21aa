<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;

/**
 * Goes on from what is cut. While the same pieces are wanted the plan it was begun by stays. When others are wanted, or some are spoiled,
 * pieces that are still right are taken, larger ones are trimmed, sheets that are planned and still wanted keep their plan, what is wanted
 * no more and what hangs together of begun sheets is cut again like leftovers, and only then new sheets are begun.
 */
final readonly class Continuation
{
    public function __construct(private CutPlanner $planner)
    {
    }

    /**
     * @param list<Demand> $demands all that is wanted now
     * @param non-empty-list<Supply> $supplies as if nothing were cut yet
     * @param AsCut $cut what is cut of this paper, something at least
     * @return array{CutPlan, list<CutPiece>} pieces: what becomes of those that are cut; none while the plan stays
     */
    public function goOn(array $demands, array $supplies, Trimmer $trimmer, AsCut $cut): array
    {
        $latest = $cut->latest();
        $stays = $latest === null || $latest->spoiled != $cut->spoiled ? null : $latest->stillFor($demands);
        // Sheets the maker has no more are planned no more.
        $stays = $stays !== null && $supplies[0]->available !== null && $stays->sheets() > $supplies[0]->available ? null : $stays;

        return $stays === null ? $this->anew($demands, $supplies, $trimmer, $cut) : [$stays, []];
    }

    /**
     * @param list<Demand> $demands
     * @param non-empty-list<Supply> $supplies
     * @return array{CutPlan, list<CutPiece>}
     */
    private function anew(array $demands, array $supplies, Trimmer $trimmer, AsCut $cut): array
    {
        $matching = new CutMatching($demands, $trimmer);
        $sheets = [];
        foreach ($cut->begun() as [$sheet, $work]) {
            $sheets[] = $sheet;
            $matching->lay($sheet, $work, $cut->spoiled);
        }
        $rests = $this->rests($sheets, $matching);
        $pieces = $matching->match();
        $name = $supplies[0]->name;
        $begunSheets = array_sum(
            array_map(static fn (CutSheet $sheet): int => $sheet->pattern->supply->countsAs() * $sheet->pattern->count, $sheets),
        );
        $there = $supplies[0]->available === null ? PHP_INT_MAX : max(0, $supplies[0]->available - $begunSheets);
        $kept = $this->kept($matching, $demands, $cut, $sheets, $there);
        $used = [...array_map(static fn (CutSheet $sheet): SheetPattern => $sheet->pattern, $sheets), ...$kept];
        $wanting = $matching->wanting();
        $left = [
            ...$this->less([...$supplies, ...$cut->leftovers($cut->latest()->paper ?? '')], $used),
            ...$this->again($rests, $pieces, $trimmer, $name),
        ];
        $rest = $wanting === [] ? new CutPlan([], 0) : $this->planner->plan($wanting, $left, $trimmer);
        $begun = array_sum(array_map(static fn (SheetPattern $pattern): int => $pattern->supply->countsAs() * $pattern->count, $used));
        $patterns = [...array_map($matching->lying(...), $sheets), ...$this->trims($pieces, $name), ...$kept, ...$rest->patterns];

        return [new CutPlan($patterns, $begun + $rest->lowerBound, $rest->missing, $rest->oversize, $rest->loosePins), $pieces];
    }

    /**
     * @param list<Demand> $demands
     * @param list<CutSheet> $begun
     * @param int $there new sheets there are for them
     * @return list<SheetPattern>
     */
    private function kept(CutMatching $matching, array $demands, AsCut $cut, array $begun, int $there): array
    {
        $latest = $cut->latest();
        $letters = $latest?->letters($demands) ?? [];
        $known = array_map(static fn (CutSheet $sheet): string => $sheet->pattern->key, $begun);
        $kept = [];
        foreach ($latest->plan->patterns ?? [] as $pattern) {
            $isOpen = ! in_array($pattern->key, $known, true) && ! $pattern->supply->isCutBefore() && ! $pattern->isCut;
            $takes = $pattern->supply->countsAs() * $pattern->count;
            $isWanted = $isOpen && $takes <= $there && array_diff_key($pattern->gives, $letters) === [];
            if ($isWanted && $matching->keeps($relettered = $pattern->lettered($letters))) {
                $kept[] = $relettered;
                $there -= $takes;
            }
        }

        return $kept;
    }

    /**
     * @param non-empty-list<Supply> $supplies
     * @param list<SheetPattern> $used
     * @return non-empty-list<Supply> less what is used of them
     */
    private function less(array $supplies, array $used): array
    {
        foreach ($used as $pattern) {
            foreach ($supplies as $index => $supply) {
                if ($supply->isTheSameAs($pattern->supply)) {
                    $supplies[$index] = $supply->limitedTo(
                        $supply->available === null ? null : max(0, $supply->available - $pattern->count),
                    );

                    break;
                }
            }
        }

        return $supplies;
    }

    /**
     * What hangs together of begun sheets and has come off them; of a sheet cut to its end the leftovers are known elsewhere. What has
     * been cut again is no more.
     *
     * @param list<CutSheet> $sheets
     * @return list<LyingPiece>
     */
    private function rests(array $sheets, CutMatching $matching): array
    {
        $rests = [];
        foreach ($sheets as $sheet) {
            foreach ($sheet->rests() === [] ? [] : [...$sheet->rests(), ...$sheet->offcuts()] as $size) {
                $rests[] = new LyingPiece('', '', $size, $sheet->pattern->count, $sheet->pattern->key, '');
            }
        }
        foreach ($sheets as $sheet) {
            $count = $sheet->pattern->supply->isCutBefore() ? $sheet->pattern->count : 0;
            foreach ($rests as $index => $rest) {
                if ($rest->size->equals($sheet->pattern->supply->sheet)) {
                    $rests[$index] = $rest->less($count);
                    $count -= min($count, $rest->count);
                }
            }
            $matching->cutAgain($sheet->pattern->supply->sheet, $count);
        }

        return $rests;
    }

    /**
     * @param list<LyingPiece> $rests
     * @param list<CutPiece> $pieces
     * @return list<Supply> what is cut again: rests, and pieces that are wanted no more
     */
    private function again(array $rests, array $pieces, Trimmer $trimmer, string $name): array
    {
        $wrong = array_filter($pieces, static fn (CutPiece $piece): bool => $piece->fate === Fate::Wrong);
        $again = [];
        foreach ([...$rests, ...$wrong] as $lying) {
            if ($lying->count > 0 && $lying->size->shortSide()->isMoreThan($trimmer->narrowestStrip)) {
                $mark = "{$lying->size->width->ticks}x{$lying->size->height->ticks}";
                $again[$mark] = Supply::cutBefore($name, $lying->size, ($again[$mark]->available ?? 0) + $lying->count);
            }
        }

        return array_values($again);
    }

    /**
     * @param list<CutPiece> $pieces
     * @return list<SheetPattern>
     */
    private function trims(array $pieces, string $name): array
    {
        $patterns = [];
        foreach ($pieces as $piece) {
            if ($piece->fate === Fate::Trim && $piece->to !== null) {
                // Pieces that are trimmed alike are trimmed together, whatever sheet they came from.
                $mark = "{$piece->now} {$piece->size->width->ticks}x{$piece->size->height->ticks}";
                $count = $piece->count + ($patterns[$mark]->count ?? 0);
                $patterns[$mark] = new SheetPattern(
                    Supply::cutBefore($name, $piece->size, $count),
                    $count,
                    $this->trimmed($piece->size, $piece->to, $piece->now),
                    [$piece->now => $count],
                );
            }
        }

        return array_values($patterns);
    }

    private function trimmed(Size $from, Size $to, string $letter): Piece
    {
        $blank = new Blank(Rectangle::whole($to), [$letter], false);
        $lower = $from->height->minus($to->height);
        $foot = new Offcut(Rectangle::at(Length::zero(), $to->height, new Size($to->width, $lower)));
        $piece = $lower->isZero() ? $blank : new Cut(
            Rectangle::whole(new Size($to->width, $from->height)),
            Axis::Height,
            $to->height,
            $blank,
            $foot,
        );
        $right = $from->width->minus($to->width);
        $side = new Offcut(Rectangle::at($to->width, Length::zero(), new Size($right, $from->height)));

        return $right->isZero() ? $piece : new Cut(Rectangle::whole($from), Axis::Width, $to->width, $piece, $side);
    }
}
