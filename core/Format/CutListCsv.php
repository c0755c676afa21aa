<?php

declare(strict_types=1);

namespace Ephemeron\Format;

use Ephemeron\Blueprint\Part;
use Ephemeron\WorkPlan;

/** The cut list as comma-separated values (RFC 4180): one line for each piece, in the order of the sections. */
final readonly class CutListCsv
{
    private const HEADER = [
        'section',
        'letter',
        'piece',
        'quantity',
        'width',
        'height',
        'unit',
        'paper',
        'scores along the width',
        'scores along the height',
        'where',
    ];

    public function __construct(private Csv $csv = new Csv)
    {
    }

    public function write(WorkPlan $plan): string
    {
        $lines = [$this->csv->line(self::HEADER)];
        foreach ($plan->blueprint->sections() as $parts) {
            foreach ($parts as $part) {
                $lines[] = $this->csv->line($this->row($part, $plan));
            }
        }

        return implode('', $lines);
    }

    /** @return list<string> */
    private function row(Part $part, WorkPlan $plan): array
    {
        $notation = $plan->notation();
        $scores = ['width' => [], 'height' => []];
        foreach ($part->creases as $crease) {
            if ($crease->along() !== null) {
                $scores[$crease->along()->value][] = $notation->bare($crease->at());
            }
        }

        return [
            $part->section,
            $part->letter,
            $part->name,
            (string) $plan->countOf($part),
            $notation->bare($part->size->width),
            $notation->bare($part->size->height),
            $plan->design->unit->value,
            $plan->papersOf($part->key),
            implode('; ', $scores['width']),
            implode('; ', $scores['height']),
            implode('; ', $part->places),
        ];
    }
}
