<?php

declare(strict_types=1);

namespace Ephemeron\Furniture;

use Ephemeron\Blueprint\Draft;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Homeless;
use Ephemeron\Blueprint\Thing;
use Ephemeron\Design\Design;
use Ephemeron\Design\Placed;
use Ephemeron\Design\PocketOrder;
use Ephemeron\Design\Values;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;

/** Mats a laid-out book and puts the furniture of its design onto the faces. */
final readonly class Outfitting
{
    public function __construct(private Showroom $showroom)
    {
    }

    /** @param list<Placed> $things all there are, with their keys */
    public function furnish(Draft $draft, Design $design, array $things): void
    {
        $notation = $design->notation();
        $matting = new Matting($design->mats);
        $on = [];
        foreach ($things as $placed) {
            $on[$placed->on][] = $placed;
        }
        foreach ($draft->faces() as $face) {
            $matting->mat(
                $draft,
                $face,
                $notation,
                $this->covered($draft, $face, $on[$face->key] ?? [], $notation, $design->schools->pockets),
            );
        }
        foreach ($things as $placed) {
            $face = $draft->faces()[$placed->on] ?? null;
            $place = "things.{$placed->key}";
            if ($face === null) {
                $draft->add(new Homeless($place));

                continue;
            }
            $this->put(
                new Spot($draft, $face, $placed->key, $place, $placed->values, $notation, $design->schools->pockets),
                $placed,
                $matting,
            );
        }
    }

    private function put(Spot $spot, Placed $placed, Matting $matting): void
    {
        $furniture = $this->showroom->get($placed->kind);
        $draft = $spot->draft;
        $placement = $furniture->place($spot->with($this->withDefaults($placed, $spot->notation)));
        $keys = array_map(static fn (Face $face): string => $face->key, $placement->faces);
        $moves = isset($this->showroom->parametersOf($placed->kind)[Position::ACROSS]);
        $draft->add(
            new Thing(
                $spot->key,
                $placed->kind,
                $furniture->name(),
                $spot->place,
                $spot->face->key,
                $placement->area,
                $keys,
                $moves,
                $placement->along,
            ),
        );
        foreach ($placement->faces as $name => $face) {
            $isUsual = $face === $placement->face('');
            $on = array_values(
                array_filter($placed->children, static fn (Placed $child): bool => $child->on === $name || ($isUsual && $child->on === '')),
            );
            $matting->mat($draft, $face, $spot->notation, $this->covered($draft, $face, $on, $spot->notation, $spot->pockets));
        }
        foreach ($placed->children as $child) {
            $face = $placement->face($child->on);
            $place = "{$spot->place}.children.{$child->key}";
            if ($face === null) {
                $draft->add(new Homeless($place));

                continue;
            }
            $this->put(
                new Spot($draft, $face, "{$spot->key}/{$child->key}", $place, $child->values, $spot->notation, $spot->pockets),
                $child,
                $matting,
            );
        }
    }

    /**
     * How much of a face its mat leaves out at the foot, because a pocket is there first.
     *
     * @param list<Placed> $on
     */
    private function covered(Draft $draft, Face $face, array $on, Notation $notation, PocketOrder $pockets): Length
    {
        $covered = Length::zero();
        foreach ($on as $placed) {
            $furniture = $this->showroom->get($placed->kind);
            if ($furniture instanceof CoversFoot) {
                $spot = new Spot($draft, $face, '', '', $this->withDefaults($placed, $notation), $notation, $pockets);
                $covered = Length::longest($covered, $furniture->covers($spot) ?? $covered);
            }
        }

        return $covered;
    }

    /** Lengths that were left open stay open: they follow from the face. */
    private function withDefaults(Placed $placed, Notation $notation): Values
    {
        $values = $placed->values->values;
        foreach ($this->showroom->parametersOf($placed->kind) as $key => $parameter) {
            $default = $parameter->default($notation->unit);
            if (! isset($values[$key]) && $default !== null) {
                $values[$key] = $default;
            }
        }

        return new Values($values);
    }
}
