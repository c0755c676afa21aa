<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Design\Design;
use Ephemeron\Design\Parameter;
use Ephemeron\Design\ParameterKind;
use Ephemeron\Format\DesignReader;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\Furniture\Showroom;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Unit;
use Ephemeron\Structure\Catalogue;
use Ephemeron\Workshop;

/** Designs drawn by lot from all that the parameters and the showroom allow; the lot is that of mt_srand. */
trait AnyDesign
{
    /** Values that cannot be built together are refused by name; those go back to their defaults. */
    private function buildable(string $structure): Design
    {
        $file = $this->file($structure);
        for ($try = 0; $try < 12; $try++) {
            try {
                $design = DesignReader::ofTheHouse()->fromArray($file);
                $file['furniture'] = $this->furniture($design);

                return DesignReader::ofTheHouse()->fromArray($file);
            } catch (InvalidDesign $refusal) {
                $taken = array_filter(
                    array_keys($refusal->errors),
                    static fn (string $place): bool => isset($file['parameters'][substr($place, 11)]),
                );
                foreach ($taken as $place) {
                    unset($file['parameters'][substr($place, 11)]);
                }
                // A refused value may already be the default: then it is another one that is in its way.
                if ($taken === []) {
                    array_shift($file['parameters']);
                }
            }
        }

        return $this->design($structure);
    }

    /** @return array<string, mixed> */
    private function file(string $structure): array
    {
        $unit = mt_rand(0, 1) === 0 ? Unit::Inch : Unit::Centimetre;
        $parameters = [];
        foreach (Catalogue::ofTheHouse()->get($structure)->parameters() as $parameter) {
            $parameters[$parameter->key] = $this->value($parameter, $unit);
        }

        return [
            'format' => 'ephemeron-design',
            'version' => 1,
            'structure' => $structure,
            'unit' => $unit->value,
            'scoring' => mt_rand(0, 1) === 0 ? 'turn' : 'absolute',
            'parameters' => array_filter($parameters, static fn ($value): bool => $value !== null),
            'mats' => ['school' => ['hairline', 'fine', 'frame', 'wide', 'thrifty'][mt_rand(0, 4)], 'layers' => mt_rand(0, 2)],
            'furniture' => [],
            'materials' => ['mat-base' => ['direction' => 'a', 'selvage' => '1/2 in'], 'mat-top' => ['count' => mt_rand(0, 5)]],
        ];
    }

    /** @return list<array<string, mixed>> things of all kinds on faces that are there, with things on them */
    private function furniture(Design $design): array
    {
        $faces = array_map(strval(...), array_keys(Workshop::ofTheHouse()->blueprint($design)->faces));
        $kinds = array_keys(Showroom::ofTheHouse()->all());
        $furniture = [];
        for ($i = mt_rand(0, 6); $i > 0; $i--) {
            $child = [
                'kind' => $kinds[mt_rand(0, count($kinds) - 1)],
                'children' => mt_rand(0, 3) === 0 ? [['kind' => 'photo-mat', 'parameters' => ['photo' => '2x3']]] : [],
            ];
            $furniture[] = [
                'on' => $faces[mt_rand(0, count($faces) - 1)],
                'kind' => $kinds[mt_rand(0, count($kinds) - 1)],
                'children' => mt_rand(0, 1) === 0 ? [$child] : [],
            ];
        }

        return $furniture;
    }

    private function value(Parameter $parameter, Unit $unit): string|int|bool|null
    {
        if ($parameter->kind === ParameterKind::Length) {
            assert($parameter->minimum instanceof Length && $parameter->maximum instanceof Length);
            $most = min($parameter->maximum->ticks, 14 * Length::TICKS_PER_INCH);

            return $most < $parameter->minimum->ticks ? null : Notation::usual($unit)
                ->exact(Length::ofTicks(mt_rand($parameter->minimum->ticks, $most)));
        }

        return match ($parameter->kind) {
            ParameterKind::Count => mt_rand((int) $parameter->minimum, min(8, (int) $parameter->maximum)),
            ParameterKind::Flag => (bool) mt_rand(0, 1),
            ParameterKind::Choice => (string) array_keys($parameter->choices)[mt_rand(0, count($parameter->choices) - 1)],
            ParameterKind::Text => null,
        };
    }
}
