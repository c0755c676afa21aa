<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

use Ephemeron\Blueprint\Act\Fold as FoldPart;
use Ephemeron\Blueprint\Act\Handling;
use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Bare;
use Ephemeron\Blueprint\Caution;
use Ephemeron\Blueprint\Corner;
use Ephemeron\Blueprint\Draft;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Flap;
use Ephemeron\Blueprint\GlueZone;
use Ephemeron\Blueprint\Gusset;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\Lie;
use Ephemeron\Blueprint\Opening;
use Ephemeron\Blueprint\PanelGrid;
use Ephemeron\Blueprint\PanelRef;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Pose;
use Ephemeron\Blueprint\Reason;
use Ephemeron\Blueprint\Seen;
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
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\Side;
use Ephemeron\Paper\StockRole;

/**
 * A square that folds shut from four sides, with two fold-outs inside. Source: common practice, no published source.
 *
 * The base is a cross: a centre c × c and on each side a gusset and a flange that are m wide together; the four corners, with the strips
 * between the double scores, are cut out. With c = 8, m = 2 and gussets left ½, right ¼, top ½, bottom ½ it is 12 × 12, scored at 1½, 2,
 * 10, 10¼ and, turned, at 1½, 2, 10, 10½. A fold-out is a square c × c glued to the tab of a piece (c + ½) × c and trimmed flush: 2c × c,
 * folded at c. The flap at the top is half a square.
 *
 * The side with the narrowest gusset closes first, usually the right one, then the other, bottom, top. So under the second flap lies the
 * first fold-out, under the bottom flap both, under the top flap all three: that is what the gussets have to hold.
 */
