<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

use Ephemeron\Binding\BoardCase;
use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Bare;
use Ephemeron\Blueprint\Draft;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Gusset;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\Opening;
use Ephemeron\Blueprint\PanelRef;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Pose;
use Ephemeron\Blueprint\Reason;
use Ephemeron\Blueprint\Seen;
use Ephemeron\Blueprint\Task;
use Ephemeron\Design\Allowances;
use Ephemeron\Design\FaceMats;
use Ephemeron\Design\MatRule;
use Ephemeron\Design\MatSchool;
use Ephemeron\Design\Parameter;
use Ephemeron\Design\Placed;
use Ephemeron\Design\Values;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\ToolGrid;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\Side;
use Ephemeron\Paper\StockRole;

/**
 * A hard cover that opens like a folder: an expanding pocket at the left, at the right a flap with a pocket on each side over a waterfall.
 * Source: common practice, no published source.
 *
 * Boards w × h and a spine board s × h. Outside mats leave a hairline (5⅝ × 8 → 5½ × 7⅞; 1½ × 8 → 1⅜ × 7⅞); the liner of the spine inside
 * ends a quarter before both ends and is the line everything inside is laid out from. The waterfall lies on a base of its own, ⅝ narrower
 * and ½ shorter than the board; the flap over it is as large as the base and turns on a hinge ⅛ inside the fore-edge. The liner above the
 * pocket is as wide as the mats of its flap; two tabs' height stays free between it and the pocket: one for the flap's tab, one for the
 * mouth to open.
 *
 * The joints are bridged by a strip that reaches ⅝ beyond the spine board on both sides.
 */
