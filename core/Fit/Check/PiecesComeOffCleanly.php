<?php

declare(strict_types=1);

namespace Ephemeron\Fit\Check;

use Ephemeron\Cutting\CutStep;
use Ephemeron\Cutting\TrimmerBench;
use Ephemeron\Fit\Check;
use Ephemeron\Fit\Finding;
use Ephemeron\Fit\Severity;
use Ephemeron\Fit\Workings;
use Ephemeron\Measure\Length;

/** What the trimmer can do: nothing under its narrowest strip, no cut longer than its blade, the fence on its marks. */
final readonly class PiecesComeOffCleanly implements Check
{
    public function examine(Workings $workings): iterable
    {
        $notation = $workings->notation();
        $trimmer = $workings->trimmer();
        $bench = new TrimmerBench($trimmer);
        $offMarks = [];
        foreach ($workings->blueprint->parts as $part) {
            if ($part->size->shortSide()->isLessThan($trimmer->narrowestStrip)) {
                yield new Finding(
                    Severity::Stop,
                    'too-narrow-to-cut',
                    sprintf(
                        '%s (%s) is %s: nothing under %s comes off the trimmer cleanly.',
                        $part->letter,
                        $part->name,
                        $notation->size($part->size),
                        $notation->text($trimmer->narrowestStrip),
                    ),
                    part: $part->key,
                );
            }
            if (! $workings->design->tools->grid->carries($part->size->width)
                || ! $workings->design->tools->grid->carries($part->size->height)) {
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
                    count($offMarks) === 1 ? "Piece {$first->letter}" : 'The size of pieces '.implode(
                        ', ',
                        array_map(static fn ($part): string => $part->letter, array_slice($offMarks, 0, 8)),
                    ),
                    $workings->design->tools->grid->value,
                    $first->letter,
                    $notation->exact($first->size->width),
                    $notation->exact($first->size->height),
                ),
                part: $first->key,
            );
        }
        foreach ($workings->stocks as $stock) {
            $long = $bench->longerThanTheBlade($stock->cuts);
            if ($long !== []) {
                $longest = Length::longest(...array_map(static fn (CutStep $step): Length => $step->length(), $long));
                yield new Finding(
                    Severity::Watch,
                    'longer-than-the-blade',
                    sprintf(
                        '%s of %s: up to %s long, and the trimmer cuts up to %s. Make %s with knife and ruler.',
                        count($long) === 1 ? 'One cut' : count($long).' cuts',
                        $stock->stock->name,
                        $notation->text($longest),
                        $notation->text($trimmer->longestCut),
                        count($long) === 1 ? 'it' : 'them',
                    ),
                );
            }
        }
    }
}
