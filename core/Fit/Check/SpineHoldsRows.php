<?php

declare(strict_types=1);

namespace Ephemeron\Fit\Check;

use Ephemeron\Binding\Sewing;
use Ephemeron\Binding\SpineRows;
use Ephemeron\Fit\Check;
use Ephemeron\Fit\Finding;
use Ephemeron\Fit\Mend;
use Ephemeron\Fit\Severity;
use Ephemeron\Fit\Workings;

/** Rows of holes that are so near each other, or to an edge, that what stands between them tears. */
final readonly class SpineHoldsRows implements Check
{
    public function examine(Workings $workings): iterable
    {
        $notation = $workings->notation();
        $unit = $workings->design->unit;
        foreach ($workings->blueprint->all(Sewing::class) as $sewing) {
            if ($sewing->rows->holds($unit)) {
                continue;
            }
            $rows = count($sewing->rows->rows);
            $wanted = SpineRows::least($unit)->times($rows + 1);
            $more = $wanted->minus($sewing->rows->spine->width);
            $room = $notation->grid->up($workings->design->parameters->length('room')->plus($more));
            yield new Finding(
                Severity::Watch,
                'rows-too-near',
                sprintf(
                    '%d rows of holes want a spine of %s at least; it is %s. What stands between them tears: fewer and thicker signatures, '
                        .'or more room in the spine.',
                    $rows,
                    $notation->text($notation->grid->up($wanted)),
                    $notation->text($sewing->rows->spine->width),
                ),
                mend: new Mend("Room in the spine: {$notation->text($room)}", ['parameters.room' => $notation->exact($room)]),
            );
        }
    }
}
