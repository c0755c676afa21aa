<?php

declare(strict_types=1);

namespace Ephemeron\Fit\Check;

use Ephemeron\Fit\Check;
use Ephemeron\Fit\Finding;
use Ephemeron\Fit\Severity;
use Ephemeron\Fit\Workings;
use Ephemeron\Measure\Length;

/** What the trimmer can do: no piece under ⅛ in, no sheet longer than its blade, the fence on its marks. */
final readonly class PiecesComeOffCleanly implements Check
{
    public function examine(Workings $workings): iterable
    {
        $notation = $workings->notation();
        $offMarks = [];
        foreach ($workings->blueprint->parts as $part) {
            if ($part->size->shortSide()->isLessThan(Length::inches(0, 1, 8))) {
                yield new Finding(Severity::Stop, 'too-narrow-to-cut', sprintf('%s (%s) is %s: nothing under ⅛ in comes off a trimmer cleanly.', $part->letter, $part->name, $notation->size($part->size)), part: $part->key);
            }
            if (! $workings->design->grid->carries($part->size->width) || ! $workings->design->grid->carries($part->size->height)) {
                $offMarks[] = $part;
            }
        }
        if ($offMarks !== []) {
            $first = $offMarks[0];
            yield new Finding(
                Severity::Note,
                'between-marks',
                sprintf(
                    '%s falls between the %s marks of the fence: %s is exactly %s × %s.',
                    count($offMarks) === 1 ? "Piece {$first->letter}" : 'The size of pieces '.implode(', ', array_map(static fn ($part): string => $part->letter, array_slice($offMarks, 0, 8))),
                    $workings->design->grid->value,
                    $first->letter,
                    $notation->exact($first->size->width),
                    $notation->exact($first->size->height),
                ),
                part: $first->key,
            );
        }
        foreach ($workings->stocks as $stock) {
            if ($stock->cuts->sheets() > 0 && $stock->stock->asBought()->shortSide()->isMoreThan(Length::inches(12, 1, 4))) {
                yield new Finding(Severity::Watch, 'longer-than-the-blade', sprintf('A sheet of %s is %s; a trimmer’s bed ends at %s. Make the long cuts with knife and ruler.', $stock->stock->name, $notation->size($stock->stock->asBought()), $notation->text(Length::inches(12, 1, 4))));
            }
        }
    }
}