final readonly class BoardFolder implements Structure
{
    public function about(): About
    {
        return new About(
            'board-folder',
            'Board folder',
            'A hard cover with an expanding pocket on one side and a waterfall under a flap on the other.',
            Skill::Patient,
            new Sizing(['board-width'], ['board-height']),
        );
    }

    public function parameters(): array
    {
        return [
            Parameter::length(
                'board-width',
                'Board width',
                'Of one cover board.',
                Length::inches(3),
                Length::inches(11),
                Length::inches(5, 5, 8),
                Length::millimetres(140),
            ),
            Parameter::length(
                'board-height',
                'Board height',
                'How tall the folder is.',
                Length::inches(4),
                Length::inches(12),
                Length::inches(8),
                Length::millimetres(200),
            ),
            Parameter::length(
                'spine',
                'Spine width',
                'Room for the expanding pocket and the waterfall.',
                Length::inches(0, 1, 2),
                Length::inches(4),
                Length::inches(1, 1, 2),
                Length::millimetres(38),
            ),
            Parameter::length(
                'pocket-front',
                'Height of the pocket',
                'Front of the expanding pocket.',
                Length::inches(2),
                Length::inches(10),
                Length::inches(5),
                Length::millimetres(126),
            ),
            Parameter::length(
                'gap',
                'Board gap',
                'Between spine board and cover boards: two thicknesses of board, about ⅛ in (3 mm).',
                Length::inches(0, 1, 16),
                Length::inches(0, 1, 2),
                Length::inches(0, 1, 8),
                Length::millimetres(3),
            ),
        ];
    }

    public function defaultMats(): MatRule
    {
        return new MatRule(MatSchool::Hairline, 1, ['page' => new FaceMats(layers: 0)]);
    }

    public function refusals(Values $values, Notation $notation): array
    {
        $room = $values->length('board-height')->minus(Length::inches(1));

        return $values->length('pocket-front')->isMoreThan($room)
            ? ['pocket-front' => sprintf('The board is %s tall: with the flap of the pocket above it, its front may be %s at the '
                .'most.', $notation->text($values->length('board-height')), $notation->text($room))]
            : [];
    }

    public function defaultFurniture(Values $values, Unit $unit): array
    {
        $allow = new Allowances($unit);
        $base = $this->base($values, $allow);
        $front = $values->length('pocket-front');
        $grid = ToolGrid::usualGroovesFor($unit);
        $width = $values->length('board-width')->minus($allow->fine());
        // Half the pocket’s front and ⅛ more: 5 and 2⅝.
        $flapDepth = $front->half()->plus($allow->fine());
        $step = $allow->tab();

        return [
            new Placed('front-cover', 'ribbon-tie', new Values(['length' => $allow->either(Length::inches(25), Length::millimetres(640))])),
            new Placed('page-1', 'expanding-pocket', new Values(
                [
                    'width' => $width,
                    'depth' => $front,
                    'opens' => $allow->either(Length::inches(0, 3, 4), Length::millimetres(20)),
                    'flap' => 'yes',
                    'flap-width' => $base->width,
                    'flap-depth' => $flapDepth,
                ],
            ), [
                new Placed('front', 'magnets', new Values(['edge' => 'top', 'pairs' => $allow->magnetPairs($width)])),
            ]),
            new Placed(
                'page-2/base',
                'waterfall',
                new Values(
                    [
                        'flaps' => 5,
                        'breadth' => $base->width->minus($allow->tab()),
                        'reach' => $grid->down($base->height->minus($step->times(5))),
                        'step' => $step,
                        'ending-clear' => $step,
                        'ending-breadth' => $base->width,
                        'insides' => 'bare',
                    ],
                ),
            ),
            new Placed('page-2/base', 'cord', new Values),
            new Placed('page-2', 'flap', new Values(
                ['edge' => 'right', 'reach' => $base->width, 'breadth' => $base->height, 'inset' => $allow->fine()],
            ), [
                new Placed(
                    'front',
                    'pocket',
                    new Values(
                        [
                            'paper' => 'card',
                            'order' => 'pocket-first',
                            'width' => $base->width,
                            'depth' => $grid->down($base->height->portion(2, 5)),
                            'up' => Length::zero(),
                        ],
                    ),
                ),
                new Placed(
                    'inside',
                    'pocket',
                    new Values(
                        [
                            'paper' => 'card',
                            'order' => 'pocket-first',
                            'width' => $base->width,
                            'depth' => $flapDepth,
                            'up' => Length::zero(),
                        ],
                    ),
                ),
                new Placed('inside', 'magnets', new Values(['edge' => 'left', 'pairs' => $allow->magnetPairs($base->height)])),
            ]),
        ];
    }

    public function materials(Unit $unit): array
    {
        return UsualPapers::of($unit)->byRole();
    }

    public function layOut(Brief $brief): Draft
    {
        $draft = $brief->draft();
        $values = $brief->values;
        $notation = $brief->notation;
        $allow = new Allowances($notation->unit);
        $board = new Size($values->length('board-width'), $values->length('board-height'));
        $spine = $values->length('spine');
        $reach = $allow->either(Length::inches(0, 5, 8), Length::millimetres(16));
        $case = new BoardCase(
            $board,
            $spine,
            $values->length('gap'),
            new Size($spine->plus($reach->times(2)), $board->height),
            null,
            'As you chose.',
            'As wide as you chose, as tall as the boards.',
        );
        $case->addTo($draft, $notation);
        $this->addLiners($draft, $brief, $board);
        $inside = $this->addFaces($draft, $board, $spine);
        $this->addBase($draft, $brief, $inside);
        $boards = $brief->stock(StockRole::Board)->caliper;
        $draft->add(new Bare($boards->times(2)));
        $panels = [PanelRef::whole(BoardCase::SPINE)];
        $draft->add(new Gusset('the spine', $spine, Length::zero(), ['page-1', 'page-2'], 'spine', 1, panels: $panels));
        $draft->add(
            new Reason(
                'board-width',
                sprintf(
                    'base of the waterfall %s − %s = %s wide',
                    $notation->inSums()->number($board->width),
                    $notation->inSums()->number($board->width->minus($this->base($values, $allow)->width)),
                    $notation->inSums()->text($this->base($values, $allow)->width),
                ),
            ),
        );
        $draft->add(
            new Reason(
                'board-height',
                sprintf(
                    'spine liner %s − 2 × %s = %s',
                    $notation->inSums()->number($board->height),
                    $notation->inSums()->number($allow->quarter()),
                    $notation->inSums()->text($board->height->minus($allow->quarter()->times(2))),
                ),
            ),
        );

        return $draft;
    }

    private function addLiners(Draft $draft, Brief $brief, Size $board): void
    {
        $notation = $brief->notation;
        $allow = new Allowances($notation->unit);
        $spine = $brief->values->length('spine');
        $liner = new Size($spine->minus($allow->hairline()->times(2)), $board->height->minus($allow->quarter()->times(2)));
        $draft->part(
            new Part(
                'spine-liner',
                'Spine liner, inside',
                'Case',
                $liner,
                StockRole::MatBase,
                places: ['spine'],
                why: sprintf('A hairline narrower than the spine on both sides, %s short at each end.', $notation->text($allow->quarter())),
            ),
        );
        $draft->add(new Joint(
            new PanelRef('spine-liner', 'whole', Side::B),
            new PanelRef(BoardCase::SPINE, 'whole', Side::B),
            Rectangle::centred($liner, new Size($spine, $board->height)),
            Adhesive::WetGlue,
            Layer::Cover,
            'spine-liner',
        ));
        $draft->task(
            new Task(
                'spine-liner',
                Phase::Assemble,
                'Glue the spine liner',
                'Inside, in the middle of the spine board, equal at both ends. Everything inside is lined up with its ends.',
                'Case',
                Adhesive::WetGlue,
                ['spine-liner'],
                ['make-case'],
            ),
        );
        $above = $board->height->minus($brief->values->length('pocket-front'), $allow->tab()->times(2));
        if ($above->isMoreThan($allow->tab())) {
            $size = new Size($this->base($brief->values, $allow)->width->minus($allow->fine()), $above);
            $draft->part(
                new Part(
                    'pocket-liner',
                    'Liner above the pocket',
                    'Expanding pocket',
                    $size,
                    StockRole::MatBase,
                    places: ['inside the front cover'],
                    why: 'As wide as the mats of the flap; a tab’s height free for the flap and one for the mouth.',
                ),
            );
            $head = Rectangle::at($board->width->minus($size->width)->half(), $allow->quarter(), $size);
            $draft->add(new Joint(
                new PanelRef('pocket-liner', 'whole', Side::B),
                new PanelRef(BoardCase::BOARD, 'whole', Side::B),
                $head,
                Adhesive::WetGlue,
                Layer::Mat,
                'pocket-liner',
                'page-1',
            ));
            $draft->task(
                new Task(
                    'pocket-liner',
                    Phase::Mat,
                    'Line the board above the pocket',
                    'Level with the head of the spine liner; it covers the tab of the pocket’s flap.',
                    'Expanding pocket',
                    Adhesive::WetGlue,
                    ['pocket-liner'],
                    ['spine-liner'],
                    face: 'page-1',
                ),
            );
        }
    }

    /** @return Face the inside of the back cover */
    private function addFaces(Draft $draft, Size $board, Length $spine): Face
    {
        $reading = new ReadingOrder($draft);
        $outside = new PanelRef(BoardCase::BOARD, 'whole', Side::A);
        $inner = new PanelRef(BoardCase::BOARD, 'whole', Side::B);
        $front = $reading->frontCover($board, $outside);
        $left = $reading->page($board, $inner, Edge::Right, 'inside the front cover');
        $right = $reading->page($board, $inner, Edge::Left, 'inside the back cover');
        $back = $reading->backCover($board, $outside);
        $size = new Size($spine, $board->height);
        $spineFace = $reading->named('spine', 'Spine', $size, new PanelRef(BoardCase::SPINE, 'whole', Side::A));
        $draft->add(new Opening($left->key, $right->key));
        $draft->add(Pose::row(Pose::CLOSED, 'Closed', Seen::face($front)));
        $draft->add(
            Pose::row(
                Pose::OPENED,
                'Opened',
                Seen::face($left),
                Seen::bare(new PanelRef(BoardCase::SPINE, 'whole', Side::B), $size),
                Seen::face($right),
            ),
        );
        $draft->add(Pose::row('outside', 'Outside', Seen::face($back), Seen::face($spineFace), Seen::face($front)));

        return $right;
    }

    private function addBase(Draft $draft, Brief $brief, Face $inside): void
    {
        $size = $this->base($brief->values, new Allowances($brief->notation->unit));
        $part = $draft->part(
            new Part(
                'waterfall-base',
                'Waterfall base',
                'Waterfall',
                $size,
                StockRole::StructureCard,
                places: ['inside the back cover'],
                why: 'Smaller than the board, so that the flap over it closes inside the cover.',
            ),
        );
        $area = Rectangle::centred($size, $inside->size);
        $draft->add(
            new Joint(
                new PanelRef($part, 'whole', Side::B),
                $inside->paper,
                $area,
                Adhesive::WetGlue,
                Layer::Structure,
                'waterfall-base',
                $inside->key,
            ),
        );
        $draft->task(
            new Task(
                'waterfall-base',
                Phase::Closure,
                'Glue in the base of the waterfall',
                'Build the waterfall on it first or here; head and foot level with the spine liner. The flap comes over it.',
                'Waterfall',
                Adhesive::WetGlue,
                [$part],
                ['spine-liner'],
                face: $inside->key,
            ),
        );
        $draft->face($inside->front("{$inside->key}/base", 'Base of the waterfall', $size, new PanelRef($part, 'whole', Side::A)));
    }

    private function base(Values $values, Allowances $allow): Size
    {
        return new Size(
            $values->length('board-width')->minus($allow->either(Length::inches(0, 5, 8), Length::millimetres(16))),
            $values->length('board-height')->minus($allow->quarter()->times(2)),
        );
    }
}
