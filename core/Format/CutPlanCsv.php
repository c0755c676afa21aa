<?php

declare(strict_types=1);

namespace Ephemeron\Format;

use Ephemeron\Cutting\Blank;
use Ephemeron\Cutting\Offcut;
use Ephemeron\Cutting\Piece;
use Ephemeron\Measure\Notation;
use Ephemeron\WorkPlan;

/** Every cut in its order, one line each: what is in hand, where the fence stands, what falls. */
final readonly class CutPlanCsv
{
    private const HEADER = [
        'paper',
        'leftover',
        'pattern',
        'sheets',
        'cut',
        'in hand width',
        'in hand height',
        'along',
        'fence',
        'together',
        'unit',
        'first',
        'second',
    ];

    public function __construct(private Csv $csv = new Csv)
    {
    }

    public function write(WorkPlan $plan): string
    {
        $notation = $plan->notation();
        $lines = [$this->csv->line(self::HEADER)];
        foreach ($plan->stocks as $stock) {
            foreach ($stock->cuts->patterns as $index => $pattern) {
                foreach ($pattern->steps() as $step) {
                    $lines[] = $this->csv->line([
                        $stock->stock->name,
                        $pattern->supply->isLeftover ? 'yes' : 'no',
                        (string) ($index + 1),
                        (string) $pattern->count,
                        (string) $step->number,
                        $notation->bare($step->piece->width),
                        $notation->bare($step->piece->height),
                        $step->along->value,
                        $notation->bare($step->fence),
                        (string) $step->together,
                        $plan->design->unit->value,
                        $this->piece($step->first, $notation),
                        $this->piece($step->second, $notation),
                    ]);
                }
            }
        }

        return implode('', $lines);
    }

    private function piece(Piece $piece, Notation $notation): string
    {
        $size = "{$notation->bare($piece->area()->width())} × {$notation->bare($piece->area()->height())}";

        return match (true) {
            $piece instanceof Blank => $piece->label(),
            $piece instanceof Offcut => $piece->selvage ? 'selvage strip' : "offcut {$size}",
            default => "to cut on {$size}",
        };
    }
}
