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
    /** @var array<int, Crop> of what lies on faces, by the joint's number */
    private array $joints;

    /** @var array<string, Crop> of the paper of faces, by their key */
    private array $faces;

    /** @var array<int|string, Place> where what lies on faces is cut from, by the joint’s number, and the paper of faces, by their key */
    private array $cut;

    /** @var array<string, array<int, Place>> where the pieces of each part are cut from */
    private array $given;

    /** @param list<StockPlan> $stocks */
    public function __construct(private Blueprint $blueprint, array $stocks)
    {
        $places = Places::of($stocks);
        $seats = $this->seats();
        $joints = [];
        $faces = [];
        $seen = [];
        $given = [];
        $cut = [];
        foreach ($blueprint->parts as $key => $part) {
            $given[$key] = $this->given($part, $places[$part->letter] ?? [], $seats[$key] ?? []);
            $each = max(1, intdiv(count($seats[$key] ?? []), max(1, $part->quantity)));
            foreach ($seats[$key] ?? [] as $index => $joint) {
                $place = $given[$key][intdiv($index, $each)] ?? null;
                if ($place !== null) {
                    $piece = intdiv($index, $each);
                    $cut[spl_object_id($joint)] = $place;
                    $joints[spl_object_id($joint)] = $this->crop($part, $place, $joint->from->panel, $joint->from->side->other(), $piece);
                }
            }
        }
        foreach ($blueprint->faces as $key => $face) {
            $ref = $face->paper;
            $name = "{$ref->part} {$ref->panel} {$ref->side->value}";
            $number = $seen[$name] = ($seen[$name] ?? -1) + 1;
            $place = $given[$ref->part][$number] ?? ($blueprint->part($ref->part)->byPiece === [] ? $given[$ref->part][0] ?? null : null);
            if ($place !== null) {
                $cut[$key] = $place;
                $crop = $this->crop($blueprint->part($ref->part), $place, $ref->panel, $ref->side, $number);
                $faces[$key] = $crop->part(Rectangle::whole($this->shown($crop)), self::quarters($face->lie));
            }
        }
        $this->cut = $cut;
        $this->joints = $joints;
        $this->faces = $faces;
        $this->given = $given;
    }

    /** What lies on a face there, as the reader sees it; null where it finds no room on the sheets. */
    public function ofJoint(Joint $joint): ?Crop
    {
        return $this->joints[spl_object_id($joint)] ?? null;
    }

    /** The paper of a face itself, as the reader sees it. */
    public function ofFace(Face $face): ?Crop
    {
        return $this->faces[$face->key] ?? null;
    }

    /** What lies on a face there, or the paper of a face, as something that can be moved under it; null where it finds no room. */
    public function motif(Joint|Face $place): ?Motif
    {
        $crop = $place instanceof Joint ? $this->ofJoint($place) : $this->ofFace($place);
        $cut = $this->cut[$place instanceof Joint ? spl_object_id($place) : $place->key] ?? null;

        return $crop === null || $cut === null ? null : new Motif($crop, $cut);
    }

    /**
     * A piece of a part as it lies with this side up.
     *
     * @param int $number which of them, from 0
     */
    public function ofPart(Part $part, Side $side, int $number = 0): ?Crop
    {
        $place = $this->given[$part->key][$number] ?? null;

        return $place === null ? null : $this->crop($part, $place, 'whole', $side, $number);
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
    private function crop(Part $part, Place $place, string $panel, Side $side, int $piece): Crop
    {
        $isOdd = ! $place->area->size->equals($part->size);
        $quarters = $part->turn ?? ($isOdd ? 1 : 0);
        $printed = $part->isOverAt($piece) ? $side->other() : $side;
        $sheet = $place->pattern->supply->sheet;
        $area = $printed === Side::A ? $place->area
            : Rectangle::at($sheet->width->minus($place->area->right()), $place->area->top(), $place->area->size);
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
            : Rectangle::at($part->size->width->minus($within->right()), $within->top(), $within->size));
    }

    private function shown(Crop $crop): \Ephemeron\Measure\Size
    {
        return $crop->quarters % 2 === 0 ? $crop->area->size : $crop->area->size->turned();
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
