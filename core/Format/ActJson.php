<?php

declare(strict_types=1);

namespace Ephemeron\Format;

use Ephemeron\Binding\Passage;
use Ephemeron\Binding\Sew;
use Ephemeron\Blueprint\Act\Act;
use Ephemeron\Blueprint\Act\Fasten;
use Ephemeron\Blueprint\Act\Glue;
use Ephemeron\Blueprint\Act\Nest;
use Ephemeron\Blueprint\Act\Pierce;
use Ephemeron\Blueprint\Act\Reach;
use Ephemeron\Blueprint\Act\SetMagnet;
use Ephemeron\Blueprint\Act\Slip;
use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Pouch;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;

/**
 * One act as other programs read it: kind, parts by letter, panels, edges, side, place in ticks, what it reaches, minutes until it is
 * dry.
 */
final readonly class ActJson
{
    public function __construct(private Blueprint $blueprint)
    {
    }

    /** @return array<string, mixed> */
    public function toArray(Act $act): array
    {
        return [
            'kind' => $act->kind()->value,
            'parts' => array_map(fn (string $part): string => $this->blueprint->parts[$part]->letter ?? $part, $act->parts()),
            'reach' => array_map(static fn (Reach $reach): string => $reach->surface, $act->needs()),
            ...$this->more($act),
        ];
    }

    /** @return array<string, mixed> */
    private function more(Act $act): array
    {
        return match (true) {
            $act instanceof Glue => $this->joint($act->joint),
            $act instanceof SetMagnet => [
                'face' => $act->face,
                'first' => $act->isFirst,
                'pairs' => $act->pairs,
                'place' => $this->place($act->area),
            ],
            $act instanceof Fasten => [
                'face' => $act->face,
                'what' => $act->what,
                'with' => $act->adhesive->value,
                'place' => $this->place($act->area),
            ],
            $act instanceof Pierce => ['holes' => $act->holes, 'where' => $act->where],
            $act instanceof Slip => ['into' => $act->into],
            $act instanceof Nest => ['signature' => $act->signature, 'sheets' => $act->sheets],
            $act instanceof Sew => $this->walk($act),
            default => [],
        };
    }

    /** @return array<string, mixed> */
    private function joint(Joint $joint): array
    {
        $pouch = $joint->pouch === null ? null : $this->blueprint->find(Pouch::class, $joint->pouch);

        return [
            'with' => $joint->adhesive->value,
            'panels' => [$joint->from->panel, $joint->onto->panel],
            'side' => $joint->from->side->value,
            'onto' => $joint->onto->side->value,
            'face' => $joint->face,
            'place' => $this->place($joint->contact()),
            'edges' => $pouch === null ? [] : array_map(static fn (Edge $edge): string => $edge->value, $pouch->glued),
            'opens' => $pouch?->opening->value,
            'dryMinutes' => $joint->adhesive === Adhesive::WetGlue ? \Ephemeron\Bench\Drying::WET_GLUE : 0,
        ];
    }

    /** @return array<string, int>|null in ticks of 3.125 µm, from the top left of the face or panel */
    private function place(?Rectangle $area): ?array
    {
        return $area === null ? null : [
            'left' => $area->left()->ticks,
            'top' => $area->top()->ticks,
            'width' => $area->width()->ticks,
            'height' => $area->height()->ticks,
        ];
    }

    /** @return array<string, mixed> */
    private function walk(Sew $act): array
    {
        return [
            'thread' => $act->thread->ticks,
            'times' => $act->times,
            'stations' => array_map(static fn (Length $place): int => $place->ticks, $act->walk->stations->places),
            'walk' => array_map(static fn (Passage $passage): array => [
                'signature' => $passage->signature + 1,
                'hole' => $passage->station + 1,
                'way' => $passage->isOutwards ? 'out' : 'in',
            ], $act->walk->passages),
        ];
    }
}
