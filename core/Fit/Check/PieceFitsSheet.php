<?php

declare(strict_types=1);

namespace Ephemeron\Fit\Check;

use Ephemeron\Blueprint\Part;
use Ephemeron\Design\Allowances;
use Ephemeron\Fit\Check;
use Ephemeron\Fit\Finding;
use Ephemeron\Fit\Mend;
use Ephemeron\Fit\Severity;
use Ephemeron\Fit\StockPlan;
use Ephemeron\Fit\Workings;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\SheetFormat;

/** Pieces larger than the sheet they are to be cut from. */
final readonly class PieceFitsSheet implements Check
{
    public function examine(Workings $workings): iterable
    {
        $narrowest = $workings->trimmer()->narrowestStrip;
        foreach ($workings->stocks as $stock) {
            $parts = array_values(array_filter(
                $workings->blueprint->parts,
                // What is itself a sliver is said by PiecesComeOffCleanly.
                static fn (Part $part): bool => in_array($part->letter, $stock->cuts->oversize, true)
                    && $part->size->shortSide()->isAtLeast($narrowest),
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
        $sheet = $stock->stock->sheet;
        $isDirectional = $workings->stockOf($largest)->isDirectional($largest->shows) && $largest->upright;
        $isSliver = $isDirectional ? $largest->size->fitsIn($sheet) : $largest->size->fitsInEitherWay($sheet);
        $turned = ! $isSliver && $largest->size->fitsInEitherWay($sheet);
        $format = $this->formatFor($parts, $turned, $workings->trimmer()->narrowestStrip);
        $roles = array_unique(array_map(static fn (Part $part): string => $part->role->value, $parts));

        return new Finding(
            Severity::Stop,
            'piece-too-large',
            sprintf(
                '%s (%s) is %s; a sheet of %s is %s. It does not fit%s.%s%s',
                $largest->letter,
                $largest->name,
                $workings->notation()->size($largest->size),
                $stock->stock->name,
                $workings->notation()->size($sheet),
                match (true) {
                    $isSliver => ' without leaving a strip too narrow to cut off: make it as large as the sheet, or smaller',
                    $turned => ' with the print upright',
                    default => '',
                },
                count($letters) > 1 ? sprintf(
                    ' Nor %s %s.',
                    count($letters) === 2 ? 'does' : 'do',
                    implode(', ', array_diff($letters, [$largest->letter])),
                ) : '',
                $this->splice($workings, $largest, $sheet),
            ),
            part: $largest->key,
            mend: $format === null || $stock->roles === [] ? null : new Mend(
                "Cut from {$format->label()}",
                array_combine(
                    array_map(static fn (string $role): string => "materials.{$role}.sheet", $roles),
                    array_fill(0, count($roles), $format->value),
                ),
            ),
        );
    }

    /** A strip without scores may be joined from two. */
    private function splice(Workings $workings, Part $part, Size $sheet): string
    {
        $allow = new Allowances($workings->notation()->unit);
        $isStrip = $part->size->longSide()->isMoreThan($sheet->longSide())
            && $part->size->longSide()->isAtLeast($part->size->shortSide()->times(3))
            && $part->creases === [];

        return $isStrip ? " It is a strip: splice it from two, {$workings->notation()->text($allow->quarter())} over each other." : '';
    }

    /**
     * The smallest sheet that holds each of them.
     *
     * @param non-empty-list<Part> $parts
     */
    private function formatFor(array $parts, bool $upright, Length $narrowest): ?SheetFormat
    {
        $formats = array_filter(SheetFormat::cases(), function (SheetFormat $format) use ($parts, $upright, $narrowest): bool {
            foreach ($parts as $part) {
                if (! $this->comesOff($part->size, $format->size(), $narrowest)
                    && ($upright || ! $this->comesOff($part->size->turned(), $format->size(), $narrowest))) {
                    return false;
                }
            }

            return true;
        });
        usort($formats, static fn (SheetFormat $one, SheetFormat $other): int => $one->size()->area() <=> $other->size()->area());

        return $formats[0] ?? null;
    }

    /** It fits, and what it leaves is nothing or can be cut off. */
    private function comesOff(Size $piece, Size $sheet, Length $narrowest): bool
    {
        foreach ([$sheet->width->minus($piece->width), $sheet->height->minus($piece->height)] as $rest) {
            if (! $rest->isZero() && $rest->isLessThan($narrowest)) {
                return false;
            }
        }

        return true;
    }
}
