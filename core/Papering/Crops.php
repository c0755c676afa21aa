<?php

declare(strict_types=1);

namespace Ephemeron\Papering;

use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Lie;
use Ephemeron\Blueprint\Opening;
use Ephemeron\Blueprint\Part;
use Ephemeron\Fit\StockPlan;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Paper\Side;

/**
 * Every piece is cut from a known place of a known sheet: what of the print one sees on each face. Equal pieces are handed out so that
 * facing ones come from one sheet where that can be.
 */
final readonly class Crops
{
    /** @var array<int|string, HandedOut> what lies on faces, by the joint’s number, and the paper of faces, by their key */
    private array $there;

    /** @var array<string, array<int, Place>> where the pieces of each part are cut from */
    private array $given;

    /** @param list<StockPlan> $stocks */
    public function __construct(private Blueprint $blueprint, array $stocks)
    {
        $places = Places::of($stocks);
        $seats = $this->seats();
        $seen = [];
        $given = [];
        $there = [];
        foreach ($blueprint->parts as $key => $part) {
            $given[$key] = $this->given($part, $places[$part->letter] ?? [], $seats[$key] ?? []);
            $each = max(1, intdiv(count($seats[$key] ?? []), max(1, $part->quantity)));
            foreach ($seats[$key] ?? [] as $index => $joint) {
                $place = $given[$key][intdiv($index, $each)] ?? null;
                if ($place !== null) {
                    $there[spl_object_id($joint)] = new HandedOut($part, $place, intdiv($index, $each));
                }
            }
        }
        foreach ($blueprint->faces as $key => $face) {
            $ref = $face->paper;
            $name = "{$ref->part} {$ref->panel} {$ref->side->value}";
            $number = $seen[$name] = ($seen[$name] ?? -1) + 1;
            $part = $blueprint->part($ref->part);
            $place = $given[$ref->part][$number] ?? ($part->byPiece === [] ? $given[$ref->part][0] ?? null : null);
            if ($place !== null) {
                $there[$key] = new HandedOut($part, $place, $number);
            }
        }
        $this->there = $there;
        $this->given = $given;
    }

    /** What lies on a face there, as the reader sees it; null where it finds no room on the sheets. */
    public function ofJoint(Joint $joint): ?Crop
    {
        $there = $this->there[spl_object_id($joint)] ?? null;

        return $there === null ? null : $this->crop($there, $joint->from->panel, $joint->from->side->other());
    }

    /** The paper of a face itself, as the reader sees it. */
    public function ofFace(Face $face): ?Crop
    {
        $there = $this->there[$face->key] ?? null;
        if ($there === null) {
            return null;
        }
        $crop = $this->crop($there, $face->paper->panel, $face->paper->side);

        return $crop->part(Rectangle::whole($this->shown($crop)), self::quarters($face->lie));
    }

    /** What lies on a face there, or the paper of a face, as something that can be moved under it; null where it finds no room. */
    public function motif(Joint|Face $place): ?Motif
    {
        $crop = $place instanceof Joint ? $this->ofJoint($place) : $this->ofFace($place);
        $there = $this->there[$place instanceof Joint ? spl_object_id($place) : $place->key] ?? null;

        return $crop === null || $there === null ? null : new Motif($crop, $there->place);
    }

    /**
     * A piece of a part as it lies with this side up.
     *
     * @param int $number which of them, from 0
     */
    public function ofPart(Part $part, Side $side, int $number = 0): ?Crop
    {
        $place = $this->given[$part->key][$number] ?? null;

        return $place === null ? null : $this->crop(new HandedOut($part, $place, $number), 'whole', $side);
    }

    /** @return array<string, list<Joint>> by part, in reading order: where its pieces lie on faces */
    private function seats(): array
    {
        $seats = [];
        foreach ($this->blueprint->faces as $face) {
            foreach ($this->blueprint->on($face->key) as $joint) {
                $seats[$joint->from->part][] = $joint;
            }
        }

        return $seats;
    }

    /**
     * @param list<Place> $places
     * @param list<Joint> $seats
     * @return array<int, Place> one for each piece, in the order of its seats
     */
    private function given(Part $part, array $places, array $seats): array
    {
        if ($part->byPiece !== []) {
            return $this->fromTheirPapers($part, $places);
        }
        if (count($seats) !== $part->quantity || count($places) < $part->quantity) {
            return $places;
        }
        $sheets = [];
        foreach ($places as $place) {
            $sheets[$place->sheet()][] = $place;
        }
        $given = [];
        foreach ($seats as $index => $joint) {
            $next = $seats[$index + 1] ?? null;
            if (isset($given[$index]) || $next === null || ! $this->areFacing($joint, $next)) {
                continue;
            }
            foreach ($sheets as $name => $there) {
                if (count($there) >= 2) {
                    [$given[$index], $given[$index + 1]] = [array_shift($there), array_shift($there)];
                    $sheets[$name] = $there;
                    break;
                }
            }
        }
        $left = array_merge(...array_values($sheets));
        foreach (array_keys($seats) as $index) {
            $given[$index] ??= array_shift($left) ?? $places[0];
        }
        ksort($given);

        return array_values($given);
    }

    /**
     * @param list<Place> $places
     * @return array<int, Place> by piece; what finds no room is left out
     */
    private function fromTheirPapers(Part $part, array $places): array
    {
        $given = [];
        for ($piece = 0; $piece < $part->quantity; $piece++) {
            foreach ($places as $index => $place) {
                if (in_array($part->paperOf($piece), $place->papers, true)) {
                    $given[$piece] = $place;
                    unset($places[$index]);
                    break;
                }
            }
        }

        return $given;
    }

    private function areFacing(Joint $one, Joint $other): bool
    {
        return $this->blueprint->find(Opening::class, $one->face ?? '')?->right === $other->face;
    }

    /** A panel of a piece, seen from one of its sides. */
    private function crop(HandedOut $there, string $panel, Side $side): Crop
    {
        [$part, $place] = [$there->part, $there->place];
        $isOdd = ! $place->area->size()->equals($part->size);
        $quarters = $part->turn ?? ($isOdd ? 1 : 0);
        $printed = $part->isOverAt($there->piece) ? $side->other() : $side;
        $sheet = $place->pattern->supply->sheet;
        $area = $printed === Side::A ? $place->area
            : Rectangle::at($sheet->width->minus($place->area->right()), $place->area->top(), $place->area->size());
        $piece = new Crop(
            $place->pattern->supply->key,
            $place->pattern->supply->name,
            $place->sheet(),
            $printed,
            $area,
            $printed === Side::B && $part->turn === null ? (4 - $quarters) % 4 : $quarters,
            $place->stock->colour($printed),
        );
        $within = $part->panel($panel)->area;

        return $piece->part($side === Side::A ? $within
            : Rectangle::at($part->size->width->minus($within->right()), $within->top(), $within->size()));
    }

    private function shown(Crop $crop): \Ephemeron\Measure\Size
    {
        return $crop->quarters % 2 === 0 ? $crop->area->size() : $crop->area->size()->turned();
    }

    private static function quarters(Lie $lie): int
    {
        return match ($lie) {
            Lie::Upright => 0,
            Lie::HeadRight => 1,
            Lie::UpsideDown => 2,
            Lie::HeadLeft => 3,
        };
    }
}
