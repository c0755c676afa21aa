<?php

declare(strict_types=1);

namespace Ephemeron\Papering;

use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\Ply;

/** All places of a book for which a print can be chosen, face by face in reading order. */
final readonly class Seats
{
    /** @return list<Seat> */
    public static function of(Blueprint $blueprint): array
    {
        $names = self::names($blueprint);
        $seats = [];
        $seen = [];
        foreach ($blueprint->faces as $face) {
            $page = $blueprint->pageOf($face->key);
            $mats = array_values(array_filter(
                $blueprint->on($face->key),
                static fn (Joint $joint): bool => $joint->layer === Layer::Mat,
            ));
            $own = $blueprint->part($face->paper->part);
            $ref = "{$face->paper->part} {$face->paper->panel} {$face->paper->side->value}";
            $piece = $seen[$ref] = 1 + ($seen[$ref] ?? 0);
            if ($mats === [] && $face->isOfTheBook() && $own->role->takesAPrint()) {
                $place = $own->quantity > 1 && $piece <= $own->quantity ? "{$own->key}#{$piece}" : $own->key;
                $seats[] = new Seat($place, $own, $page, $face, null, SeatKind::Sheet);
            }
            foreach ($blueprint->on($face->key) as $joint) {
                $part = $blueprint->part($joint->from->part);
                // What is folded over is of the sheet itself.
                if (! $part->role->takesAPrint() || $part->key === $own->key) {
                    continue;
                }
                $name = $names[spl_object_id($joint)] ?? $part->key;
                $isMat = $joint->layer === Layer::Mat && str_starts_with($name, "{$face->key}/mat-");
                $isTop = $isMat && $joint === $mats[count($mats) - 1];
                $seats[] = new Seat($isTop ? $face->key : $name, $part, $page, $face, $joint, match (true) {
                    $isTop => SeatKind::Mat,
                    $isMat => SeatKind::Under,
                    default => SeatKind::Piece,
                });
            }
        }

        return $seats;
    }

    /**
     * The pieces of a part were named in the order in which they were put down.
     *
     * @return array<int, string> names of pieces, by the number of the joint they lie by
     */
    private static function names(Blueprint $blueprint): array
    {
        $plies = [];
        foreach ($blueprint->all(Ply::class) as $ply) {
            for ($i = 0; $i < $ply->count; $i++) {
                $plies[$ply->part][] = $ply->key;
            }
        }
        $joints = [];
        foreach ($blueprint->all(Joint::class) as $joint) {
            if ($joint->face !== null) {
                $joints[$joint->from->part][] = $joint;
            }
        }
        $names = [];
        foreach ($joints as $part => $lying) {
            $each = max(1, intdiv(count($lying), max(1, count($plies[$part] ?? []))));
            foreach ($lying as $index => $joint) {
                $names[spl_object_id($joint)] = $plies[$part][intdiv($index, $each)] ?? (string) $part;
            }
        }

        return $names;
    }
}
