<?php

declare(strict_types=1);

namespace Ephemeron\Format;

use Ephemeron\Cutting\Blank;
use Ephemeron\Cutting\Cut;
use Ephemeron\Cutting\Offcut;
use Ephemeron\Cutting\Piece;
use Ephemeron\Cutting\SheetPattern;
use Ephemeron\Fit\StockPlan;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Size;
use Ephemeron\WorkPlan;

/** The cut trees of a plan, with the bound that goes with them; docs/format describes it. */
final readonly class CutPlanJson
{
    public const FORMAT = 'ephemeron-cut-plan';

    public const VERSION = 1;

    public function write(WorkPlan $plan): string
    {
        $notation = $plan->notation();

        return json_encode([
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'name' => $plan->design->name,
            'unit' => $plan->design->unit->value,
            'papers' => array_map(fn (StockPlan $stock): array => $this->paper($stock, $notation), $plan->stocks),
        ], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n";
    }

    /** @return array<string, mixed> */
    private function paper(StockPlan $stock, Notation $notation): array
    {
        return [
            'name' => $stock->stock->name,
            'sheets' => $stock->cuts->sheets(),
            'leftovers' => $stock->cuts->leftovers(),
            'atLeast' => $stock->cuts->lowerBound,
            'missing' => (object) $stock->cuts->missing,
            'patterns' => array_map(fn (SheetPattern $pattern): array => [
                'count' => $pattern->count,
                'leftover' => $pattern->supply->isLeftover,
                'gives' => (object) $pattern->gives,
                'sheet' => $this->piece($pattern->tree, $notation),
            ], $stock->cuts->patterns),
        ];
    }

    /** @return array<string, mixed> */
    private function piece(Piece $piece, Notation $notation): array
    {
        return [...$this->size($piece->area()->size(), $notation), ...match (true) {
            $piece instanceof Cut => [
                'cutAlong' => $piece->along->value,
                'fence' => $notation->exact($piece->at),
                'first' => $this->piece($piece->first, $notation),
                'second' => $this->piece($piece->second, $notation),
            ],
            $piece instanceof Blank => ['piece' => $piece->demands, 'turned' => $piece->turned],
            $piece instanceof Offcut => ['offcut' => $piece->selvage ? 'selvage' : 'leftover'],
            default => [],
        }];
    }

    /** @return array{width: string, height: string} */
    private function size(Size $size, Notation $notation): array
    {
        return ['width' => $notation->exact($size->width), 'height' => $notation->exact($size->height)];
    }
}