final readonly class FourFlapFolio implements Structure
{
    public function about(): About
    {
        return new About(
            'four-flap-folio',
            'Four-flap folio',
            'A square that closes from four sides, two of them double fold-outs; magnets under the top flap.',
            Skill::Some,
            new Sizing(['centre']),
        );
    }

    public function parameters(): array
    {
        $gusset = static fn (string $key, string $name, int $eighths, int $millimetres): Parameter => Parameter::length(
            $key,
            $name,
            'Depth of that side; it closes over what lies beneath.',
            Length::inches(0, 1, 8),
            Length::inches(1, 1, 2),
            Length::inches(0, $eighths, 8),
            Length::millimetres($millimetres),
        );

        return [
            Parameter::length(
                'centre',
                'Centre',
                'Side of the square.',
                Length::inches(3),
                Length::inches(12),
                Length::inches(8),
                Length::millimetres(200),
            ),
            Parameter::length(
                'margin',
                'Gusset and flange',
                'On each side of the centre, together.',
                Length::inches(1),
                Length::inches(4),
                Length::inches(2),
                Length::millimetres(50),
            ),
            $gusset('right-gusset', 'Right gusset', 2, 6),
            $gusset('left-gusset', 'Left gusset', 4, 12),
            $gusset('bottom-gusset', 'Bottom gusset', 4, 12),
            $gusset('top-gusset', 'Top gusset', 4, 12),
            Parameter::choice(
                'first',
                'Closes first',
                'The side that lies lowest; it wants the narrowest gusset. Then the other side, bottom, top.',
                ['right' => 'the right side', 'left' => 'the left side'],
                'right',
            ),
            Parameter::length(
                'tab',
                'Tab of the fold-outs',
                'Joins the two squares of a fold-out.',
                Length::inches(0, 1, 4),
                Length::inches(1),
                Length::inches(0, 1, 2),
                Length::millimetres(12),
            ),
            Parameter::choice('corners', 'Free corners', 'Of the flaps.', ['rounded' => 'rounded', 'square' => 'square'], 'rounded'),
        ];
    }

    public function defaultMats(): MatRule
    {
        return new MatRule(MatSchool::Fine, 1);
    }

    public function refusals(Values $values, Notation $notation): array
    {
        $refusals = [];
        foreach (['right-gusset', 'left-gusset', 'bottom-gusset', 'top-gusset'] as $gusset) {
            if ($values->length($gusset)->plus(Length::inches(0, 1, 2))->isMoreThan($values->length('margin'))) {
                $refusals[$gusset] = sprintf(
                    'Gusset and flange are %s together, and a flange wants at least ½ in (12 mm) to glue to.',
                    $notation->text($values->length('margin')),
                );
            }
        }

        return $refusals;
    }

    public function defaultFurniture(Values $values, Unit $unit): array
    {
        $pairs = (new Allowances($unit))->magnetPairs($values->length('centre'));

        return [new Placed('front-cover/top-flap/inside', 'magnets', new Values(['pairs' => $pairs, 'edge' => 'bottom']))];
    }

    public function materials(Unit $unit): array
    {
        return UsualPapers::of($unit)->byRole();
    }

    public function layOut(Brief $brief): Draft
    {
        $draft = $brief->draft();
        $this->addPieces($draft, $brief);
        $this->addFaces($draft, $brief);
        $this->addTasks($draft, $brief);

        return $draft;
    }

    public static function base(Values $values): PanelGrid
    {
        $centre = $values->length('centre');
        $flange = static fn (string $gusset): Length => $values->length('margin')->minus($values->length($gusset));

        return new PanelGrid(
            [
                'left-flange' => $flange('left-gusset'),
                'left-gusset' => $values->length('left-gusset'),
                'centre' => $centre,
                'right-gusset' => $values->length('right-gusset'),
                'right-flange' => $flange('right-gusset'),
            ],
            [
                'top-flange' => $flange('top-gusset'),
                'top-gusset' => $values->length('top-gusset'),
                'centre' => $centre,
                'bottom-gusset' => $values->length('bottom-gusset'),
                'bottom-flange' => $flange('bottom-gusset'),
            ],
        );
    }

    private function addPieces(Draft $draft, Brief $brief): void
    {
        $values = $brief->values;
        $centre = $values->length('centre');
        $square = new Size($centre, $centre);
        $grid = self::base($values);
        $middle = $grid->area('centre', 'centre');
        $whole = $grid->size();
        $draft->part(new Part(
            key: 'base',
            name: 'Base',
            section: 'Base',
            size: $whole,
            role: StockRole::StructureCard,
            creases: $grid->creases(),
            panels: $grid->panels(),
            upright: false,
            places: ['folio'],
            cutAways: array_map(Polygon::of(...), [
                Rectangle::between(0, 0, $middle->left()->ticks, $middle->top()->ticks),
                Rectangle::between($middle->right()->ticks, 0, $whole->width->ticks, $middle->top()->ticks),
                Rectangle::between(0, $middle->bottom()->ticks, $middle->left()->ticks, $whole->height->ticks),
                Rectangle::between($middle->right()->ticks, $middle->bottom()->ticks, $whole->width->ticks, $whole->height->ticks),
            ]),
            why: "A flange and a gusset on each side of the centre: {$grid->inWords($brief->notation)}.",
        ));
        $round = $values->choice('corners') === 'rounded' ? (new Allowances($brief->notation->unit))->tab() : null;
        $corners = static fn (Edge $edge): array => $round === null ? [] : Corner::along($edge, Trim::Rounded, $round);
        $tabbed = PanelGrid::columns(['panel' => $centre, 'tab' => $values->length('tab')], $centre);
        $draft->part(
            new Part(
                'outer',
                'Square of a fold-out',
                'Fold-outs',
                $square,
                StockRole::StructureCard,
                2,
                upright: false,
                places: ['left fold-out', 'right fold-out'],
                corners: $corners(Edge::Right),
                why: 'As large as the centre.',
            ),
        );
        $draft->part(
            new Part(
                'inner',
                'Square with a tab',
                'Fold-outs',
                $tabbed->size(),
                StockRole::StructureCard,
                2,
                $tabbed->creases(),
                glueZones: [new GlueZone($tabbed->area('tab'), Side::A, Adhesive::Tape)],
                panels: $tabbed->panels(),
                upright: false,
                places: ['left fold-out', 'right fold-out'],
                why: "The centre and a tab: {$tabbed->inWords($brief->notation)}.",
            ),
        );
        $draft->part(
            new Part(
                'bottom',
                'Bottom flap',
                'Flaps',
                $square,
                StockRole::StructureCard,
                places: ['bottom'],
                corners: $corners(Edge::Top),
                why: 'As large as the centre.',
            ),
        );
        $draft->part(
            new Part(
                'top',
                'Top flap',
                'Flaps',
                new Size($centre, $centre->half()),
                StockRole::StructureCard,
                places: ['top'],
                corners: $corners(Edge::Bottom),
                why: 'Half a square: what is left beside another.',
            ),
        );
        $draft->add(new Reason('centre', "base {$grid->inWords($brief->notation)}"));
        $draft->add(
            new Reason(
                'margin',
                sprintf(
                    'flanges: left %s, right %s, top %s, bottom %s',
                    ...array_map(
                        fn (string $side): string => $brief->notation->text(
                            $values->length('margin')->minus($values->length("{$side}-gusset")),
                        ),
                        ['left', 'right', 'top', 'bottom'],
                    ),
                ),
            ),
        );
    }

    private function addFaces(Draft $draft, Brief $brief): void
    {
        $values = $brief->values;
        $centre = $values->length('centre');
        $square = new Size($centre, $centre);
        $reading = new ReadingOrder($draft);
        $front = $reading->frontCover($square, new PanelRef('bottom', 'whole', Side::A), hinge: Edge::Bottom);
        $bottom = $reading->page(
            $square,
            new PanelRef('bottom', 'whole', Side::B),
            Edge::Top,
            'inside of the bottom flap',
            Lie::UpsideDown,
        );
        $left = $this->foldOut($reading, $square, 'left', Edge::Left);
        $right = $this->foldOut($reading, $square, 'right', Edge::Right);
        $middle = $reading->page($square, new PanelRef('base', 'centre-centre', Side::A), null, 'centre');
        $back = $reading->backCover($square, new PanelRef('base', 'centre-centre', Side::B), hinge: null);

        $size = new Size($centre, $centre->half());
        $topFront = $front->front(
            'front-cover/top-flap/front',
            'Top flap',
            $size,
            new PanelRef('top', 'whole', Side::A),
            true,
            Edge::Top,
            true,
        );
        $topInside = $topFront->reverse('front-cover/top-flap/inside', 'Top flap, inside');
        $draft->face($topFront);
        $draft->face($topInside);
        $draft->add(
            new Flap(
                'front-cover/top-flap',
                'Top flap',
                $front->key,
                Rectangle::at(Length::zero(), Length::zero(), $size),
                Edge::Top,
                $topFront->key,
                $topInside->key,
            ),
        );

        $z = Length::zero();
        $x = $centre->plus($values->length('left-gusset'));
        $y = $size->height->plus($values->length('top-gusset'));
        $draft->add(new Pose(Pose::CLOSED, 'Closed', [Seen::face($front), Seen::face($topFront)]));
        $draft->add(new Pose(Pose::OPENED, 'Opened on all sides', [
            Seen::face($topInside)->at($x, $z),
            Seen::face($left['back'])->at($z, $y),
            Seen::face($middle)->at($x, $y),
            Seen::face($right['back'])->at($x->plus($centre, $values->length('right-gusset')), $y),
            Seen::face($bottom)->at($x, $y->plus($centre, $values->length('bottom-gusset'))),
        ]));
        $draft->add(Pose::row('left-fold-out', 'Left fold-out, unfolded', Seen::face($left['inner']), Seen::face($left['outer'])));
        $draft->add(Pose::row('right-fold-out', 'Right fold-out, unfolded', Seen::face($right['outer']), Seen::face($right['inner'])));
        $draft->add(new Opening($left['inner']->key, $left['outer']->key));
        $draft->add(new Opening($right['outer']->key, $right['inner']->key));
        $this->measureGussets($draft, $brief, $middle, array_values($right), array_values($left), [$bottom, $front]);
    }

    /**
     * @return array{shut: Face, inner: Face, outer: Face, back: Face} as it is seen shut, its two panels unfolded, and its back when it is
     *     turned aside
     */
    private function foldOut(ReadingOrder $reading, Size $square, string $side, Edge $hinge): array
    {
        $free = $hinge->opposite();
        // Both squares have their tab at the same end, which is away from the base: so one of them is turned.
        $lie = $hinge === Edge::Left ? Lie::UpsideDown : Lie::Upright;

        $shut = $reading->page($square, new PanelRef('outer', 'whole', Side::B), $free, "{$side} fold-out");
        // Unfolded, the left one is read from its hinge, the right one towards it.
        $panels = [];
        foreach ($hinge === Edge::Left ? ['inner', 'outer'] : ['outer', 'inner'] as $which) {
            $panels[$which] = $reading->page(
                $square,
                new PanelRef($which, $which === 'inner' ? 'panel' : 'whole', Side::A),
                $hinge,
                "{$side} fold-out, {$which} panel",
                $which === 'inner' ? $lie : Lie::Upright,
            );
        }
        $back = $reading->page($square, new PanelRef('inner', 'panel', Side::B), $free, "back of the {$side} fold-out", $lie);

        return ['shut' => $shut, 'inner' => $panels['inner'], 'outer' => $panels['outer'], 'back' => $back];
    }

    /**
     * @param list<Face> $right
     * @param list<Face> $left
     * @param list<Face> $bottom
     */
    private function measureGussets(Draft $draft, Brief $brief, Face $middle, array $right, array $left, array $bottom): void
    {
        $card = $brief->stock(StockRole::StructureCard)->caliper;
        $inside = [$middle->key];
        $leaves = Length::zero();
        $key = static fn (Face $face): string => $face->key;
        $sides = ['right' => [$right, 2], 'left' => [$left, 2]];
        $order = [
            ...($brief->values->choice('first') === 'right' ? $sides : array_reverse($sides)),
            'bottom' => [$bottom, 1],
            'top' => [[], 0],
        ];
        foreach ($order as $side => [$faces, $layers]) {
            $panel = in_array($side, ['left', 'right'], true) ? "{$side}-gusset-centre" : "centre-{$side}-gusset";
            $width = $brief->values->length("{$side}-gusset");
            $panels = [new PanelRef('base', $panel, Side::A)];
            $draft->add(new Gusset("the {$side} gusset", $width, $leaves, $inside, "{$side}-gusset", 1, panels: $panels));
            $leaves = $leaves->plus($card->times($layers));
            $inside = [...$inside, ...array_map($key, $faces)];
        }
        $draft->add(new Bare($card->times(7)));
    }

    private function addTasks(Draft $draft, Brief $brief): void
    {
        $values = $brief->values;
        $grid = self::base($values);
        $centre = $values->length('centre');
        $join = static function (
            string $task,
            PanelRef $from,
            PanelRef $onto,
            Rectangle $area,
            Edge $by,
            ?Edge $towards = null,
        ) use ($draft): void {
            $draft->add(new Joint(
                $from,
                $onto,
                Rectangle::whole($area->size()),
                Adhesive::Tape,
                Layer::Structure,
                $task,
                isLap: true,
                by: $by,
                towards: $towards,
            ));
        };
        $tab = Rectangle::whole(new Size($values->length('tab'), $centre));
        $join('join-fold-outs', new PanelRef('outer', 'whole', Side::B), new PanelRef('inner', 'tab', Side::A), $tab, Edge::Left);
        $join(
            'glue-top',
            new PanelRef('top', 'whole', Side::A),
            new PanelRef('base', 'centre-top-flange', Side::A),
            $grid->area('centre', 'top-flange'),
            Edge::Top,
            Edge::Bottom,
        );
        $join(
            'glue-bottom',
            new PanelRef('bottom', 'whole', Side::B),
            new PanelRef('base', 'centre-bottom-flange', Side::B),
            $grid->area('centre', 'bottom-flange'),
            Edge::Bottom,
            Edge::Top,
        );
        $join(
            'glue-right',
            new PanelRef('inner', 'panel', Side::A),
            new PanelRef('base', 'right-flange-centre', Side::B),
            $grid->area('right-flange', 'centre'),
            Edge::Left,
        );
        $join(
            'glue-left',
            new PanelRef('inner', 'panel', Side::B),
            new PanelRef('base', 'left-flange-centre', Side::A),
            $grid->area('left-flange', 'centre'),
            Edge::Left,
            Edge::Right,
        );
        $draft->task(
            new Task(
                'fold-base',
                Phase::Fold,
                'Fold the base',
                'The corners and the strips between the double scores are gone. Fold every score towards you and burnish; square it '
                    .'before you press.',
                'Base',
                parts: ['base'],
                acts: [new FoldPart('base')],
            ),
        );
        $draft->task(
            new Task(
                'join-fold-outs',
                Phase::Assemble,
                'Join the fold-outs',
                sprintf(
                    'Each plain square onto the tab of a tabbed one: %s × 2 long. What stands proud by the score is trimmed flush; fold '
                        .'at the score.',
                    $brief->notation->text($centre),
                ),
                'Fold-outs',
                Adhesive::Tape,
                ['outer', 'inner'],
                caution: Caution::Knife,
                acts: [Handling::trimFlush('outer')],
            ),
        );
        $draft->task(
            new Task(
                'glue-top',
                Phase::Assemble,
                'Glue on the top flap',
                'Seen with the base open before you: onto the front of the top flange, up to its score. Trim it flush.',
                'Flaps',
                Adhesive::Tape,
                ['top', 'base'],
                caution: Caution::Knife,
                acts: [Handling::trimFlush('top')],
            ),
        );
        $draft->task(
            new Task(
                'glue-bottom',
                Phase::Assemble,
                'Glue on the bottom flap',
                'Onto the back of the bottom flange, base open before you.',
                'Flaps',
                Adhesive::Tape,
                ['bottom', 'base'],
                ['glue-top'],
            ),
        );
        $draft->task(
            new Task(
                'glue-right',
                Phase::Assemble,
                'Glue on the right fold-out',
                'Behind the right flange, base open before you; its open end there, its fold away from the base.',
                'Fold-outs',
                Adhesive::Tape,
                ['inner', 'base'],
                ['glue-bottom', 'join-fold-outs'],
            ),
        );
        $draft->task(
            new Task(
                'glue-left',
                Phase::Assemble,
                'Glue on the left fold-out',
                'Onto the front of the left flange, base open before you; turned, so that its tab lies away from the base here too.',
                'Fold-outs',
                Adhesive::Tape,
                ['inner', 'base'],
                ['glue-right', 'join-fold-outs'],
            ),
        );
        $draft->task(
            new Task(
                'close-dry',
                Phase::DryFit,
                'Close it once, in order',
                ucfirst($values->choice('first')).' side first, then the other, bottom, top. Square it up shut: that is how the magnets '
                    .'must find each other.',
                'Flaps',
                parts: ['base'],
                after: ['glue-left'],
                acts: [Handling::dryFit('base')],
            ),
        );
    }
}
