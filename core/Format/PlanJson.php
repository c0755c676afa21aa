<?php

declare(strict_types=1);

namespace Ephemeron\Format;

use Ephemeron\Bench\PhotoCount;
use Ephemeron\Bench\Step;
use Ephemeron\Blueprint\Corner;
use Ephemeron\Blueprint\Crease;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Flap;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\Lie;
use Ephemeron\Blueprint\Loose;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Pouch;
use Ephemeron\Blueprint\Thing;
use Ephemeron\Cutting\Blank;
use Ephemeron\Cutting\CutStep;
use Ephemeron\Cutting\Offcut;
use Ephemeron\Cutting\Piece;
use Ephemeron\Cutting\SheetPattern;
use Ephemeron\Fit\Finding;
use Ephemeron\Fit\StockPlan;
use Ephemeron\Geometry\Point;
use Ephemeron\Geometry\Polygon;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\WorkPlan;

/** A whole plan as plain data, for `ephemeron:plan --json` and other programs. Lengths carry ticks and text. */
final readonly class PlanJson
{
    /** @return array<string, mixed> */
    public function toArray(WorkPlan $plan): array
    {
        $notation = $plan->notation();

        return [
            'structure' => $plan->design->structure,
            'name' => $plan->design->name,
            'unit' => $plan->design->unit->value,
            'parts' => array_map(fn (Part $part): array => $this->part($part, $notation), array_values($plan->blueprint->parts)),
            'faces' => array_map(fn (Face $face): array => $this->face($face, $plan), array_values($plan->blueprint->pages())),
            'things' => array_map(
                static fn (Thing $thing): array => [
                    'kind' => $thing->kind,
                    'on' => $thing->on,
                    'place' => $thing->place,
                    'faces' => $thing->faces,
                ],
                $plan->blueprint->all(Thing::class),
            ),
            'flaps' => array_map(
                static fn (Flap $flap): array => [
                    'name' => $flap->name,
                    'over' => $flap->over,
                    'hinge' => $flap->hinge->value,
                    'front' => $flap->front,
                    'inside' => $flap->inside,
                ],
                $plan->blueprint->all(Flap::class),
            ),
            'pouches' => array_map(fn ($pouch): array => [
                'name' => $pouch->name,
                'face' => $pouch->face,
                'opens' => $pouch->opening->value,
                'glued' => array_map(static fn ($edge): string => $edge->value, $pouch->glued),
                'width' => $this->length($pouch->size->width, $notation),
                'height' => $this->length($pouch->size->height, $notation),
                'widestInsert' => $this->length($pouch->widestInsert(), $notation),
            ], $plan->blueprint->all(Pouch::class)),
            'sheets' => array_merge(...array_map(fn (StockPlan $stock): array => $this->sheets($stock, $notation), $plan->stocks)),
            'totals' => array_map(static fn (StockPlan $stock): array => [
                'stock' => $stock->stock->name,
                'roles' => $stock->roles,
                'sheets' => $stock->cuts->sheets(),
                'lowerBound' => $stock->cuts->lowerBound,
                'missing' => array_sum($stock->cuts->missing),
            ], $plan->stocks),
            'steps' => array_map(fn (Step $step): array => $this->step($step, $plan), $plan->steps),
            'findings' => array_map(static fn (Finding $finding): array => [
                'severity' => $finding->severity->value,
                'kind' => $finding->kind,
                'text' => $finding->text,
                'part' => $finding->part,
                'face' => $finding->face,
                'mend' => $finding->mend === null ? null : ['label' => $finding->mend->label, 'changes' => $finding->mend->changes],
            ], $plan->report->findings),
            'photos' => array_map(static fn (PhotoCount $count): array => [
                'size' => $count->photo->value,
                'count' => $count->total(),
                'onMounts' => $count->onMounts,
                'onPages' => $count->onPages,
                'inPockets' => $count->inPockets,
            ], $plan->photos),
            'thickness' => [
                'built' => $this->length($plan->thickness(false), $notation),
                'filled' => $this->length($plan->thickness(true), $notation),
            ],
            'closed' => [
                'width' => $this->length($plan->blueprint->closedSize()->width, $notation),
                'height' => $this->length($plan->blueprint->closedSize()->height, $notation),
            ],
            'closings' => $plan->blueprint->closings(),
            'loose' => array_map(fn ($loose): array => [
                'name' => $loose->name,
                'count' => $loose->count,
                'length' => $loose->length === null ? null : $this->length($loose->length, $notation),
            ], $plan->blueprint->all(Loose::class)),
        ];
    }

    /** @return array<string, mixed> */
    private function part(Part $part, Notation $notation): array
    {
        return [
            'letter' => $part->letter,
            'name' => $part->name,
            'section' => $part->section,
            'quantity' => $part->quantity,
            'role' => $part->role->value,
            'stockRole' => $part->role->value,
            'width' => $this->length($part->size->width, $notation),
            'height' => $this->length($part->size->height, $notation),
            'scores' => array_map(fn (Crease $crease): array => [
                'along' => $crease->along()?->value,
                'at' => $this->length($crease->at(), $notation),
                'fold' => $crease->fold->value,
            ], $part->creases),
            'slits' => array_map(fn ($slit): array => [
                'along' => $slit->line->along()?->value,
                'from' => ['x' => $this->length($slit->line->from->x, $notation), 'y' => $this->length($slit->line->from->y, $notation)],
                'to' => ['x' => $this->length($slit->line->to->x, $notation), 'y' => $this->length($slit->line->to->y, $notation)],
                'length' => $this->length($slit->line->length(), $notation),
            ], $part->slits),
            'cutAways' => array_map(
                fn (Polygon $area): array => array_map(
                    fn (Point $corner): array => ['x' => $this->length($corner->x, $notation), 'y' => $this->length($corner->y, $notation)],
                    $area->corners,
                ),
                $part->cutAways,
            ),
            'corners' => array_map(
                static fn (Corner $corner): string => "{$corner->trim->value} {$corner->upper->value} {$corner->side->value}",
                $part->corners,
            ),
            'why' => $part->why,
            'picture' => $part->picture?->name,
            'notches' => count($part->notches),
            'tapeStrips' => count(array_filter($part->glueZones, static fn ($zone): bool => $zone->adhesive->value === 'tape')),
            'places' => $part->places,
        ];
    }

    /** @return array<string, mixed> */
    private function face(Face $face, WorkPlan $plan): array
    {
        $notation = $plan->notation();
        $mats = array_filter($plan->blueprint->on($face->key), static fn (Joint $joint): bool => $joint->layer === Layer::Mat);

        return [
            'key' => $face->key,
            'name' => $face->name,
            'width' => $this->length($face->size->width, $notation),
            'height' => $this->length($face->size->height, $notation),
            'paper' => [
                'part' => $plan->blueprint->part($face->paper->part)->letter,
                'panel' => $face->paper->panel,
                'side' => $face->paper->side->value,
            ],
            'upsideDown' => $face->lie === Lie::UpsideDown,
            'lie' => $face->lie->value,
            'mats' => array_values(array_map(fn (Joint $joint): array => [
                'part' => $plan->blueprint->part($joint->from->part)->letter,
                'width' => $this->length($joint->area->width(), $notation),
                'height' => $this->length($joint->area->height(), $notation),
            ], $mats)),
        ];
    }

    /** @return list<array<string, mixed>> */
    private function sheets(StockPlan $stock, Notation $notation): array
    {
        return array_map(fn (SheetPattern $pattern): array => [
            'stock' => $stock->stock->name,
            'key' => $pattern->key,
            'count' => $pattern->count,
            'cuts' => array_map(fn (CutStep $cut): array => [
                'number' => $cut->number,
                'along' => $cut->along->value,
                'fence' => $this->length($cut->fence, $notation),
                'together' => $cut->together,
                'passes' => $stock->passes($cut)->count(),
                'sameFence' => $cut->sameFence,
                'piece' => [
                    'width' => $this->length($cut->piece->width, $notation),
                    'height' => $this->length($cut->piece->height, $notation),
                ],
                'gives' => [$this->outcome($cut->first, $notation), $this->outcome($cut->second, $notation)],
            ], $pattern->steps()),
            'blanks' => $pattern->gives,
            'offcuts' => array_map(fn (Offcut $offcut): array => $this->outcome($offcut, $notation), $pattern->offcuts()),
        ], $stock->cuts->patterns);
    }

    /** @return array<string, mixed> */
    private function outcome(Piece $piece, Notation $notation): array
    {
        return [
            'is' => match (true) {
                $piece instanceof Blank => 'blank',
                $piece instanceof Offcut => $piece->selvage ? 'selvage' : 'offcut',
                default => 'piece',
            },
            ...($piece instanceof Blank ? ['letter' => $piece->label(), 'turned' => $piece->turned] : []),
            'width' => $this->length($piece->area()->width(), $notation),
            'height' => $this->length($piece->area()->height(), $notation),
        ];
    }

    /** @return array<string, mixed> */
    private function step(Step $step, WorkPlan $plan): array
    {
        return [
            'number' => $step->number,
            'key' => $step->key,
            'phase' => strtolower($step->phase->label()),
            'section' => $step->section,
            'title' => $step->title,
            'text' => $step->text,
            'lines' => $plan->linesOf($step),
            'adhesive' => $step->adhesive->value,
            'caution' => $step->caution?->text(),
            'places' => $step->places,
            'acts' => array_map((new ActJson($plan->blueprint))->toArray(...), $step->acts),
            'needs' => $step->needs,
            'covers' => $step->covers(),
        ];
    }

    /** @return array{ticks: int, text: string} */
    private function length(Length $length, Notation $notation): array
    {
        return ['ticks' => $length->ticks, 'text' => $notation->text($length)];
    }
}
