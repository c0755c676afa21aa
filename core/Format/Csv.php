<?php

declare(strict_types=1);

namespace Ephemeron\Format;

/** Lines of comma-separated values (RFC 4180) that spreadsheets take for text. */
final readonly class Csv
{
    /** @param list<string> $fields */
    public function line(array $fields): string
    {
        return implode(',', array_map($this->field(...), $fields))."\r\n";
    }

    /** What {@see line} was given, from the field as it was read: without the apostrophe that keeps a spreadsheet from reckoning. */
    public function plain(string $field): string
    {
        return preg_match('/^\'[=+\-@\t\r]/', $field) === 1 ? substr($field, 1) : $field;
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
