<?php

declare(strict_types=1);

namespace Ephemeron\Bench\Words;

use Ephemeron\Blueprint\Act\Depth;
use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\PanelKind;
use Ephemeron\Blueprint\Pouch;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\Side;

/** One joint in words: what gets the glue, where, on which side, what it goes onto and how far from what, what stays open. */
final readonly class GlueInWords
{
    private Pieces $pieces;

    public function __construct(private Blueprint $blueprint, private Notation $notation)
    {
        $this->pieces = new Pieces($blueprint);
    }

    /** @param Adhesive $with what the maker's school takes for it */
    public function sentence(Joint $joint, Adhesive $with): string
    {
        $face = $joint->face === null ? null : $this->blueprint->face($joint->face);
        $pouch = $joint->pouch === null ? null : $this->blueprint->find(Pouch::class, $joint->pouch);

        return match (true) {
            $pouch !== null => $this->pocket($joint, $pouch, $with),
            $face === null => $this->onto($joint, $with),
            $joint->layer === Layer::Band, $joint->layer === Layer::Flap && ! $this->isTab($joint) => $this->band($joint, $face, $with),
            $joint->layer === Layer::Flap => $this->hinge($joint, $face, $with),
            $joint->adhesive === Adhesive::None => sprintf(
                '%s lies %s.',
                $this->pieces->piece($joint->from->part),
                $this->place($joint->area, $face->size),
            ),
            default => $this->onFace($joint, $face, $with),
        };
    }

    private function pocket(Joint $joint, Pouch $pouch, Adhesive $with): string
    {
        $face = $this->blueprint->face($pouch->face);
        // Where no edge of it is glued, what is round its body is: its tabs.
        $edges = $pouch->glued === []
            ? "the tabs of {$this->pieces->piece($joint->from->part)}"
            : Edges::listed($face, $pouch->glued)." of {$this->pieces->panel($joint->from)}";
        $where = $joint->from->part === $joint->onto->part || $joint->face === null ? ''
            : '; it lies '.$this->place($joint->area, $face->size);

        return sprintf(
            '%s along %s, %s%s. %s stays open.',
            $this->with($with, 'A thin bead', 'Thin tape'),
            $edges,
            $this->pieces->side($joint->from),
            $where,
            $joint->shape === null ? ucfirst(Edges::of($face, $pouch->opening)) : 'The slant',
        );
    }

    /** A flap hangs by its tab: the tab is glued up to its score, which lies on an edge or so far in from it. */
    private function hinge(Joint $joint, Face $face, Adhesive $with): string
    {
        [$edge, $in] = $this->hingeOf($joint, $face);

        return sprintf(
            '%s on %s, %s, up to its score; the score lies %s.',
            $this->with($with, 'Glue', 'Tape'),
            $this->pieces->panel($joint->from),
            $this->pieces->side($joint->from),
            $in->isPositive() ? "{$this->notation->text($in)} from ".Edges::of($face, $edge) : 'along '.Edges::of($face, $edge),
        );
    }

    /** @return array{Edge, Length} the edge of the face that its fold runs along, and how far in from it */
    private function hingeOf(Joint $joint, Face $face): array
    {
        $edge = Edge::Left;
        foreach ($this->blueprint->flapsOn($face->key) as $flap) {
            if ($flap->area == $joint->area) {
                $edge = $flap->hinge;
            }
        }

        return [$edge, match ($edge) {
            Edge::Left => $joint->area->left(),
            Edge::Right => $face->size->width->minus($joint->area->right()),
            Edge::Top => $joint->area->top(),
            Edge::Bottom => $face->size->height->minus($joint->area->bottom()),
        }];
    }

    private function isTab(Joint $joint): bool
    {
        return $this->blueprint->part($joint->from->part)->panel($joint->from->panel)->kind === PanelKind::Tab;
    }

    private function band(Joint $joint, Face $face, Adhesive $with): string
    {
        return sprintf(
            '%s on both tabs of %s, %s; it lies %s.',
            $this->with($with, 'Glue', 'Tape'),
            $this->pieces->piece($joint->from->part),
            $this->pieces->side($joint->from),
            $this->place($joint->area, $face->size),
        );
    }

    private function onFace(Joint $joint, Face $face, Adhesive $with): string
    {
        $under = $joint->onto->part === $face->paper->part ? '' : ", onto {$this->pieces->piece($joint->onto->part)}";
        $dry = $joint->held === null ? '' : ' What lies beyond stays dry.';
        $piece = $this->blueprint->part($joint->from->part)->size;
        // What is larger than its place is turned in or wrapped round.
        $isWrapped = $joint->from->panel === 'whole'
            && $piece->width->ticks * $piece->height->ticks > $joint->area->width()->ticks * $joint->area->height()->ticks;

        return sprintf(
            '%s on %s, %s%s%s.%s',
            $this->with($with, 'Glue', 'Tape'),
            $this->pieces->panel($joint->from),
            $this->pieces->side($joint->from),
            $under,
            $isWrapped ? '' : '; it lies '.($joint->depth() === Depth::Mat && $face->matted === null ? $this->border($joint, $face)
                : $this->place($joint->area, $face->size)),
            $dry,
        );
    }

    private function onto(Joint $joint, Adhesive $with): string
    {
        $onto = match (true) {
            $joint->from == $joint->onto => "the same of another {$this->blueprint->part($joint->onto->part)->letter}",
            str_ends_with($joint->onto->panel, '-fin') => 'its fin',
            default => "{$this->pieces->panel($joint->onto)}, {$this->pieces->side($joint->onto)}",
        };
        $room = $this->blueprint->part($joint->onto->part)->panel($joint->onto->panel)->area->size();
        $edge = $this->along($joint) ?? ($joint->from->part === $joint->onto->part ? $this->bead($joint->area, $room) : null);
        if ($edge !== null) {
            $breadth = $this->breadth($joint);

            return sprintf(
                '%s along the %s of %s, %s; onto %s.',
                $breadth === null ? $this->with($with, 'A thin bead', 'Tape')
                    : $this->with($with, 'Glue', 'Tape').", {$this->notation->text($breadth)} broad,",
                $edge,
                $this->pieces->panel($joint->from),
                $this->pieces->side($joint->from),
                $onto,
            );
        }

        return sprintf(
            '%s on %s, %s; onto %s%s.',
            $this->with($with, 'Glue', 'Tape'),
            $this->pieces->panel($joint->from),
            $this->pieces->side($joint->from),
            $onto,
            $this->free($joint->area, $room),
        );
    }

    /** The edge along which it is held, as one sees it with the glued side up; null where all of its panel is glued. */
    private function along(Joint $joint): ?string
    {
        $panel = $this->blueprint->part($joint->from->part)->panel($joint->from->panel)->area->size();
        $across = $joint->by?->isUpright() === true ? $panel->width : $panel->height;
        if ($joint->by === null || $this->strip($joint)->isAtLeast($across)) {
            return null;
        }

        return match ($joint->by) {
            Edge::Top => 'head',
            Edge::Bottom => 'foot',
            Edge::Left => $joint->from->side === Side::A ? 'left edge' : 'right edge',
            Edge::Right => $joint->from->side === Side::A ? 'right edge' : 'left edge',
        };
    }

    /** How much of it is held, across its edge. */
    private function strip(Joint $joint): Length
    {
        return ($joint->towards ?? $joint->by)?->isUpright() === true ? $joint->contact()->width() : $joint->contact()->height();
    }

    /** Of a strip that is more than a bead. */
    private function breadth(Joint $joint): ?Length
    {
        $strip = $joint->by === null ? Length::zero() : $this->strip($joint);

        return $strip->isMoreThan(Length::inches(0, 3, 16)) ? $strip : null;
    }

    /** The edge that a narrow area lies along, as far as the panel reaches: `foot`. */
    private function bead(Rectangle $area, Size $room): ?string
    {
        $isNarrow = static fn (Length $breadth): bool => Length::inches(0, 1, 4)->isAtLeast($breadth);

        return match (true) {
            $isNarrow($area->height()) && $area->width()->equals($room->width) => $area->top()->isZero() ? 'head' : 'foot',
            $isNarrow($area->width()) && $area->height()->equals($room->height) => $area->left()->isZero() ? 'left edge'
                : 'right edge',
            default => null,
        };
    }

    /** `, ⅛ in free on each side`, where it lies in the middle of what is wider. */
    private function free(Rectangle $area, Size $room): string
    {
        $left = $area->left();
        $right = $room->width->minus($area->right());

        return $left->isPositive() && $left->equals($right) ? ", {$this->notation->text($left)} free on each side" : '';
    }

    /** Even all round, or else what it is at each edge. */
    private function border(Joint $joint, Face $face): string
    {
        $room = $joint->onto->part === $face->paper->part
            ? Rectangle::whole($face->size)
            : $this->lower($joint) ?? Rectangle::whole($face->size);
        $distances = [
            $joint->area->left()->minus($room->left())->ticks,
            $joint->area->top()->minus($room->top())->ticks,
            $room->right()->minus($joint->area->right())->ticks,
            $room->bottom()->minus($joint->area->bottom())->ticks,
        ];

        return count(array_unique($distances)) === 1
            ? sprintf('in the middle, %s free all round', $this->notation->text(Length::ofTicks($distances[0])))
            : $this->place($joint->area, $face->size);
    }

    /** Where the layer lies that this one goes onto. */
    private function lower(Joint $upper): ?Rectangle
    {
        foreach ($this->blueprint->on((string) $upper->face) as $joint) {
            if ($joint->from->part === $upper->onto->part) {
                return $joint->area;
            }
        }

        return null;
    }

    /** `in the middle, 1 in above the foot`. */
    private function place(Rectangle $area, Size $face): string
    {
        $left = $area->left();
        $right = $face->width->minus($area->right());
        $foot = $face->height->minus($area->bottom());
        $top = $area->top();
        $across = match (true) {
            $left->equals($right) => 'in the middle of its width',
            ! $left->isPositive() => 'level with the left edge',
            ! $right->isPositive() => 'level with the right edge',
            default => "{$this->notation->text($left)} from the left",
        };
        $up = match (true) {
            $foot->equals($top) => 'of its height too',
            ! $foot->isPositive() => 'level with the foot',
            ! $top->isPositive() => 'level with the head',
            default => "{$this->notation->text($foot)} above the foot",
        };

        return $left->equals($right) && $foot->equals($top) ? 'in the middle'
            : $across.($up === 'of its height too' ? ', half way up' : ", {$up}");
    }

    private function with(Adhesive $with, string $glue, string $tape): string
    {
        return match ($with) {
            Adhesive::Tape => $tape,
            Adhesive::Thread => 'Stitches',
            default => $glue,
        };
    }
}
