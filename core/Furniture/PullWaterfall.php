<?php

declare(strict_types=1);

namespace Ephemeron\Furniture;

use Ephemeron\Blueprint\Act\Depth;
use Ephemeron\Blueprint\Act\Fold as FoldPart;
use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Flap;
use Ephemeron\Blueprint\Fold;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\PanelGrid;
use Ephemeron\Blueprint\PanelRef;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Slide;
use Ephemeron\Blueprint\Task;
use Ephemeron\Design\Parameter;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\Side;
use Ephemeron\Paper\StockRole;

/**
 * A waterfall that turns over its flaps when a strip is pulled. The base is as wide as a flap and scored n times, a row apart, and rolls
 * over itself in one direction. Length of the base: n rows to roll, as many behind them, a flap and one row more (6 flaps of 4 at ½: 3 + 3
 * + 4 + ½ = 10½). The anchor goes round the base under the last flap: base width and ⅛ play between its scores, a tab at each end. The
 * closing strip is four rows broader than the base and as tall as a flap, scored a row from its top, and is what one pulls. Twice as many
 * pictures as flaps. Source: common practice, no published source.
 */
final readonly class PullWaterfall implements Furniture
{
    public function key(): string
    {
        return 'pull-waterfall';
    }

    public function name(): string
    {
        return 'Pull waterfall';
    }

    public function summary(): string
    {
        return 'Pull the strip and the flaps turn over one by one.';
    }

    public function kin(): Kin
    {
        return Kin::Flaps;
    }

    public function parameters(): array
    {
        $most = Length::inches(24);

        return [
            Parameter::count('flaps', 'Flaps', 'How many turn over.', 2, 10, 6),
            Parameter::length(
                'flap-width',
                'Flap width',
                'Empty: 6 in (15 cm), or what the face allows beside the tabs of the anchor.',
                Length::inches(1),
                $most,
            ),
            Parameter::length('flap-height', 'Flap height', 'Empty: two thirds of its width.', Length::inches(1), $most),
            Parameter::length(
                'row',
                'Row',
                'From one score of the base to the next.',
                Length::inches(0, 1, 4),
                Length::inches(1),
                Length::inches(0, 1, 2),
                Length::millimetres(12),
            ),
            HingeEdge::tab(),
            Parameter::choice(
                'magnet',
                'Magnet in the tip',
                'Holds the closing strip, over a small riser.',
                ['yes' => 'yes', 'no' => 'no'],
                'yes',
            ),
            ...Position::parameters(),
        ];
    }

    public function place(Spot $spot): Placement
    {
        $flap = $this->flap($spot);
        $parts = $this->addMechanism($spot, $flap);
        $row = $spot->values->length('row');
        $n = $spot->values->count('flaps');
        $area = $spot->area(new Size($flap->width, $flap->height->plus($row->times($n - 1))));
        $spot->draft->add(
            new Joint(
                new PanelRef($parts[1], 'bridge', Side::B),
                $spot->face->paper,
                $area,
                Adhesive::Tape,
                Layer::Flap,
                'pull-anchor',
                $spot->face->key,
                depth: Depth::OnMat,
            ),
        );
        $this->joinMechanism($spot, $parts[0], $parts[2], $flap);
        $faces = [];
        for ($k = 1; $k <= $n; $k++) {
            $part = $spot->draft->part(
                new Part(
                    "{$spot->key}/flap",
                    'Pull waterfall flap',
                    'Pull waterfall',
                    $flap,
                    StockRole::StructureCard,
                    places: [$spot->face->name],
                    why: 'One print on each side.',
                ),
            );
            $front = $spot->face->front(
                "{$spot->key}/flap-{$k}/front",
                "{$spot->face->name}, pull flap {$k}",
                $flap,
                new PanelRef($part, 'whole', Side::A),
                true,
                Edge::Top,
                true,
            );
            $back = $front->reverse("{$spot->key}/flap-{$k}/inside", "{$spot->face->name}, back of pull flap {$k}");
            $spot->draft->face($front);
            $spot->draft->face($back);
            $spot->draft->add(
                new Joint(
                    new PanelRef($part, 'whole', Side::B),
                    new PanelRef($parts[0], 'row-'.($n + 1 - $k), Side::B),
                    Rectangle::whole(new Size($flap->width, $row)),
                    Adhesive::Tape,
                    Layer::Flap,
                    'pull-flaps',
                ),
            );
            $at = Rectangle::at($area->left(), $area->top()->plus($row->times($n - $k)), $flap);
            $spot->draft->add(
                new Flap("{$spot->key}/flap-{$k}", "Pull flap {$k}", $spot->face->key, $at, Edge::Top, $front->key, $back->key),
            );
            $faces["flap-{$k}"] = $front;
            $faces["flap-{$k}-back"] = $back;
        }
        $this->addTasks($spot, [...$parts, $faces['flap-1']->paper->part]);
        if ($spot->values->choice('magnet') === 'yes') {
            $riser = $spot->draft->part(
                new Part(
                    "{$spot->key}/riser",
                    'Magnet riser',
                    'Pull waterfall',
                    Size::inches(0.75, 0.75),
                    StockRole::StructureCard,
                    upright: false,
                    places: [$spot->face->name],
                    why: 'Lifts the lower magnet to the height of the folded flaps.',
                ),
            );
            $middle = Rectangle::centred(Size::inches(0.75, 0.75), $spot->size());
            $spot->draft->add(
                new Joint(
                    new PanelRef($riser, 'whole', Side::B),
                    $spot->face->paper,
                    $middle,
                    Adhesive::WetGlue,
                    Layer::Small,
                    'pull-magnets',
                    $spot->face->key,
                ),
            );
            (new MagnetPair($spot))->add(
                'The tip of the pull waterfall',
                $spot->allowances->magnetPairs($flap->width),
                $flap->width,
                [$riser],
                task: 'pull-magnets',
                depth: Depth::Upon,
            );
        }

        return new Placement($area, $faces);
    }

    /** The closing strip hangs on the back of the base. */
    private function joinMechanism(Spot $spot, string $base, string $strip, Size $flap): void
    {
        $tab = Rectangle::whole(new Size($flap->width, $spot->values->length('row')));
        $spot->draft->add(
            new Joint(
                new PanelRef($strip, 'tab', Side::B),
                new PanelRef($base, 'back', Side::A),
                $tab,
                Adhesive::WetGlue,
                Layer::Flap,
                'pull-strip',
            ),
        );
    }

    private function flap(Spot $spot): Size
    {
        $beside = $spot->size()->width->minus($spot->values->length('tab')->times(2), $spot->allowances->fine());
        $usual = $spot->allowances->either(Length::inches(6), Length::millimetres(150));
        $width = $spot->length('flap-width', Length::longest(Length::shortest($usual, $beside), Length::inches(1)));

        return new Size($width, $spot->length('flap-height', $spot->notation->grid->down($width->portion(2, 3))));
    }

    /** @return array{string, string, string} base, anchor, closing strip */
    private function addMechanism(Spot $spot, Size $flap): array
    {
        $n = $spot->values->count('flaps');
        $row = $spot->values->length('row');
        $tab = $spot->values->length('tab');
        $play = $spot->allowances->fine();
        $rows = [];
        for ($k = 1; $k <= $n; $k++) {
            $rows["row-{$k}"] = $row;
        }
        $base = PanelGrid::rows($flap->width, [...$rows, 'back' => $row->times($n + 1)->plus($flap->height)]);
        $anchor = PanelGrid::columns(
            ['left-tab' => $tab, 'bridge' => $flap->width->plus($play), 'right-tab' => $tab],
            $row->times(2)->plus($spot->allowances->quarter()),
        );
        $strip = PanelGrid::rows(
            $flap->width->plus($row->times(4)),
            ['tab' => $row, 'strip' => Length::longest($flap->height->minus($row), $row)],
        );
        $spot->draft->add(
            new Slide('The base of the pull waterfall', 'its anchor', $flap->width, $flap->width->plus($play), $play, $spot->face->key),
        );
        $piece = static fn (string $key, string $name, PanelGrid $grid, Fold $fold, string $why): string => $spot->draft->part(new Part(
            "{$spot->key}/{$key}",
            $name,
            'Pull waterfall',
            $grid->size(),
            StockRole::StructureCard,
            creases: $grid->creases($fold),
            panels: $grid->panels(),
            upright: false,
            places: [$spot->face->name],
            why: $why,
        ));

        return [
            $piece(
                'base',
                'Pull waterfall base',
                $base,
                Fold::Mountain,
                sprintf(
                    '%d rows of %s, as many behind them, a flap and one row: %s.',
                    $n,
                    $spot->notation->number($row),
                    $spot->notation->text($base->size()->height),
                ),
            ),
            $piece(
                'anchor',
                'Pull waterfall anchor',
                $anchor,
                Fold::Valley,
                "The base and {$spot->notation->text($play)} of play between the scores, a tab at each end: "
                    ."{$anchor->inWords($spot->notation)}.",
            ),
            $piece('strip', 'Closing strip', $strip, Fold::Valley, 'What one pulls: four rows broader than the base, as tall as a flap.'),
        ];
    }

    /** @param array{string, string, string, string} $parts base, anchor, closing strip, flap */
    private function addTasks(Spot $spot, array $parts): void
    {
        [$base, $anchor, $closing, $flap] = $parts;
        $place = [$spot->face->name];
        $section = 'Pull waterfall';
        $spot->draft->task(
            new Task(
                'pull-roll',
                Phase::Assemble,
                'Roll the base of the pull waterfall',
                'Fold the rows over themselves one after the other, all in the same direction: a roll, not a concertina. Burnish each.',
                $section,
                parts: [$base],
                places: $place,
                acts: [new FoldPart($base)],
            ),
        );
        $spot->draft->task(
            new Task(
                'pull-flaps',
                Phase::Assemble,
                'Tape the flaps to the rows',
                'Tape in the middle of each row, the edge of the flap just below its score, the lowest flap first. Tape only on the row, '
                    .'never over a score.',
                $section,
                Adhesive::Tape,
                [$base, $flap],
                places: $place,
            ),
        );
        $spot->draft->task(
            new Task(
                'pull-strip',
                Phase::Assemble,
                'Glue on the closing strip',
                sprintf(
                    'Its tab %s above the last score of the base, the strip hanging below the flaps.',
                    $spot->notation->text($spot->allowances->fine()),
                ),
                $section,
                Adhesive::WetGlue,
                [$closing, $base],
                ['pull-flaps'],
                $place,
            ),
        );
        $spot->draft->task(
            new Task(
                'pull-anchor',
                Phase::Pocket,
                'Anchor the pull waterfall to the page',
                'The liner of the page is on already. The anchor goes round the base under the last flap; its tabs, mountain side down, '
                    .'are taped to the page, the base between them left free. Pull once before you press.',
                $section,
                Adhesive::Tape,
                [$anchor],
                ['pull-strip'],
                $place,
                $spot->face->key,
            ),
        );
    }
}
