<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

use Ephemeron\Binding\BoardCase;
use Ephemeron\Binding\SteppedFins;
use Ephemeron\Blueprint\Act\Handling;
use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Bare;
use Ephemeron\Blueprint\Draft;
use Ephemeron\Blueprint\Fold;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\PanelGrid;
use Ephemeron\Blueprint\PanelRef;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Pouch;
use Ephemeron\Blueprint\Reason;
use Ephemeron\Blueprint\Task;
use Ephemeron\Design\Allowances;
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
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\Side;
use Ephemeron\Paper\StockRole;

/**
 * Pages built loose and slipped over the mitred fins of a cover. Source: common practice, no published source.
 *
 * A page is a blank 2p × h folded at the fore-edge, so it is double and open at the spine; the fin goes between front and back. The score
 * of the fin is the stop, and only the outer ½ takes glue, on both sides, so that the page can turn. The cover is a quarter larger than
 * the page both ways.
 */
final readonly class MitredTabAlbum implements Structure
{
    public function about(): About
    {
        return new About(
            'mitred-tab-album',
            'Mitred-tab album',
            'Double pages made one by one at the table and slipped over the fins of a hard cover at the end.',
            Skill::Some,
            new Sizing(['page-width'], ['page-height'], 'units'),
        );
    }

    public function parameters(): array
    {
        return [
            Parameter::length(
                'page-width',
                'Page width',
                'The blank is twice as wide, folded at the fore-edge.',
                Length::inches(2),
                Length::inches(12),
                Length::inches(6),
                Length::millimetres(150),
            ),
            Parameter::length(
                'page-height',
                'Page height',
                'How tall the pages are.',
                Length::inches(3),
                Length::inches(12),
                Length::inches(8),
                Length::millimetres(200),
            ),
            Parameter::count('units', 'Binding units', 'Each binds two pages.', 1, 6, 3),
            Parameter::length(
                'fin',
                'Fin width',
                'Of the binding units.',
                Length::inches(0, 1, 2),
                Length::inches(1, 1, 2),
                Length::inches(0, 3, 4),
                Length::millimetres(20),
            ),
            Parameter::length(
                'held',
                'Glued part',
                'The outer part of the fin that takes glue.',
                Length::inches(0, 1, 4),
                Length::inches(1),
                Length::inches(0, 1, 2),
                Length::millimetres(12),
            ),
            Parameter::length(
                'mitre',
                'Mitre',
                'How far the free corners of the fins are clipped.',
                Length::inches(0, 1, 8),
                Length::inches(1),
                Length::inches(0, 1, 4),
                Length::millimetres(6),
            ),
            Parameter::length(
                'channel',
                'First channel',
                'Of the innermost binding unit.',
                Length::inches(0, 1, 8),
                Length::inches(1),
                Length::inches(0, 1, 4),
                Length::millimetres(6),
            ),
            Parameter::length(
                'page-gap',
                'Page gap',
                'Between two pages at the spine.',
                Length::inches(0, 1, 8),
                Length::inches(1),
                Length::inches(0, 1, 4),
                Length::millimetres(6),
            ),
            Parameter::choice(
                'closed',
                'Pages closed at',
                'Which edges of a double page are glued before it is bound.',
                ['foot' => 'the foot: open at the head as a pocket', 'both' => 'head and foot', 'none' => 'nowhere'],
                'foot',
            ),
        ];
    }

    public function defaultMats(): MatRule
    {
        return new MatRule(MatSchool::Fine, 1);
    }

    public function refusals(Values $values, Notation $notation): array
    {
        $fin = $values->length('fin');

        return array_filter([
            'held' => $values->length('held')->isMoreThan($fin) ? sprintf('The fin is only %s wide.', $notation->text($fin)) : null,
            'mitre' => $values->length('mitre')->isMoreThan($fin) ? sprintf(
                'The mitre may be %s at the most, the width of the fin.',
                $notation->text($fin),
            ) : null,
        ]);
    }

    public function defaultFurniture(Values $values, Unit $unit): array
    {
        return [new Placed('front-cover', 'ribbon-tie', new Values)];
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
        $page = new Size($values->length('page-width'), $values->length('page-height'));
        $fins = new SteppedFins(
            $values->count('units'),
            $values->length('fin'),
            $values->length('channel'),
            $values->length('page-gap'),
            $page->height,
            $values->length('mitre'),
            $values->length('held'),
        );
        $spine = $fins->widest()->plus($allow->quarter());
        $board = $page->plus($allow->quarter());
        $wrap = new Size($spine->plus($allow->fine()->times(2), $allow->tab()->times(2)), $board->height);
        (new BoardCase(
            $board,
            $spine,
            $allow->fine(),
            $wrap,
            new Size($wrap->width, $board->height->minus($allow->tab())),
            "The page and {$notation->text($allow->quarter())} each way.",
            "The last channel and {$notation->text($allow->quarter())}.",
        ))->addTo($draft, $notation);
        $fins->addTo($draft, $notation, BoardCase::SPINE, 'make-case');
        $count = 2 * $values->count('units');
        $this->addPages($draft, $brief, $page, $count);
        $fins->bind(
            $draft,
            array_fill(0, $count, [new PanelRef('page', 'front', Side::B), new PanelRef('page', 'back', Side::B)]),
            'slip-pages',
        );
        $sides = [new PanelRef('page', 'front', Side::A), new PanelRef('page', 'back', Side::A)];
        foreach ((new CasedBook($draft, new ReadingOrder($draft)))->addFaces($page, array_fill(0, $count, $sides)) as $index => [$recto]) {
            if ($values->choice('closed') === 'foot') {
                $draft->add(
                    new Pouch(
                        'page-'.($index + 1).'-inside',
                        'Leaf '.($index + 1).', between its halves',
                        $recto->key,
                        new Size($page->width->minus($values->length('held')), $page->height),
                        [Edge::Bottom],
                        Edge::Top,
                        $page->height,
                        front: $recto->paper,
                        behind: new PanelRef('page', 'back', Side::B),
                    ),
                );
            }
        }
        $card = $brief->stock(StockRole::StructureCard)->caliper;
        $leaves = $card->times(3 * $count);
        $draft->add(new Bare($leaves->plus($brief->stock(StockRole::Board)->caliper->times(2))));
        $inner = $draft->pageKeys();
        $draft->add($fins->gusset($leaves, $inner));

        return $draft;
    }

    private function addPages(Draft $draft, Brief $brief, Size $page, int $count): void
    {
        $values = $brief->values;
        $grid = PanelGrid::columns(['front' => $page->width, 'back' => $page->width], $page->height);
        $places = array_map(static fn (int $number): string => "leaf {$number}", range(1, $count));
        $draft->part(
            new Part(
                'page',
                'Page',
                'Pages',
                $grid->size(),
                StockRole::StructureCard,
                $count,
                $grid->creases(Fold::Mountain),
                panels: $grid->panels(),
                places: $places,
                why: "Twice the page: {$grid->inWords($brief->notation)}.",
            ),
        );
        $draft->add(new Reason('page-width', "blank {$grid->inWords($brief->notation)}"));
        if ($values->choice('closed') !== 'none') {
            $edges = $values->choice('closed') === 'both' ? [Edge::Top, Edge::Bottom] : [Edge::Bottom];
            foreach ($edges as $edge) {
                $bead = Rectangle::whole($page)->strip($edge, Pouch::glueLoss());
                $draft->add(
                    new Joint(
                        new PanelRef('page', 'front', Side::B),
                        new PanelRef('page', 'back', Side::B),
                        $bead,
                        Adhesive::WetGlue,
                        Layer::Structure,
                        'close-pages',
                        isLap: true,
                    ),
                );
            }
            $draft->task(
                new Task(
                    'close-pages',
                    Phase::Assemble,
                    $values->choice('closed') === 'both' ? 'Glue the pages at head and foot' : 'Glue the pages at the foot',
                    sprintf(
                        'It stops %s before the spine edge: the fin must go in between.',
                        $brief->notation->text($values->length('fin')),
                    ),
                    'Pages',
                    Adhesive::WetGlue,
                    ['page'],
                    places: $places,
                ),
            );
        }
        $draft->task(new Task(
            'check-up',
            Phase::Mat,
            'Check which way is up, page by page',
            'Turn each page as it will be turned in the book, over its spine edge like a leaf, never head over foot: the back must stand '
                .'upright too. Pencil an arrow inside the spine edge.',
            'Pages',
            parts: ['page'],
            places: $places,
            acts: [Handling::dryFit('page')],
        ));
        $draft->task(new Task(
            'slip-pages',
            Phase::Finish,
            'Slip the pages over the fins',
            sprintf(
                'Glue only the outer %s of the fin, on both sides; its score is the stop. The arrow points up. From the middle outwards.',
                $brief->notation->text($values->length('held')),
            ),
            'Binding',
            Adhesive::WetGlue,
            ['page'],
            ['stack-1', 'close-pages', 'check-up'],
            $places,
            binds: true,
        ));
    }
}
