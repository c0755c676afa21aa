<?php

declare(strict_types=1);

namespace Ephemeron\Bench;

use Ephemeron\Blueprint\Caution;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Cutting\Blank;
use Ephemeron\Cutting\CutStep;
use Ephemeron\Cutting\Offcut;
use Ephemeron\Cutting\Piece;
use Ephemeron\Cutting\SheetPattern;
use Ephemeron\Fit\StockPlan;

/** The steps at the trimmer, one for each sheet or for all that are cut alike. */
final readonly class Cuts
{
    public function __construct(private Desk $desk)
    {
    }

    /** @return list<Step> */
    public function steps(): array
    {
        $drafts = [];
        foreach ($this->desk->workings->stocks as $stock) {
            foreach ($stock->cuts->patterns as $pattern) {
                $key = $pattern->key;
                $lines = array_map(fn (CutStep $cut): string => $this->cutLine($cut, $stock), $pattern->steps());
                $drafts[] = new Step(
                    $key,
                    Phase::Cut,
                    $this->cutTitle($stock, $pattern),
                    match (true) {
                        $lines === [] => 'The sheet is used whole: nothing to cut.',
                        $stock->isByHand() => 'Board is cut with knife and metal ruler, one at a time, never in the trimmer.',
                        default => 'Set the fence, cut every piece that is alike, then move it.',
                    },
                    'Cutting',
                    places: $lines,
                    caution: $lines === [] ? null : ($stock->isByHand() ? Caution::Knife : Caution::Trimmer),
                    parts: $this->partsOf($pattern, $stock),
                    picture: Picture::sheet($key),
                );
            }
        }

        return $drafts;
    }

    private function cutTitle(StockPlan $stock, SheetPattern $pattern): string
    {
        $letters = array_map(strval(...), array_keys($pattern->gives));
        $sheets = match (true) {
            $pattern->supply->isCutBefore()
                && $pattern->count === 1 => "the piece {$this->desk->notation->size($pattern->supply->sheet)} that was cut before",
            $pattern->supply->isCutBefore() => "{$pattern->count} pieces {$this->desk->notation->size($pattern->supply->sheet)} that "
                .'were cut before',
            $pattern->supply->isLeftover && $pattern->count === 1 => "the leftover {$this->desk->notation->size($pattern->supply->sheet)}",
            $pattern->supply->isLeftover => "{$pattern->count} leftovers {$this->desk->notation->size($pattern->supply->sheet)}",
            $pattern->count === 1 => 'one sheet',
            default => "{$pattern->count} sheets alike",
        };

        return sprintf(
            '%s: cut %s into %s',
            $stock->stock->name,
            $sheets,
            $letters === [] ? 'what is kept for later' : implode(', ', $letters),
        );
    }

    private function cutLine(CutStep $cut, StockPlan $stock): string
    {
        $passes = $stock->passes($cut);
        $fence = $this->desk->notation->text($cut->fence);

        return rtrim(sprintf(
            '%s: divide the %s of %s %s%s. It gives %s and %s. %s',
            match (true) {
                $stock->isByHand() => "Mark {$fence}",
                $cut->sameFence => "Same fence, {$fence}",
                default => "Fence {$fence}",
            },
            $cut->along->value,
            $cut->together === 1 ? 'the' : "{$cut->together} equal",
            $this->desk->notation->size($cut->piece),
            $cut->together === 1 ? ' piece' : ' pieces, '.($passes->count() === 1 ? 'together' : "in {$passes->text()}"),
            $this->outcome($cut->first),
            $this->outcome($cut->second),
            $stock->isByHand() ? '' : $this->desk->workings->trimmer()->advice($cut, $this->desk->notation),
        ));
    }

    private function outcome(Piece $piece): string
    {
        return match (true) {
            $piece instanceof Blank => $piece->label(),
            $piece instanceof Offcut && $piece->selvage => 'the selvage strip',
            $piece instanceof Offcut => 'an offcut '.$this->desk->notation->size($piece->area()->size()),
            default => 'a piece '.$this->desk->notation->size($piece->area()->size()).' to cut on',
        };
    }

    /** @return list<string> */
    private function partsOf(SheetPattern $pattern, StockPlan $stock): array
    {
        return array_keys(
            array_filter($this->desk->workings->blueprint->parts, static fn (Part $part): bool => isset($pattern->gives[$part->letter])),
        );
    }
}
