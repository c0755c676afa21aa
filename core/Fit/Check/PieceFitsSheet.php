<?php

declare(strict_types=1);

namespace Ephemeron\Fit\Check;

use Ephemeron\Fit\Check;
use Ephemeron\Fit\Finding;
use Ephemeron\Fit\Mend;
use Ephemeron\Fit\Severity;
use Ephemeron\Fit\Workings;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\SheetFormat;

/** A piece larger than the sheet it is to be cut from. */
final readonly class PieceFitsSheet implements Check
{
    public function examine(Workings $workings): iterable
    {
        foreach ($workings->stocks as $stock) {
            foreach ($workings->blueprint->parts as $part) {
                if (! in_array($part->letter, $stock->cuts->oversize, true) || ! in_array($part->role->value, $stock->roles, true)) {
                    continue;
                }
                $format = $this->formatFor($part->size);
                yield new Finding(
                    Severity::Stop,
                    'piece-too-large',
                    sprintf(
                        '%s (%s) is %s; a sheet of %s is %s. It does not fit%s.',
                        $part->letter,
                        $part->name,
                        $workings->notation()->size($part->size),
                        $stock->stock->name,
                        $workings->notation()->size($stock->stock->sheet),
                        $workings->stockOf($part)->isDirectional($part->shows) && $part->size->fitsInEitherWay($stock->stock->sheet) ? ' with the print upright' : '',
                    ),
                    part: $part->key,
                    mend: $format === null ? null : new Mend("Cut from {$format->label()}", ["materials.{$part->role->value}.sheet" => $format->value]),
                );
            }
        }
    }

    private function formatFor(Size $piece): ?SheetFormat
    {
        $best = null;
        foreach (SheetFormat::cases() as $format) {
            if ($piece->fitsIn($format->size()) && ($best === null || $format->size()->area() < $best->size()->area())) {
                $best = $format;
            }
        }

        return $best;
    }
}
