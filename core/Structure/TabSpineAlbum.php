<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

use Ephemeron\Blueprint\Act\Depth;
use Ephemeron\Blueprint\Act\Handling;
use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Bare;
use Ephemeron\Blueprint\Caution;
use Ephemeron\Blueprint\Crease;
use Ephemeron\Blueprint\Draft;
use Ephemeron\Blueprint\Fold;
use Ephemeron\Blueprint\GlueZone;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\Panel;
use Ephemeron\Blueprint\PanelRef;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Pouch;
use Ephemeron\Blueprint\Task;
use Ephemeron\Design\MatRule;
use Ephemeron\Design\Parameter;
use Ephemeron\Design\Placed;
use Ephemeron\Design\Values;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\Side;
use Ephemeron\Paper\Stock;
use Ephemeron\Paper\StockRole;

/**
 * An album from a few sheets of double-sided paper, nothing wasted: each sheet folds into two leaves with a tab between
 * that stands inwards, and each sheet's tab is slipped into the hollow of the next. Source: common practice, no published source.
 *
 * A sheet is W = 2p + 2t wide and h tall, with scores at p, p + t and p + 2t. Seen from inside (side A) the outer two are valleys and the
 * middle one is a mountain: the two t panels stand up back to back, with a hollow behind them. Sheet 1 is the cover; its hollow is glued
 * shut. The hollow of sheet k + 1 goes over the tab of sheet k, and the tab of the last sheet takes the middle pocket: a back with f folded
 * over at both ends. The handed-down back of 4 × 8¼ is scored ¼ from both ends, which leaves 7¾, as high as the front of 4 × 7¾ that is
 * glued onto the folds: with f = ¼ the clear height is h − f and the back (h − f) + 2f = h + f.
 *
 * What is left of the sheets, strips (2p + 2t) × r, gives the pocket's back and front, the binding strip and the page pocket; what those
 * leave are photo mats: (W − back) × r, (W − front) × r, (h − p) × (r − b) and (W − h) × r. They are added where the pocket is as wide as
 * the rest is tall, as in the handed-down size, because only then do the strips come out even.
 */
