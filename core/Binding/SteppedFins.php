<?php

declare(strict_types=1);

namespace Ephemeron\Binding;

use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Corner;
use Ephemeron\Blueprint\Draft;
use Ephemeron\Blueprint\Fold;
use Ephemeron\Blueprint\GlueZone;
use Ephemeron\Blueprint\Gusset;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\PanelGrid;
use Ephemeron\Blueprint\PanelRef;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Reason;
use Ephemeron\Blueprint\Task;
use Ephemeron\Blueprint\Trim;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\Side;
use Ephemeron\Paper\StockRole;

/**
 * Binding units stacked on each other, each a strip with two fins around a channel. The first channel is a; each next is
 * wider by twice the gap between pages, so that m units bind 2m pages with equal gaps: with a = ¼ and q = ¼ the channels are ¼, ¾, 1¼.
 * A strip is as wide as its channel and two fins. Source: common practice, no published source.
 */
final readonly class SteppedFins
{
    /**
     * @param int $units at least 1
     * @param Length $fin width of a fin
     * @param Length $first channel of the innermost unit
     * @param Length $gap between two pages
     * @param Length $length of the strips, as long as a page at its spine
     * @param Length|null $clip how far the free corners of the fins are clipped, if they are
     * @param Length|null $held how much of a fin takes glue, from its free edge; null for all of it
     */
    public function __construct(
        private int $units,
        private Length $fin,
        private Length $first,
        private Length $gap,
        private Length $length,
        private ?Length $clip = null,
        private ?Length $held = null,
    ) {
    }

    /**
     * The room of the last channel. With one unit it is the channel itself that gives it, with more the gap between the pages.
     *
     * @param Length $leaves thickness of the bare leaves
     * @param list<string> $faces inside the shut book
     */
    public function gusset(Length $leaves, array $faces): Gusset
    {
        $panels = [new PanelRef("fins-{$this->units}", 'channel', Side::A)];

        return $this->units === 1
            ? new Gusset('the last channel', $this->widest(), $leaves, $faces, 'channel', 1, panels: $panels)
            : new Gusset('the last channel', $this->widest(), $leaves, $faces, 'page-gap', 2 * ($this->units - 1), $this->first, $panels);
    }

    public function channel(int $unit): Length
    {
        return $this->first->plus($this->gap->times(2 * ($unit - 1)));
    }

    public function widest(): Length
    {
        return $this->channel($this->units);
    }

    public function strip(int $unit): PanelGrid
    {
        return PanelGrid::columns(['left-fin' => $this->fin, 'channel' => $this->channel($unit), 'right-fin' => $this->fin], $this->length);
    }

    /** Adds the strips, stacks them and returns the fins in page order, each with its part and panel. */
    public function addTo(Draft $draft, Notation $notation, string $onto, string $after): void
    {
        $held = $this->held ?? $this->fin;
        for ($unit = 1; $unit <= $this->units; $unit++) {
            $grid = $this->strip($unit);
            $draft->part(new Part(
                key: "fins-{$unit}",
                name: "Binding unit {$unit}",
                section: 'Binding',
                size: $grid->size(),
                role: StockRole::StructureCard,
                creases: $grid->creases(Fold::Valley),
                glueZones: [
                    new GlueZone($grid->area('left-fin')->strip(Edge::Left, $held), Side::B, Adhesive::WetGlue),
                    new GlueZone($grid->area('right-fin')->strip(Edge::Right, $held), Side::B, Adhesive::WetGlue),
                    new GlueZone($grid->area('channel'), Side::B, Adhesive::Tape),
                ],
                panels: $grid->panels(),
                places: ['spine'],
                corners: $this->clip === null ? [] : Corner::all(Trim::Mitred, $this->clip),
                why: 'Fin, channel, fin: '.$grid->inWords($notation).($unit === 1 ? '' : sprintf(
                    '. Its channel is two gaps of %s wider than the one before.',
                    $notation->text($this->gap),
                )),
            ));
            $draft->add(new Reason(
                'page-gap',
                sprintf(
                    'channel %d = %s + %d × %s = %s',
                    $unit,
                    $notation->inSums()->number($this->first),
                    2 * ($unit - 1),
                    $notation->inSums()->number($this->gap),
                    $notation->inSums()->text($this->channel($unit)),
                ),
            ));
        }
        $this->stack($draft, $notation, $onto, $after);
    }

    /** @return list<PanelRef> the fins from front to back, each with the side behind the front of its leaf */
    public function inPageOrder(): array
    {
        $left = array_map(static fn (int $unit): PanelRef => new PanelRef("fins-{$unit}", 'left-fin', Side::B), range($this->units, 1));
        $right = array_map(static fn (int $unit): PanelRef => new PanelRef("fins-{$unit}", 'right-fin', Side::A), range(1, $this->units));

        return [...$left, ...$right];
    }

    /**
     * Each fin goes onto a leaf, or between the two halves of one.
     *
     * @param list<list<PanelRef>> $leaves the sides that are glued to the fin, leaf by leaf from the front
     * @param Edge $spine of the front of a leaf, where the fin takes it
     */
    public function bind(Draft $draft, array $leaves, string $task, Edge $spine = Edge::Left): void
    {
        $fin = Rectangle::whole(new Size($this->fin, $this->length));
        $held = $this->held ?? $this->fin;
        foreach ($this->inPageOrder() as $index => $place) {
            foreach ($leaves[$index] ?? [] as $turn => $side) {
                $onto = $turn === 0 ? $place : new PanelRef($place->part, $place->panel, $place->side->other());
                $isLeft = $place->panel === 'left-fin';
                // Its spine edge lies along the channel; glue goes on from the free edge of the fin.
                $free = $isLeft === ($onto->side === Side::A) ? Edge::Left : Edge::Right;
                $draft->add(new Joint(
                    $side,
                    $onto,
                    $fin,
                    Adhesive::WetGlue,
                    Layer::Structure,
                    $task,
                    held: $fin->strip($free, $held),
                    isLap: true,
                    by: $turn === 0 || $spine === Edge::Top ? $spine : $spine->opposite(),
                    towards: $isLeft ? Edge::Right : Edge::Left,
                ));
            }
        }
    }

    private function stack(Draft $draft, Notation $notation, string $onto, string $after): void
    {
        for ($unit = $this->units; $unit >= 1; $unit--) {
            $channel = new Size($this->channel($unit), $this->length);
            $under = $unit === $this->units ? new PanelRef($onto, 'whole', Side::B) : new PanelRef('fins-'.($unit + 1), 'channel', Side::A);
            $room = $unit === $this->units ? $draft->sizeOf($onto) : new Size($this->channel($unit + 1), $this->length);
            $draft->add(
                new Joint(
                    new PanelRef("fins-{$unit}", 'channel', Side::B),
                    $under,
                    Rectangle::centred($channel, $room),
                    Adhesive::Tape,
                    Layer::Structure,
                    "stack-{$unit}",
                ),
            );
            $draft->task(new Task(
                "stack-{$unit}",
                Phase::Assemble,
                $unit === $this->units ? "Stick binding unit {$unit} onto the spine"
                    : sprintf('Stick binding unit %d onto unit %d', $unit, $unit + 1),
                sprintf(
                    'Up to the scores of its channel (%s wide) and not over them; both fins stand up. Heads level, press.',
                    $notation->text($this->channel($unit)),
                ),
                'Binding',
                Adhesive::Tape,
                ["fins-{$unit}"],
                [$unit === $this->units ? $after : 'stack-'.($unit + 1)],
            ));
        }
    }
}
