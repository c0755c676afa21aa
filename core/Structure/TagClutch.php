<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

use Ephemeron\Blueprint\Act\Fold as FoldPart;
use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Bare;
use Ephemeron\Blueprint\Caution;
use Ephemeron\Blueprint\Corner;
use Ephemeron\Blueprint\Draft;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Flap;
use Ephemeron\Blueprint\GlueZone;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\Lie;
use Ephemeron\Blueprint\Notch;
use Ephemeron\Blueprint\Opening;
use Ephemeron\Blueprint\PanelGrid;
use Ephemeron\Blueprint\PanelRef;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Pose;
use Ephemeron\Blueprint\Reason;
use Ephemeron\Blueprint\Seen;
use Ephemeron\Blueprint\Slit;
use Ephemeron\Blueprint\Task;
use Ephemeron\Blueprint\Trim;
use Ephemeron\Design\Allowances;
use Ephemeron\Design\MatRule;
use Ephemeron\Design\MatSchool;
use Ephemeron\Design\Parameter;
use Ephemeron\Design\Placed;
use Ephemeron\Design\Values;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Polygon;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Geometry\Segment;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\Side;
use Ephemeron\Paper\StockRole;

/**
 * A purse-like folder for tags with four pockets. Source: common practice, no published source.
 *
 * A is a strip: flap | wide | narrow | tab, h tall; wide is ⅛ more than narrow, which folds over it. B is the L page: p − ⅛ twice across
 * and p twice down, with one quarter cut away but for a lip. Closing the geometry: B's straight edge that meets A's tab is the one of 2(p
 * − ⅛) = 7¾, a quarter shorter than the tab is long (8); so the page is p × 7¾ (4 × 7¾), its crease lies across its middle, and the
 * quarter that is left beyond the page folds over one half of it, as large as the pockets D and E (4 × 3⅞). That agrees with the
 * handed-down mats of the page, 3½ × 7½: ½ narrower and ¼ shorter than 4 × 7¾. So the L closes to a top-load pocket (the folded quarter,
 * lower half) and a side-load one (D on the upper half, the lip folded in behind its mouth); E goes onto the back of the page, C (2¾ × h)
 * along the wide panel: four pockets with the folded quarter, C, D and E.
 *
 * Mats: those of the strip are all cut to the narrow panel, so that the fold stays free; page mats keep ⅛ more free at both long sides;
 * mats of the half-height pockets are as wide as these and a hairline shorter than the pocket at head and foot; those of long pocket and
 * flap are as tall as the page mats.
 */