final readonly class TabSpineAlbum implements Structure
{
    public function about(): About
    {
        return new About(
            'tab-spine-album',
            'Tab-spine album',
            'Three double-sided sheets and nothing wasted: leaves with tabs that slip into each other, a pocket in the middle, a '
                .'strip round the spine.',
            Skill::First,
            new Sizing(['leaf-width'], ['leaf-height'], 'sheets'),
        );
    }

    public function parameters(): array
    {
        return [
            Parameter::length(
                'leaf-width',
                'Leaf width',
                'How wide one leaf is, from its score to its fore-edge.',
                Length::inches(2),
                Length::inches(11),
                Length::inches(5, 1, 2),
                Length::millimetres(138),
            ),
            Parameter::length(
                'leaf-height',
                'Leaf height',
                'How tall the book is.',
                Length::inches(3),
                Length::inches(12),
                Length::inches(8),
                Length::millimetres(200),
            ),
            Parameter::length(
                'tab',
                'Tab',
                'How far the tabs stand inwards; a sheet is two leaves and two tabs wide.',
                Length::inches(0, 1, 4),
                Length::inches(1),
                Length::inches(0, 1, 2),
                Length::millimetres(12),
            ),
            Parameter::count(
                'sheets',
                'Sheets',
                'How many sheets make the book; each gives two leaves. More than three get bulky.',
                2,
                6,
                3,
            ),
            Parameter::flag('middle-pocket', 'Middle pocket', 'A pocket on the innermost tab, open at its long side.', true),
            Parameter::length(
                'pocket-width',
                'Middle pocket width',
                'How far the middle pocket reaches into the book.',
                Length::inches(1),
                Length::inches(11),
                Length::inches(4),
                Length::millimetres(105),
            ),
            Parameter::length(
                'pocket-fold',
                'Middle pocket folds',
                'What is folded over at the head and the foot of the pocket’s back to hold its front.',
                Length::inches(0, 1, 8),
                Length::inches(1),
                Length::inches(0, 1, 4),
                Length::millimetres(6),
            ),
            Parameter::length(
                'binding',
                'Binding strip',
                'Breadth of the strip round the spine.',
                Length::inches(0, 1, 2),
                Length::inches(4),
                Length::inches(1, 1, 2),
                Length::millimetres(38),
            ),
            Parameter::flag('rest-mats', 'Photo mats from the rests', 'What the strips leave over, cut as photo mats.', true),
            Parameter::flag('rounded', 'Rounded corners', 'The free corners of the leaves rounded with a ¼ in punch.', true),
        ];
    }

    public function defaultMats(): MatRule
    {
        return MatRule::none();
    }

    /** A pocket as wide as the page, from the third strip. */
    public function defaultFurniture(Values $values, Unit $unit): array
    {
        $depth = $unit === Unit::Inch ? Length::inches(2, 1, 2) : Length::millimetres(60);
        if ($depth->isMoreThan($values->length('leaf-height'))) {
            return [];
        }

        return [new Placed('page-2', 'pocket', new Values([
            'style' => 'top-load',
            'width' => $values->length('leaf-width'),
            'depth' => $depth,
            'up' => Length::zero(),
        ]))];
    }

    public function refusals(Values $values, Notation $notation): array
    {
        if ($values->flag('middle-pocket') && $values->length('pocket-width')->isMoreThan($values->length('leaf-width'))) {
            return [
                'pocket-width' => sprintf(
                    'The middle pocket would stand out of the book: a leaf is %s wide.',
                    $notation->text($values->length('leaf-width')),
                ),
            ];
        }

        return [];
    }

    /** One paper for everything: that is the point of it. */
    public function materials(Unit $unit): array
    {
        $paper = Stock::pattern('Night chart', UsualPapers::square($unit), 180);

        return UsualPapers::of($unit)
            ->with(StockRole::BookSheet, $paper)
            ->with(StockRole::CoverPaper, $paper)
            ->with(StockRole::PocketPaper, $paper)
            ->with(StockRole::InsertCard, $paper)
            ->byRole();
    }

    public function layOut(Brief $brief): Draft
    {
        $draft = $brief->draft();
        $sheets = $brief->values->count('sheets');
        for ($k = 1; $k <= $sheets; $k++) {
            $this->layOutSheet($draft, $brief, $k);
        }
        (new NestedLeaves(
            array_map(static fn (int $k): string => "sheet-{$k}", range(1, $sheets)),
            $this->leaf($brief->values),
        ))->addTo($draft);
        $draft->add(new Bare($brief->stock(StockRole::BookSheet)->caliper->times(2 * $sheets)));

        $this->joinTabs($draft, $brief);
        if ($brief->values->flag('middle-pocket')) {
            $this->addMiddlePocket($draft, $brief);
        }
        $this->bind($draft, $brief);
        if ($brief->values->flag('rest-mats') && $brief->values->flag('middle-pocket')) {
            $this->addRestMats($draft, $brief);
        }

        return $draft;
    }

    private function layOutSheet(Draft $draft, Brief $brief, int $k): void
    {
        $leaf = $this->leaf($brief->values);
        $tab = $brief->values->length('tab');
        $sheet = $this->sheet($brief->values);
        $tabSize = new Size($tab, $leaf->height);
        $at = static fn (Length $x, Size $size): Rectangle => Rectangle::at($x, Length::zero(), $size);
        $hollow = [$at($leaf->width, $tabSize), $at($leaf->width->plus($tab), $tabSize)];
        $draft->part(new Part(
            key: "sheet-{$k}",
            name: $k === 1 ? 'Sheet 1, cover' : "Sheet {$k}",
            section: 'Album sheets',
            size: $sheet,
            role: StockRole::BookSheet,
            creases: [
                Crease::across($sheet, Axis::Width, $leaf->width, Fold::Valley),
                Crease::across($sheet, Axis::Width, $leaf->width->plus($tab), Fold::Mountain),
                Crease::across($sheet, Axis::Width, $leaf->width->plus($tab->times(2)), Fold::Valley),
            ],
            glueZones: array_map(
                static fn (Rectangle $half): GlueZone => new GlueZone($half, Side::B, $k === 1 ? Adhesive::Tape : Adhesive::WetGlue),
                $hollow,
            ),
            panels: [
                new Panel('left', 'left leaf', $at(Length::zero(), $leaf)),
                new Panel('tab-left', 'left half of the tab', $hollow[0]),
                new Panel('tab-right', 'right half of the tab', $hollow[1]),
                new Panel('right', 'right leaf', $at($leaf->width->plus($tab->times(2)), $leaf)),
            ],
            places: [$k === 1 ? 'outermost' : "sheet {$k}"],
            why: sprintf(
                'Two leaves and two halves of the tab: 2 × %s + 2 × %s = %s.',
                $brief->notation->inSums()->number($leaf->width),
                $brief->notation->inSums()->number($tab),
                $brief->notation->inSums()->text($sheet->width),
            ),
        ));
    }

    private function joinTabs(Draft $draft, Brief $brief): void
    {
        $tab = Rectangle::whole(new Size($brief->values->length('tab'), $brief->values->length('leaf-height')));
        $draft->add(
            new Joint(
                new PanelRef('sheet-1', 'tab-left', Side::B),
                new PanelRef('sheet-1', 'tab-right', Side::B),
                $tab,
                Adhesive::Tape,
                Layer::Structure,
                'close-hollow',
            ),
        );
        $draft->task(new Task(
            'close-hollow',
            Phase::Assemble,
            'Close the hollow of the cover sheet',
            'On each side of the middle score and not over it; press the tab together so that it stands inwards.',
            'Album sheets',
            Adhesive::Tape,
            ['sheet-1'],
        ));
        for ($k = 2; $k <= $brief->values->count('sheets'); $k++) {
            $before = $k - 1;
            foreach (['tab-left', 'tab-right'] as $half) {
                $draft->add(
                    new Joint(
                        new PanelRef("sheet-{$k}", $half, Side::B),
                        new PanelRef("sheet-{$before}", $half, Side::A),
                        $tab,
                        Adhesive::WetGlue,
                        Layer::Structure,
                        "join-{$k}",
                    ),
                );
            }
            $draft->task(new Task(
                "join-{$k}",
                Phase::Assemble,
                "Slip sheet {$k} over the tab of sheet {$before}",
                'There is time to push it home. Heads and feet level, press, wipe the ooze.',
                'Album sheets',
                Adhesive::WetGlue,
                ["sheet-{$before}", "sheet-{$k}"],
                [$k === 2 ? 'close-hollow' : "join-{$before}"],
            ));
        }
    }

    private function addMiddlePocket(Draft $draft, Brief $brief): void
    {
        $values = $brief->values;
        $fold = $values->length('pocket-fold');
        $front = $this->pocketFront($values);
        $back = $this->pocketBack($values);
        $last = 'sheet-'.$values->count('sheets');
        $backPart = $draft->part(new Part(
            key: 'middle-pocket-back',
            name: 'Middle pocket, back',
            section: 'Middle pocket',
            size: $back,
            role: StockRole::PocketPaper,
            creases: [
                Crease::across($back, Axis::Height, $fold, Fold::Valley),
                Crease::across($back, Axis::Height, $back->height->minus($fold), Fold::Valley),
            ],
            panels: [
                new Panel('head', 'fold at the head', Rectangle::whole($back)->strip(Edge::Top, $fold)),
                new Panel('back', 'back', Rectangle::at(Length::zero(), $fold, $front)),
                new Panel('foot', 'fold at the foot', Rectangle::whole($back)->strip(Edge::Bottom, $fold)),
            ],
            places: ['middle'],
            why: 'A little taller than the leaf, and folded over at both ends.',
        ));
        $frontPart = $draft->part(
            new Part(
                'middle-pocket-front',
                'Middle pocket, front',
                'Middle pocket',
                $front,
                StockRole::PocketPaper,
                places: ['middle'],
                why: 'As tall as the back is clear between its two folded ends.',
            ),
        );
        $right = 'page-'.(2 * $values->count('sheets'));
        $page = $draft->faces()[$right];
        $area = Rectangle::at(Length::zero(), $page->size->height->minus($front->height)->half(), $front);
        foreach (['head' => Edge::Top, 'foot' => Edge::Bottom] as $flap => $edge) {
            $draft->add(
                new Joint(
                    new PanelRef($frontPart, 'whole', Side::B),
                    new PanelRef($backPart, $flap, Side::B),
                    Rectangle::whole(new Size($front->width, $fold)),
                    Adhesive::WetGlue,
                    Layer::Structure,
                    'middle-pocket',
                    by: $edge,
                    towards: $edge->opposite(),
                ),
            );
        }
        $draft->add(
            new Joint(
                new PanelRef($backPart, 'back', Side::B),
                new PanelRef($last, 'tab-right', Side::A),
                $area,
                Adhesive::WetGlue,
                Layer::Pocket,
                'hang-middle-pocket',
                $right,
            ),
        );
        $draft->add(new Pouch(
            key: 'middle-pocket',
            name: 'Middle pocket',
            face: $right,
            size: $front,
            glued: [Edge::Top, Edge::Bottom, Edge::Left],
            opening: Edge::Right,
            reach: $page->size->width,
            front: new PanelRef($frontPart, 'whole', Side::A),
        ));
        $draft->task(new Task(
            'mitre-tab',
            Phase::Notch,
            'Mitre the corners of the last tab',
            'Clip the two free corners of the innermost tab at 45°, so that they do not show beyond the pocket.',
            'Middle pocket',
            parts: [$last],
            caution: Caution::Knife,
        ));
        $draft->task(new Task(
            'middle-pocket',
            Phase::Assemble,
            'Make the middle pocket',
            'On both folds only. The two long sides stay open.',
            'Middle pocket',
            Adhesive::WetGlue,
            [$backPart, $frontPart],
        ));
        $draft->task(new Task(
            'hang-middle-pocket',
            Phase::Assemble,
            'Slip the middle pocket over the last tab',
            'Wet glue on both sides of the tab, then one open long side of the pocket over it, the same distance from head and foot. The '
                .'other long side is its mouth.',
            'Middle pocket',
            Adhesive::WetGlue,
            [$backPart, $last],
            ['middle-pocket', 'mitre-tab', 'join-'.$values->count('sheets')],
            face: $right,
        ));
    }

    private function bind(Draft $draft, Brief $brief): void
    {
        $strip = new Size($brief->values->length('binding'), $brief->values->length('leaf-height'));
        $part = $draft->part(
            new Part(
                'binding-strip',
                'Binding strip',
                'Cover',
                $strip,
                StockRole::CoverPaper,
                places: ['spine'],
                why: 'As wide as you chose, as tall as the leaves.',
            ),
        );
        $draft->task(new Task(
            'binding-strip',
            Phase::Finish,
            'Bind the spine',
            sprintf(
                'Its edge on the front cover first, straight and level, %s from the fold at the spine; then wrap it round onto the back, '
                    .'where it reaches as far.',
                $brief->notation->text($strip->width->half()),
            ),
            'Cover',
            Adhesive::WetGlue,
            [$part],
            ['join-'.$brief->values->count('sheets')],
            face: 'front-cover',
        ));
        $this->wrapBinding($draft, $brief, $part, $strip);
        if ($brief->values->flag('rounded')) {
            $draft->task(
                new Task(
                    'round-corners',
                    Phase::Finish,
                    'Round the corners',
                    'Punch the free corners of all leaves, a few layers at a time.',
                    'Cover',
                    after: ['binding-strip'],
                    face: 'front-cover',
                    acts: [
                        Handling::setAside(
                            ...array_map(static fn (int $k): string => "sheet-{$k}", range(1, $brief->values->count('sheets'))),
                        ),
                    ],
                ),
            );
        }
    }

    /** Over the outside of both leaves beside the spine, half of it on each. */
    private function wrapBinding(Draft $draft, Brief $brief, string $part, Size $strip): void
    {
        $half = new Size($strip->width->half(), $strip->height);
        $leaf = Rectangle::whole($this->leaf($brief->values));
        foreach (['front-cover' => Edge::Left, 'back-cover' => Edge::Right] as $cover => $spine) {
            $draft->add(new Joint(
                new PanelRef($part, 'whole', Side::B),
                $draft->faces()[$cover]->paper,
                $leaf->strip($spine, Length::shortest($half->width, $leaf->width())),
                Adhesive::WetGlue,
                Layer::Cover,
                'binding-strip',
                $cover,
                depth: Depth::Upon,
            ));
        }
    }

    private function addRestMats(Draft $draft, Brief $brief): void
    {
        $values = $brief->values;
        $strip = $this->sheet($values)->width;
        $rest = $brief->stock(StockRole::BookSheet)->sheet->height->minus($values->length('leaf-height'));
        if (! $rest->equals($values->length('pocket-width'))) {
            return;
        }
        $height = $values->length('leaf-height');
        $mats = [
            new Size($strip->minus($this->pocketBack($values)->height), $rest),
            new Size($strip->minus($this->pocketFront($values)->height), $rest),
            new Size($height->minus($values->length('leaf-width')), $rest->minus($values->length('binding'))),
            new Size($strip->minus($height), $rest),
        ];
        foreach (array_slice($mats, 0, $values->count('sheets') + 1) as $index => $mat) {
            if ($mat->shortSide()->isAtLeast(Length::inches(1))) {
                $draft->part(
                    new Part(
                        'rest-mat-'.($index + 1),
                        'Photo mat from the rests',
                        'Photo mats',
                        $mat,
                        StockRole::InsertCard,
                        upright: false,
                        places: ['loose'],
                        why: 'What the strips beside the sheets leave over: nothing is wasted.',
                    ),
                );
                $draft->task(
                    new Task(
                        'rest-mats',
                        Phase::Fill,
                        'Lay the photo mats from the rests into the pockets',
                        'They take the prints that are chosen later; the large ones go into the middle pocket.',
                        'Photo mats',
                        parts: ['rest-mat-'.($index + 1)],
                        acts: [Handling::setAside('rest-mat-'.($index + 1))],
                    ),
                );
            }
        }
    }

    private function leaf(Values $values): Size
    {
        return new Size($values->length('leaf-width'), $values->length('leaf-height'));
    }

    private function sheet(Values $values): Size
    {
        return new Size($values->length('leaf-width')->plus($values->length('tab'))->times(2), $values->length('leaf-height'));
    }

    private function pocketFront(Values $values): Size
    {
        return new Size($values->length('pocket-width'), $values->length('leaf-height')->minus($values->length('pocket-fold')));
    }

    private function pocketBack(Values $values): Size
    {
        return new Size($values->length('pocket-width'), $values->length('leaf-height')->plus($values->length('pocket-fold')));
    }
}
