<?php

declare(strict_types=1);

namespace Ephemeron\Format;

use Ephemeron\Design\Alternation;
use Ephemeron\Design\Design;
use Ephemeron\Design\PinnedPart;
use Ephemeron\Design\Placed;
use Ephemeron\Design\Schools;
use Ephemeron\Design\Values;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Paper\Grain;
use Ephemeron\Paper\Leftover;
use Ephemeron\Paper\SheetFormat;
use Ephemeron\Paper\Stock;

/** Writes designs whole, every value named and every length exact: what it writes reads back the same. */
final readonly class DesignWriter
{
    /** @return array<string, mixed> */
    public function toArray(Design $design): array
    {
        $notation = $design->notation();
        $faces = array_map(
            static fn (array $rule): array => ['school' => $rule['school']->value, 'layers' => $rule['layers'], ...(($rule['picture'] ?? '') === '' ? [] : ['picture' => $rule['picture']])],
            $design->mats->faces,
        );

        return [
            'format' => DesignReader::FORMAT,
            'version' => DesignReader::VERSION,
            'structure' => $design->structure,
            'name' => $design->name,
            'unit' => $design->unit->value,
            'grid' => $design->grid->value,
            'grooves' => $design->grooves->value,
            ...array_map($notation->exact(...), array_filter(['board' => $design->board, 'blade' => $design->blade, 'strip' => $design->strip])),
            'scoring' => $design->scoring->value,
            ...($design->schools == new Schools ? [] : ['schools' => [
                'decorating' => $design->schools->decorating->value,
                'gluing' => $design->schools->gluing->value,
                'pockets' => $design->schools->pockets->value,
            ]]),
            'parameters' => $this->values($design->parameters, $notation),
            'mats' => [
                'school' => $design->mats->school->value,
                'layers' => $design->mats->layers,
                ...($design->mats->alternate === Alternation::None ? [] : ['alternate' => $design->mats->alternate->value]),
                ...($faces === [] ? [] : ['faces' => $faces]),
            ],
            'furniture' => array_map(fn (Placed $placed): array => $this->placed($placed, $notation, true), $design->furniture),
            ...($design->pins === [] ? [] : ['pins' => array_map(static fn (PinnedPart $pin): array => [
                'part' => $pin->part,
                'sheet' => $pin->pin->sheet,
                'left' => $notation->exact($pin->pin->corner->x),
                'top' => $notation->exact($pin->pin->corner->y),
                ...($pin->pin->turned ? ['turned' => true] : []),
            ], $design->pins)]),
            'materials' => array_map(fn (Stock $stock): array => $this->stock($stock, $notation), $design->materials),
        ];
    }

    public function toJson(Design $design): string
    {
        return json_encode($this->toArray($design), JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n";
    }

    /** @return array<string, string|int|bool> */
    private function values(Values $values, Notation $notation): array
    {
        return array_map(
            static fn (Length|int|string|bool $value): string|int|bool => $value instanceof Length ? $notation->exact($value) : $value,
            $values->values,
        );
    }

    /** @return array<string, mixed> */
    private function placed(Placed $placed, Notation $notation, bool $onFace): array
    {
        $values = $this->values($placed->values, $notation);

        return [
            ...($onFace || $placed->on !== '' ? ['on' => $placed->on] : []),
            'kind' => $placed->kind,
            ...($values === [] ? [] : ['parameters' => $values]),
            ...($placed->children === [] ? [] : ['children' => array_map(fn (Placed $child): array => $this->placed($child, $notation, false), $placed->children)]),
        ];
    }

    /** @return array<string, mixed> */
    private function stock(Stock $stock, Notation $notation): array
    {
        $format = null;
        foreach (SheetFormat::cases() as $known) {
            $format ??= $known->size()->equals($stock->sheet) ? $known : null;
        }
        $direction = match ([$stock->directionA, $stock->directionB]) {
            [true, true] => 'both',
            [true, false] => 'a',
            [false, true] => 'b',
            default => 'none',
        };

        return [
            'name' => $stock->name,
            ...($format !== null
                ? ['sheet' => $format->value]
                : ['sheet' => 'own', 'width' => $notation->exact($stock->sheet->width), 'height' => $notation->exact($stock->sheet->height)]),
            'weight' => $stock->grammage->exact(),
            // A thickness that follows from the weight is left to follow from it.
            ...($stock->caliper->equals($stock->grammage->caliper()) ? [] : ['thickness' => number_format($stock->caliper->inMillimetres(), 6, '.', '').' mm']),
            'sides' => $stock->doubleSided ? 'double' : 'single',
            'direction' => $direction,
            'selvage' => $notation->exact($stock->selvage),
            'count' => $stock->available,
            ...($stock->grain === Grain::Unknown ? [] : ['grain' => $stock->grain->value]),
            ...($stock->price->cents === 0 ? [] : ['price' => $stock->price->text()]),
            ...($stock->drawer === null ? [] : ['drawer' => $stock->drawer]),
            ...($stock->leftovers === [] ? [] : ['leftovers' => array_map(static fn (Leftover $leftover): array => [
                'width' => $notation->exact($leftover->size->width),
                'height' => $notation->exact($leftover->size->height),
                'count' => $leftover->count,
                ...($leftover->drawer === null ? [] : ['drawer' => $leftover->drawer]),
            ], $stock->leftovers)]),
        ];
    }
}
