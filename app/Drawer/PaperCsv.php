<?php

declare(strict_types=1);

namespace App\Drawer;

use App\Models\Paper;
use Ephemeron\Format\Csv;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\PrintedCard;

/** Papers as a table that spreadsheets read (RFC 4180, UTF-8): out, and in with a look at every line first. */
final readonly class PaperCsv
{
    public const MOST_LINES = 5_000;

    public function __construct(private PaperReader $reader, private Csv $csv)
    {
    }

    /** @param iterable<Paper> $papers */
    public function write(iterable $papers, Unit $unit): string
    {
        $notation = Notation::usual($unit);
        $lines = [$this->csv->line(PaperReader::FIELDS)];
        foreach ($papers as $paper) {
            $lines[] = $this->csv->line([
                $paper->name,
                $paper->kind,
                $paper->pad,
                'own',
                $notation->exact($paper->size()->width),
                $notation->exact($paper->size()->height),
                $paper->weight,
                $paper->thickness === null ? '' : $notation->exact(Length::ofTicks($paper->thickness)),
                $paper->sides,
                $paper->direction,
                $paper->grain,
                $notation->exact(Length::ofTicks($paper->selvage)),
                (string) $paper->count,
                $paper->price()->text(),
                $paper->place,
                $paper->tags,
                $paper->swatch,
                $paper->swatch_b,
                $paper->set_aside,
                $paper->set_aside_count === 0 ? '' : (string) $paper->set_aside_count,
                implode("\n", array_map(static fn (PrintedCard $card): string => $card->text($notation), $paper->printedCards())),
                ...array_map(
                    static fn (string $field): string => $paper->leaf[$field] ?? '',
                    ['kind', 'text', 'front', 'back', 'reference', 'bag'],
                ),
            ]);
        }

        return implode('', $lines);
    }

    /**
     * @return array{list<array<string, mixed>>, list<string>} attributes of the lines that can be read, and what is wrong with the others,
     *     by line
     */
    public function read(string $csv, Unit $unit): array
    {
        $csv = preg_replace('/^\xEF\xBB\xBF/', '', $csv) ?? $csv;
        if (! mb_check_encoding($csv, 'UTF-8')) {
            return [[], ['The file is not in UTF-8.']];
        }
        $file = fopen('php://temp', 'r+b') ?: throw new \RuntimeException('There is no room for a file.');
        fwrite($file, $csv);
        rewind($file);
        $head = fgetcsv($file, escape: '');
        $head = array_map(static fn (?string $name): string => strtolower(trim((string) $name)), is_array($head) ? $head : []);
        if (! in_array('name', $head, true)) {
            return [
                [],
                ['The first line must name the columns; one of them is “name”. Known are: '.implode(', ', PaperReader::FIELDS).'.'],
            ];
        }
        $papers = [];
        $wrong = [];
        for ($line = 2; ($row = fgetcsv($file, escape: '')) !== false; $line++) {
            if ($row === [null]) {
                continue;
            }
            if ($line > self::MOST_LINES + 1) {
                $wrong[] = sprintf('Line %d: more than %d papers at once are not read.', $line, self::MOST_LINES);
                break;
            }
            if (count($row) > count($head)) {
                $wrong[] = "Line {$line}: there are more values than columns.";

                continue;
            }
            [$attributes, $errors] = $this->reader->read(
                array_combine(
                    array_slice($head, 0, count($row)),
                    array_map(fn (?string $field): string => $this->csv->plain((string) $field), $row),
                ),
                $unit,
            );
            $errors === [] ? $papers[] = $attributes : $wrong[] = "Line {$line}: ".implode(
                ' ',
                array_map(static fn (string $field, string $sentence): string => "{$field}: {$sentence}", array_keys($errors), $errors),
            );
        }

        return [$papers, $wrong];
    }
}
