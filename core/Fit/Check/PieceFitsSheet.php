<?php

declare(strict_types=1);

namespace Ephemeron\Fit\Check;

use Ephemeron\Blueprint\Part;
use Ephemeron\Fit\Check;
use Ephemeron\Fit\Finding;
use Ephemeron\Fit\Mend;
use Ephemeron\Fit\Severity;
use Ephemeron\Fit\StockPlan;
use Ephemeron\Fit\Workings;
use Ephemeron\Paper\SheetFormat;

/** Pieces larger than the sheet they are to be cut from. */
final readonly class PieceFitsSheet implements Check
{
    public function examine(Workings $workings): iterable
    {
        foreach ($workings->stocks as $stock) {
            $parts = array_values(array_filter(
                $workings->blueprint->parts,
                static fn (Part $part): bool => in_array($part->letter, $stock->cuts->oversize, true),
            ));
            if ($parts !== []) {
                yield $this->finding($workings, $stock, $parts);
            }
        }
    }

    /** @param non-empty-list<Part> $parts */
    private function finding(Workings $workings, StockPlan $stock, array $parts): Finding
    {
        $largest = $parts[0];
        foreach ($parts as $part) {
            $largest = $part->size->area() > $largest->size->area() ? $part : $largest;
        }
        $letters = array_map(static fn (Part $part): string => $part->letter, $parts);
        $turned = $largest->size->fitsInEitherWay($stock->stock->sheet);
        $format = $this->formatFor($parts, $turned);
        $roles = array_unique(array_map(static fn (Part $part): string => $part->role->value, $parts));

        return new Finding(
            Severity::Stop,
            'piece-too-large',
            sprintf(
                '%s (%s) is %s; a sheet of %s is %s. It does not fit%s.%s',
                $largest->letter,
                $largest->name,
                $workings->notation()->size($largest->size),
                $stock->stock->name,
                $workings->notation()->size($stock->stock->sheet),
                $turned ? ' with the print upright' : '',
                count($letters) > 1 ? sprintf(' Nor %s %s.', count($letters) === 2 ? 'does' : 'do', implode(', ', array_diff($letters, [$largest->letter]))) : '',
            ),
            part: $largest->key,
            mend: $format === null ? null : new Mend(
                "Cut from {$format->label()}",
                array_combine(array_map(static fn (string $role): string => "materials.{$role}.sheet", $roles), array_fill(0, count($roles), $format->value)),
            ),
        );
    }

    /**
     * The smallest sheet that holds each of them.
     *
     * @param non-empty-list<Part> $parts
     */
    private function formatFor(array $parts, bool $upright): ?SheetFormat
    {
        $formats = array_filter(SheetFormat::cases(), static function (SheetFormat $format) use ($parts, $upright): bool {
            foreach ($parts as $part) {
                if (! ($upright ? $part->size->fitsIn($format->size()) : $part->size->fitsInEitherWay($format->size()))) {
                    return false;
                }
            }

            return true;
        });
        usort($formats, static fn (SheetFormat $one, SheetFormat $other): int => $one->size()->area() <=> $other->size()->area());

        return $formats[0] ?? null;
    }
}
