<?php

declare(strict_types=1);

namespace Ephemeron\Format;

use Ephemeron\Blueprint\Part;
use Ephemeron\WorkPlan;

/** The cut list as comma-separated values (RFC 4180): one line for each piece, in the order of the sections. */
final readonly class CutListCsv
{
    private const HEADER = ['section', 'letter', 'piece', 'quantity', 'width', 'height', 'unit', 'paper', 'scores along the width', 'scores along the height', 'where'];

    public function write(WorkPlan $plan): string
    {
        $lines = [$this->line(self::HEADER)];
        foreach ($plan->blueprint->sections() as $parts) {
            foreach ($parts as $part) {
                $lines[] = $this->line($this->row($part, $plan));
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
                $scores[$crease->along()->value][] = $this->bare($notation->exact($crease->at()));
            }
        }

        return [
            $part->section,
            $part->letter,
            $part->name,
            (string) $part->quantity,
            $this->bare($notation->exact($part->size->width)),
            $this->bare($notation->exact($part->size->height)),
            $plan->design->unit->value,
            $plan->stockOf($part->key)->name,
            implode('; ', $scores['width']),
            implode('; ', $scores['height']),
            implode('; ', $part->places),
        ];
    }

    /** The unit has a column of its own. */
    private function bare(string $length): string
    {
        return (string) preg_replace('/ (in|cm)$/', '', $length);
    }

    /** @param list<string> $fields */
    private function line(array $fields): string
    {
        return implode(',', array_map($this->field(...), $fields))."\r\n";
    }

    /** Quoted where needed; a leading = + - @ would be taken for a formula by spreadsheets, so it gets an apostrophe. */
    private function field(string $text): string
    {
        if (preg_match('/^[=+\-@\t\r]/', $text) === 1) {
            $text = "'{$text}";
        }

        return preg_match('/[",\r\n]/', $text) === 1 ? '"'.str_replace('"', '""', $text).'"' : $text;
    }
}