final readonly class TagClutch implements Structure
{
    public function about(): About
    {
        return new About(
            'tag-clutch',
            'Tag clutch',
            'A purse-like folder from two sheets of card with four pockets for tags, closed by a flap.',
            Skill::Some,
            new Sizing(['panel'], ['height']),
        );
    }

    public function parameters(): array
    {
        $eighth = Length::inches(0, 1, 8);

        return [
            Parameter::length(
                'panel',
                'Panel',
                'Width of the narrow panel; the wide one is a little more.',
                Length::inches(2, 1, 2),
                Length::inches(6),
                Length::inches(4),
                Length::millimetres(100),
            ),
            Parameter::length(
                'height',
                'Height',
                'How tall the clutch is.',
                Length::inches(4),
                Length::inches(12),
                Length::inches(8),
                Length::millimetres(200),
            ),
            Parameter::length(
                'flap',
                'Flap',
                'How far the closing flap reaches over the front.',
                Length::inches(1, 1, 2),
                Length::inches(5),
                Length::inches(2, 7, 8),
                Length::millimetres(70),
            ),
            Parameter::length(
                'tab',
                'Tab',
                'That the L page is taped to.',
                Length::inches(0, 1, 2),
                Length::inches(2),
                Length::inches(1),
                Length::millimetres(25),
            ),
            Parameter::length(
                'more',
                'Wide panel more by',
                'So that the narrow one folds over it without binding.',
                Length::inches(0, 1, 16),
                Length::inches(0, 1, 2),
                $eighth,
                Length::millimetres(3),
            ),
            Parameter::length(
                'lip',
                'Lip',
                'What stays of the quarter that is cut away.',
                Length::inches(0, 1, 4),
                Length::inches(1),
                Length::inches(0, 1, 2),
                Length::millimetres(12),
            ),
            Parameter::length(
                'long-pocket',
                'Long pocket',
                'Width of the pocket along the wide panel.',
                Length::inches(1),
                Length::inches(5),
                Length::inches(2, 3, 4),
                Length::millimetres(70),
            ),
            Parameter::choice(
                'closing',
                'Closed with',
                'What holds the flap.',
                [
                    'magnets' => 'magnets',
                    'hook-and-loop-dot' => 'a hook-and-loop dot',
                    'paper-clip' => 'a paper clip',
                    'ribbon-tie' => 'a ribbon',
                ],
                'magnets',
            ),
        ];
    }

    public function defaultMats(): MatRule
    {
        return new MatRule(MatSchool::Fine, 1);
    }

    public function refusals(Values $values, Notation $notation): array
    {
        return array_filter([
            'long-pocket' => $values->length('long-pocket')->isMoreThan($values->length('panel')) ? sprintf(
                'The panel is only %s wide.',
                $notation->text($values->length('panel')),
            ) : null,
            'flap' => $values->length('flap')->isMoreThan($values->length('panel')) ? sprintf(
                'The flap would reach over the far edge of the front, which is %s wide.',
                $notation->text($values->length('panel')),
            ) : null,
        ]);
    }

    public function defaultFurniture(Values $values, Unit $unit): array
    {
        $closing = $values->choice('closing');
        $pairs = (new Allowances($unit))->magnetPairs($values->length('height'));

        return [
            new Placed(
                'front-cover/flap/front',
                $closing,
                new Values($closing === 'magnets' ? ['pairs' => $pairs, 'edge' => 'right'] : []),
            ),
        ];
    }

    public function materials(Unit $unit): array
    {
        return UsualPapers::of($unit)->byRole();
    }

    public function layOut(Brief $brief): Draft
    {
        $draft = $brief->draft();
        $strip = $this->addStrip($draft, $brief);
        $page = $this->addPage($draft, $brief);
        $this->addPockets($draft, $brief, $page);
        $this->addFaces($draft, $brief, $strip, $page);
        $draft->add(new Bare($brief->stock(StockRole::StructureCard)->caliper->times(7)));

        return $draft;
    }

    private function addStrip(Draft $draft, Brief $brief): PanelGrid
    {
        $values = $brief->values;
        $panel = $values->length('panel');
        $grid = PanelGrid::columns(
            [
                'flap' => $values->length('flap'),
                'wide' => $panel->plus($values->length('more')),
                'narrow' => $panel,
                'tab' => $values->length('tab'),
            ],
            $values->length('height'),
        );
        $draft->part(
            new Part(
                'strip',
                'Strip',
                'Clutch',
                $grid->size(),
                StockRole::StructureCard,
                creases: $grid->creases(),
                glueZones: [new GlueZone($grid->area('tab'), Side::B, Adhesive::Tape)],
                panels: $grid->panels(),
                places: ['clutch'],
                corners: Corner::along(Edge::Left, Trim::Rounded, (new Allowances($brief->notation->unit))->tab()),
                why: "Flap, wide and narrow panel, tab: {$grid->inWords($brief->notation)}.",
            ),
        );
        $draft->add(new Reason('panel', "strip {$grid->inWords($brief->notation)}"));

        return $grid;
    }

    /** @return Size the page it makes */
    private function addPage(Draft $draft, Brief $brief): Size
    {
        $values = $brief->values;
        $panel = $values->length('panel');
        $half = $values->length('height')->half()->minus((new Allowances($brief->notation->unit))->fine());
        $grid = new PanelGrid(['upper' => $half, 'lower' => $half], ['beyond' => $panel, 'page' => $panel]);
        $gone = $grid->area('upper', 'beyond');
        $lip = $values->length('lip');
        $cut = Rectangle::at($gone->left(), $gone->top(), new Size($gone->width(), $gone->height()->minus($lip)));
        $draft->part(
            new Part(
                'page',
                'L page',
                'Clutch',
                $grid->size(),
                StockRole::StructureCard,
                creases: $grid->creases(),
                slits: [new Slit(Segment::across(Axis::Width, $half, $panel->minus($lip), $panel))],
                panels: $grid->panels(),
                upright: false,
                places: ['clutch'],
                cutAways: [Polygon::of($cut)],
                why: "Twice half the height less ⅛ in (3 mm), twice the panel: {$grid->inWords($brief->notation)}; one quarter is cut "
                    .'away but for the lip.',
            ),
        );
        $draft->add(
            new Reason(
                'height',
                sprintf(
                    'page 2 × %s = %s tall',
                    $brief->notation->inSums()->number($half),
                    $brief->notation->inSums()->text($half->times(2)),
                ),
            ),
        );
        $draft->task(
            new Task(
                'fold-page',
                Phase::Fold,
                'Cut and fold the L page',
                sprintf(
                    'Outside the scores one quarter is cut away, but for a lip of %s, which is snipped free of the quarter beside it and '
                        .'folds in. That quarter folds over its half of the page.',
                    $brief->notation->text($lip),
                ),
                'Clutch',
                parts: ['page'],
                caution: Caution::Knife,
                acts: [new FoldPart('page')],
            ),
        );
        $tab = $brief->values->length('tab');
        // The L lies on its side on the sheet: its straight edge is below.
        $draft->add(
            new Joint(
                new PanelRef('page', 'lower-page', Side::B),
                new PanelRef('strip', 'tab', Side::A),
                Rectangle::at(Length::zero(), $half, new Size($tab, $half)),
                Adhesive::Tape,
                Layer::Structure,
                'hang-page',
                isLap: true,
                by: Edge::Bottom,
                towards: Edge::Left,
            ),
        );
        $draft->task(
            new Task(
                'hang-page',
                Phase::Assemble,
                'Tape the page to the strip',
                'The straight edge of the L onto the tab, equal at both ends, up to the score; the L points down.',
                'Clutch',
                Adhesive::Tape,
                ['strip', 'page'],
            ),
        );

        return new Size($panel, $half->times(2));
    }

    private function addPockets(Draft $draft, Brief $brief, Size $page): void
    {
        $half = new Size($page->width, $page->height->half());
        $notch = (new Allowances($brief->notation->unit))->notch();
        $long = new Size($brief->values->length('long-pocket'), $brief->values->length('height'));
        $draft->part(
            new Part(
                'long-pocket',
                'Long pocket',
                'Pockets',
                $long,
                StockRole::StructureCard,
                notches: [new Notch(Rectangle::whole($long)->middleOf(Edge::Left), Edge::Left, $notch)],
                places: ['wide panel'],
                why: 'As tall as the clutch.',
            ),
        );
        $edge = Edge::Right;
        $draft->part(
            new Part(
                'side-pocket',
                'Side-load pocket',
                'Pockets',
                $half,
                StockRole::StructureCard,
                notches: [new Notch(Rectangle::whole($half)->middleOf($edge), $edge, $notch)],
                places: ['page, upper half'],
                why: 'Half the page.',
            ),
        );
        $draft->part(
            new Part(
                'top-pocket',
                'Top-load pocket',
                'Pockets',
                $half,
                StockRole::StructureCard,
                notches: [new Notch(Rectangle::whole($half)->middleOf(Edge::Top), Edge::Top, $notch)],
                places: ['back of the page'],
                why: 'Half the page.',
            ),
        );
        $draft->task(
            new Task(
                'close-l',
                Phase::Assemble,
                'Close the L',
                'The folded quarter opens at its top, towards the middle; the pocket on the other half opens at the fore-edge, over the '
                    .'lip.',
                'Pockets',
                Adhesive::WetGlue,
                ['page', 'side-pocket'],
                ['hang-page', 'angle-mat'],
            ),
        );
        $draft->task(
            new Task(
                'glue-pockets',
                Phase::Assemble,
                'Glue the other pockets',
                'Dry-fit them between the scores first.',
                'Pockets',
                Adhesive::WetGlue,
                ['long-pocket', 'top-pocket'],
                ['hang-page'],
            ),
        );
    }

    private function addFaces(Draft $draft, Brief $brief, PanelGrid $strip, Size $page): void
    {
        $allow = new Allowances($brief->notation->unit);
        $fine = $allow->fine();
        $values = $brief->values;
        $narrow = $strip->area('narrow')->size();
        $wide = $strip->area('wide')->size();
        $face = static function (Face $face, Rectangle $matted) use ($draft): Face {
            $draft->face($face->mattedWithin($matted));

            return $face;
        };
        $reading = new ReadingOrder($draft);
        $front = $reading->frontCover($narrow, new PanelRef('strip', 'narrow', Side::B));
        $left = $face(
            $reading->page($wide, new PanelRef('strip', 'wide', Side::A), Edge::Right, 'wide panel'),
            Rectangle::centred($narrow, $wide),
        );
        $pageArea = Rectangle::centred(new Size($page->width->minus($fine->times(2)), $page->height), $page);
        $outside = $face(
            $reading->page($page, new PanelRef('page', 'lower-page', Side::B), Edge::Right, 'back of the L page', Lie::HeadLeft),
            $pageArea,
        );
        $inside = $reading->page($narrow, new PanelRef('strip', 'narrow', Side::A), Edge::Left, 'narrow panel');
        $l = $face($reading->page($page, new PanelRef('page', 'lower-page', Side::A), Edge::Left, 'L page', Lie::HeadRight), $pageArea);
        $back = $face($reading->backCover($wide, new PanelRef('strip', 'wide', Side::B)), Rectangle::centred($narrow, $wide));
        $draft->add(new Opening($left->key, $outside->key));
        $draft->add(new Opening($inside->key, $l->key));
        $this->addFlap($draft, $values, $front, $fine);

        $half = new Size($page->width, $page->height->half());
        // As wide as the page mats, a hairline short at head and foot: the fine border of an area that much larger.
        $small = Rectangle::centred(new Size($page->width->minus($fine->times(2)), $half->height->plus($fine)), $half);
        $long = new Size($values->length('long-pocket'), $values->length('height'));
        $fronts = [
            [
                (new PocketFront(
                    'Long pocket',
                    new PanelRef('long-pocket', 'whole', Side::A),
                    Rectangle::whole($wide)->strip(Edge::Right, $long->width),
                    [Edge::Top, Edge::Bottom, Edge::Right],
                    Edge::Left,
                    'glue-pockets',
                ))->on($draft, $left),
                Rectangle::centred(new Size($long->width, $long->height->minus($fine->times(2))), $long),
            ],
            [
                (new PocketFront(
                    'Top-load pocket',
                    new PanelRef('top-pocket', 'whole', Side::A),
                    Rectangle::whole($page)->strip(Edge::Bottom, $half->height),
                    [Edge::Left, Edge::Right, Edge::Bottom],
                    Edge::Top,
                    'glue-pockets',
                ))->on($draft, $outside),
                $small,
            ],
            [
                (new PocketFront(
                    'Side-load pocket',
                    new PanelRef('side-pocket', 'whole', Side::A),
                    Rectangle::whole($page)->strip(Edge::Top, $half->height),
                    [Edge::Top, Edge::Bottom, Edge::Left],
                    Edge::Right,
                    'close-l',
                ))->on($draft, $l),
                $small,
            ],
        ];
        foreach ($fronts as [$pocket, $matted]) {
            $draft->face($pocket->mattedWithin($matted));
        }
        (new PocketFront(
            'Folded pocket',
            new PanelRef('page', 'lower-beyond', Side::B),
            Rectangle::whole($page)->strip(Edge::Bottom, $half->height),
            [Edge::Left, Edge::Bottom],
            Edge::Top,
            'close-l',
            takesMat: false,
        ))->on($draft, $l);
        $draft->task(
            new Task(
                'angle-mat',
                Phase::Slit,
                'Cut the mat of the L page aslant',
                sprintf(
                    'The mat of the L page is cut aslant on one half to fit the L: %s off each side at its head, running out to nothing '
                        .'at the middle crease. It goes on before the L is closed.',
                    $brief->notation->text($allow->either(Length::inches(0, 3, 4), Length::millimetres(20))),
                ),
                'Page mats',
                caution: Caution::Knife,
            ),
        );
        $draft->add(Pose::row(Pose::CLOSED, 'Closed', Seen::face($front)));
        $draft->add(Pose::row(Pose::OPENED, 'Opened', Seen::face($left), Seen::face($inside), Seen::face($l)));
        $draft->add(Pose::row('outside', 'Outside', Seen::face($front), Seen::face($back)));
    }

    private function addFlap(Draft $draft, Values $values, Face $front, Length $fine): void
    {
        $size = new Size($values->length('flap'), $values->length('height'));
        $outer = $front->front(
            'front-cover/flap/front',
            'Closing flap',
            $size,
            new PanelRef('strip', 'flap', Side::B),
            true,
            Edge::Left,
            true,
        );
        $inner = $outer->reverse('front-cover/flap/inside', 'Closing flap, inside', false);
        // The closure wants its own strip of the flap: the mat leaves it free.
        $free = $fine->times(9);
        $mat = new Size(Length::longest($size->width->minus($free), Length::inches(0, 1, 2)), $size->height->minus($fine->times(2)));
        $draft->face($outer->mattedWithin(Rectangle::at(Length::zero(), $fine, $mat)));
        $draft->face($inner);
        $draft->add(
            new Flap(
                'front-cover/flap',
                'Closing flap',
                $front->key,
                Rectangle::whole($front->size)->strip(Edge::Left, $size->width),
                Edge::Left,
                $outer->key,
                $inner->key,
            ),
        );
    }
}
