<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

use Ephemeron\Binding\BoardCase;
use Ephemeron\Binding\SteppedFins;
use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Bare;
use Ephemeron\Blueprint\Draft;
use Ephemeron\Blueprint\PanelRef;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Task;
use Ephemeron\Design\Allowances;
use Ephemeron\Design\FaceMats;
use Ephemeron\Design\MatRule;
use Ephemeron\Design\MatSchool;
use Ephemeron\Design\Parameter;
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
 * Square leaves with a pocket on each side that flip over a spine at the head, in a tall cover. Source: common practice, no published
 * source.
 *
 * A leaf is w × w with a pocket w × d on both faces (6 × 6 and 6 × 3); the cover boards are half a leaf taller (6 × 9) and stand out
 * below. Broad mats: 5 × 5 and 5 × 2, of which a 12 × 12 gives four each and a rest of 2 × 2; so three sheets mat six leaves. Covers take
 * the frame school: 5½ × 8½. The leaves' half inch free of the mat at the head takes the fin.
 */
final readonly class PocketFlipBook implements Structure
{
    public function about(): About
    {
        return new About(
            'pocket-flip-book',
            'Pocket flip book',
            'Square leaves with a pocket on both sides that flip over the head, matted from three sheets.',
            Skill::Some,
            new Sizing(['leaf', 'cover-height'], [], 'units'),
        );
    }

    public function parameters(): array
    {
        $quarter = Length::inches(0, 1, 4);

        return [
            Parameter::length(
                'leaf',
                'Leaf',
                'Side of the square leaves.',
                Length::inches(3),
                Length::inches(11),
                Length::inches(6),
                Length::millimetres(150),
            ),
            Parameter::length(
                'pocket',
                'Pocket depth',
                'On each side of a leaf.',
                Length::inches(1),
                Length::inches(8),
                Length::inches(3),
                Length::millimetres(75),
            ),
            Parameter::length(
                'cover-height',
                'Cover height',
                'The covers stand out below the leaves.',
                Length::inches(3),
                Length::inches(12),
                Length::inches(9),
                Length::millimetres(225),
            ),
            Parameter::count('units', 'Binding units', 'Each binds two leaves.', 1, 6, 3),
            Parameter::length(
                'fin',
                'Fin width',
                'Of the binding units; less than the border that the mats leave free.',
                $quarter,
                Length::inches(0, 3, 4),
                Length::inches(0, 3, 8),
                Length::millimetres(10),
            ),
            Parameter::length(
                'channel',
                'First channel',
                'Of the innermost binding unit.',
                Length::inches(0, 1, 8),
                Length::inches(1),
                $quarter,
                Length::millimetres(6),
            ),
            Parameter::length(
                'page-gap',
                'Leaf gap',
                'Between two leaves at the spine.',
                Length::inches(0, 1, 8),
                Length::inches(1),
                $quarter,
                Length::millimetres(6),
            ),
        ];
    }

    public function defaultMats(): MatRule
    {
        $cover = new FaceMats(MatSchool::Frame, 1);
        $none = new FaceMats(layers: 0);

        return new MatRule(
            MatSchool::Wide,
            1,
            ['front-cover' => $cover, 'back-cover' => $cover, 'inside-front' => $none, 'inside-back' => $none],
        );
    }

    public function refusals(Values $values, Notation $notation): array
    {
        $leaf = $values->length('leaf');

        return array_filter([
            'pocket' => $values->length('pocket')->isAtLeast($leaf) ? sprintf(
                'The pocket must be less deep than the leaf, %s.',
                $notation->text($leaf),
            ) : null,
            'cover-height' => $values->length('cover-height')->isLessThan($leaf) ? sprintf(
                'The cover must be at least as tall as the leaves, %s.',
                $notation->text($leaf),
            ) : null,
        ]);
    }

    public function defaultFurniture(Values $values, Unit $unit): array
    {
        return [];
    }

    public function materials(Unit $unit): array
    {
        $papers = UsualPapers::of($unit);

        return $papers->with(StockRole::MatBase, $papers->byRole()[StockRole::MatTop->value])->byRole();
    }

    public function layOut(Brief $brief): Draft
    {
        $draft = $brief->draft();
        $values = $brief->values;
        $notation = $brief->notation;
        $allow = new Allowances($notation->unit);
        $leaf = new Size($values->length('leaf'), $values->length('leaf'));
        $fins = new SteppedFins(
            $values->count('units'),
            $values->length('fin'),
            $values->length('channel'),
            $values->length('page-gap'),
            $leaf->width,
        );
        $spine = $fins->widest()->plus($allow->quarter());
        $board = new Size($leaf->width, $values->length('cover-height'));
        $strip = $spine->plus($allow->fine()->times(2), $allow->tab()->times(2));
        // The spine lies across the head: the case is measured with its spine upright, as long as the leaf is wide.
        $wrap = new Size($strip, $leaf->width);
        $case = new BoardCase(
            $board,
            $spine,
            $allow->fine(),
            $wrap,
            $wrap,
            'As wide as a leaf, as tall as you chose.',
            "The last channel and {$notation->text($allow->quarter())}.",
            $leaf->width,
        );
        $case->addTo($draft, $notation);
        $fins->addTo($draft, $notation, BoardCase::SPINE, 'make-case');
        $this->addLeaves($draft, $brief, $leaf, 2 * $values->count('units'));
        $fins->bind($draft, array_fill(0, 2 * $values->count('units'), [new PanelRef('leaf', 'whole', Side::B)]), 'bind-leaves', Edge::Top);
        $reading = new ReadingOrder($draft);
        $leaves = array_fill(
            0,
            2 * $values->count('units'),
            [new PanelRef('leaf', 'whole', Side::A), new PanelRef('leaf', 'whole', Side::B)],
        );
        foreach ((new CasedBook($draft, $reading, Edge::Top))->addFaces($leaf, $leaves) as $faces) {
            foreach ($faces as $face) {
                $area = Rectangle::whole($leaf)->strip(Edge::Bottom, $values->length('pocket'));
                (new PocketFront(
                    'Leaf pocket',
                    new PanelRef('pocket', 'whole', Side::A),
                    $area,
                    [Edge::Left, Edge::Right, Edge::Bottom],
                    Edge::Top,
                    'glue-pockets',
                ))->on($draft, $face);
            }
        }
        $card = $brief->stock(StockRole::StructureCard)->caliper;
        $all = $card->times(6 * $values->count('units'));
        $draft->add(new Bare($all->plus($brief->stock(StockRole::Board)->caliper->times(2))));
        $inner = $draft->pageKeys();
        $draft->add($fins->gusset($all, $inner));

        return $draft;
    }

    private function addLeaves(Draft $draft, Brief $brief, Size $leaf, int $count): void
    {
        $places = array_map(static fn (int $number): string => "leaf {$number}", range(1, $count));
        $pocket = new Size($leaf->width, $brief->values->length('pocket'));
        $both = array_merge(...array_map(static fn (string $place): array => ["{$place}, front", "{$place}, back"], $places));
        $draft->part(new Part('leaf', 'Leaf', 'Leaves', $leaf, StockRole::StructureCard, $count, places: $places, why: 'As you chose.'));
        $draft->part(
            new Part(
                'pocket',
                'Leaf pocket',
                'Leaves',
                $pocket,
                StockRole::StructureCard,
                2 * $count,
                places: $both,
                why: 'As wide as the leaf; one on each side.',
            ),
        );
        $draft->task(
            new Task(
                'glue-pockets',
                Phase::Pocket,
                'Glue the pockets onto the leaves',
                'In front they open towards the fins, behind away from them: flipped over the head, both hold what stands in them upright.',
                'Leaves',
                Adhesive::WetGlue,
                ['leaf', 'pocket'],
                places: $places,
            ),
        );
        $draft->task(
            new Task(
                'bind-leaves',
                Phase::Finish,
                'Glue the leaves to the fins',
                'Heads up, one leaf to each fin. Check before pressing that front and back both stand upright when the leaf is flipped '
                    .'over the head.',
                'Binding',
                Adhesive::WetGlue,
                ['leaf'],
                ['stack-1', 'glue-pockets'],
                $places,
                binds: true,
            ),
        );
    }
}
