<?php

declare(strict_types=1);

namespace Ephemeron\Furniture;

use Ephemeron\Blueprint\Draft;
use Ephemeron\Blueprint\Face;
use Ephemeron\Design\Design;
use Ephemeron\Design\Placed;
use Ephemeron\Design\Values;
use Ephemeron\Measure\Notation;

/** Mats a laid-out book and puts the furniture of its design onto the faces. */
final readonly class Outfitting
{
    public function __construct(private Showroom $showroom)
    {
    }

    public function furnish(Draft $draft, Design $design): void
    {
        $notation = $design->notation();
        (new Matting($design->mats))->apply($draft, $notation);

        $counts = [];
        foreach ($design->furniture as $placed) {
            $face = $draft->faces()[$placed->on] ?? null;
            if ($face === null) {
                // The check EveryThingHasAPage says so; nothing is thrown away.
                continue;
            }
            $number = $counts["{$placed->on}/{$placed->kind}"] = ($counts["{$placed->on}/{$placed->kind}"] ?? 0) + 1;
            $this->put($draft, $face, $placed, "{$placed->on}/{$placed->kind}-{$number}", $notation);
        }
    }

    private function put(Draft $draft, Face $face, Placed $placed, string $key, Notation $notation): void
    {
        $furniture = $this->showroom->get($placed->kind);
        $front = $furniture->place($draft, $face, $key, $this->withDefaults($furniture, $placed->values, $notation), $notation);
        foreach ($placed->children as $index => $child) {
            $this->put($draft, $front, $child, "{$key}/{$child->kind}-".($index + 1), $notation);
        }
    }

    /** Lengths that were left open stay open: they follow from the face. */
    private function withDefaults(Furniture $furniture, Values $given, Notation $notation): Values
    {
        $values = $given->values;
        foreach ($furniture->parameters() as $parameter) {
            $default = $parameter->default($notation->unit);
            if (! isset($values[$parameter->key]) && $default !== null) {
                $values[$parameter->key] = $default;
            }
        }

        return new Values($values);
    }
}
