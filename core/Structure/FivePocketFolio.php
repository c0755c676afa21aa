<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

use Ephemeron\Blueprint\Act\Depth;
use Ephemeron\Blueprint\Act\Fold as FoldPart;
use Ephemeron\Blueprint\Act\Thread;
use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Band;
use Ephemeron\Blueprint\Bare;
use Ephemeron\Blueprint\Caution;
use Ephemeron\Blueprint\Closing;
use Ephemeron\Blueprint\Crease;
use Ephemeron\Blueprint\Draft;
use Ephemeron\Blueprint\Flap;
use Ephemeron\Blueprint\Fold;
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
use Ephemeron\Blueprint\Pouch;
use Ephemeron\Blueprint\Reason;
use Ephemeron\Blueprint\Seen;
use Ephemeron\Blueprint\Task;
use Ephemeron\Design\Allowances;
use Ephemeron\Design\MatRule;
use Ephemeron\Design\Parameter;
use Ephemeron\Design\Values;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Point;
use Ephemeron\Geometry\Polygon;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Geometry\Segment;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\Side;
use Ephemeron\Paper\Stock;
use Ephemeron\Paper\StockRole;

/**
 * Five pockets from one square sheet and nothing left over. Source: common practice, no published source.
 *
 * A sheet S is cut at S/3 into S × ⅔ and a strip; the strip gives a band of S/12 along its length and, from the rest of S/4, the pieces
 * S/4 × S/3 and S/4 × ⅔S; the larger part is cut into a square of ⅔S and a front of ⅔S × S/3. With S = 12: 8 × 8, 4 × 8, 4 × 3, 3 × 8 and
 * a band 12 × 1. The square is scored in the middle and, turned, at 5/24 of S (2½) from its foot: that part folds up into two pockets, the
 * whole folds in half to S/3 × 11/24 S (4 × 5½).
 *
 * The fold-up pockets are 2½ deep; above the right one, 3 of the page are left for the 4 × 3 pocket: with its foot open it reaches down
 * into the fold-up one. The front piece lies on the front cover, glued along its head and the fold only: it opens at the fore-edge; its
 * last 2½ turn up from below as a flap. The 3 × 8, doubled to 3 × 4 with one top corner folded down, is said to be glued on three sides
 * and not said where; it goes onto the back cover.
 */
final readonly class FivePocketFolio implements Structure
{
    public function about(): About
    {
        return new About(
            'five-pocket-folio',
            'Five-pocket folio',
            'One sheet, five pockets, a band, and not a scrap left.',
            Skill::First,
            new Sizing(['sheet']),
        );
    }

    public function parameters(): array
    {
        return [
            Parameter::length(
                'sheet',
                'Sheet',
                'Side of the square sheet; everything is a share of it. 8 in gives the mini size.',
                Length::inches(6),
                Length::inches(24),
                Length::inches(12),
                Length::millimetres(288),
            ),
            Parameter::choice(
                'foot',
                'Foot of the inner pocket',
                'Glued it is a pocket of its own; open it reaches down into the one below.',
                ['open' => 'open: full depth', 'glued' => 'glued: shallow'],
                'open',
            ),
            Parameter::choice(
                'notch',
                'Notched',
                'Which of the two fold-up pockets gets a thumb notch.',
                ['left' => 'the left one', 'right' => 'the right one', 'none' => 'none'],
                'left',
            ),
            Parameter::choice(
                'angle',
                'Folded corner',
                'Top corner of the angled pocket that is folded down.',
                ['right' => 'right', 'left' => 'left'],
                'right',
            ),
            Parameter::choice(
                'band-ends',
                'Band',
                'How its ends are held.',
                ['glued' => 'glued under a medallion', 'dot' => 'with a hook-and-loop dot'],
                'glued',
            ),
        ];
    }

    public function defaultMats(): MatRule
    {
        return MatRule::none();
    }

    public function refusals(Values $values, Notation $notation): array
    {
        return [];
    }

    public function defaultFurniture(Values $values, Unit $unit): array
    {
        return [];
    }

    public function materials(Unit $unit): array
    {
        return UsualPapers::of($unit)->with(
            StockRole::BookSheet,
            Stock::pattern('Night chart', UsualPapers::square($unit), 180, doubleSided: true),
        )->byRole();
    }

    public function layOut(Brief $brief): Draft
    {
        $draft = $brief->draft();
        $s = $brief->values->length('sheet');
        // What is left of the sheet beside the square: so that both add up to it whatever a third of it is.
        $third = $s->minus($s->portion(2, 3));
        $fold = $s->portion(5, 24);
        $page = new Size($third, $s->portion(2, 3)->minus($fold));
        $this->addPieces($draft, $brief, $third, $fold);
        $this->addFaces($draft, $brief, $page, $fold);
        $caliper = $brief->stock(StockRole::BookSheet)->caliper;
        $draft->add(new Bare($caliper->times(9)));
        $draft->add(
            new Reason(
                'sheet',
                sprintf(
                    'square %1$s × %1$s, front %2$s × %1$s, inner pocket %2$s × %3$s, angled pocket %3$s × %1$s, band %4$s × %5$s; '
                        .'closed %6$s',
                    ...array_map($brief->notation->number(...), [$s->portion(2, 3), $third, $s->portion(1, 4), $s, $s->portion(1, 12)]),
                    ...[$brief->notation->size($page)],
                ),
            ),
        );

        return $draft;
    }

    private function addPieces(Draft $draft, Brief $brief, Length $third, Length $fold): void
    {
        $s = $brief->values->length('sheet');
        $double = $s->portion(2, 3);
        $upper = $double->minus($fold);
        $base = new PanelGrid(['left' => $third, 'right' => $double->minus($third)], ['page' => $upper, 'fold' => $fold]);
        $sliver = (new Allowances($brief->notation->unit))->hairline();
        $notch = (new Allowances($brief->notation->unit))->notch();
        $notched = $brief->values->choice('notch');
        $piece = static fn (
            string $key,
            string $name,
            Size $size,
            array $creases,
            array $panels,
            string $why,
            array $more = []
        ): string => $draft->part(new Part(...[
            'key' => $key, 'name' => $name, 'section' => 'Folio', 'size' => $size, 'role' => StockRole::BookSheet,
                'creases' => $creases, 'panels' => $panels, 'why' => $why, ...$more,
        ]));
        $piece('base', 'Base', $base->size(), $base->creases(), $base->panels(), 'Two thirds of the sheet: '
            ."{$base->inWords($brief->notation)}.", [
            'cutAways' => [
                new Polygon(
                    [new Point($third->minus($sliver), $double), new Point($third, $upper), new Point($third->plus($sliver), $double)],
                ),
            ],
            'notches' => $notched === 'none' ? [] : [
                new Notch($base->area($notched, 'fold')->middleOf(Edge::Bottom), Edge::Bottom, $notch),
            ],
            'glueZones' => [
                new GlueZone($base->area('left', 'fold')->strip(Edge::Left, Pouch::glueLoss()), Side::A, Adhesive::WetGlue),
                new GlueZone($base->area('right', 'fold')->strip(Edge::Right, Pouch::glueLoss()), Side::A, Adhesive::WetGlue),
            ],
        ]);
        $front = PanelGrid::rows($third, ['front' => $upper, 'flap' => $fold]);
        $piece(
            'front',
            'Front piece',
            $front->size(),
            $front->creases(),
            $front->panels(),
            "A third by two thirds: {$front->inWords($brief->notation)}.",
        );
        $piece('inner', 'Inner pocket', new Size($third, $s->portion(1, 4)), [], [], 'A third by a quarter of the sheet.');
        $angled = PanelGrid::rows($s->portion(1, 4), ['front' => $third, 'back' => $double->minus($third)]);
        $corner = $s->portion(1, 8);
        $right = $brief->values->choice('angle') === 'right';
        $width = $s->portion(1, 4);
        $diagonal = $right
            ? new Segment(new Point($width->minus($corner), Length::zero()), new Point($width, $corner))
            : new Segment(new Point(Length::zero(), $corner), new Point($corner, Length::zero()));
        $piece(
            'angled',
            'Angled pocket',
            $angled->size(),
            [...$angled->creases(Fold::Mountain), new Crease($diagonal, Fold::Valley)],
            $angled->panels(),
            "A quarter by two thirds, folded double: {$angled->inWords($brief->notation)}.",
        );
        $piece('band', 'Band', new Size($s, $s->portion(1, 12)), [], [], 'As long as the sheet, a twelfth wide.', ['upright' => false]);
        $this->addTasks($draft, $brief);
    }

    private function addTasks(Draft $draft, Brief $brief): void
    {
        $glued = $brief->values->choice('foot') === 'glued';
        $draft->task(
            new Task(
                'fold-base',
                Phase::Fold,
                'Fold the base',
                'Fold the narrow part up, then the whole in half, and open it again. On brittle paper score both sides; ink hides cracks.',
                'Folio',
                parts: ['base'],
                acts: [new FoldPart('base')],
            ),
        );
        $draft->task(
            new Task(
                'glue-inner',
                Phase::Assemble,
                'Glue the inner pocket',
                $glued ? 'On the right page above the fold-up part.' : 'On the right page above the fold-up part; its foot stays open '
                    .'behind the edge of that, so that cards go down to the fold. Trim what stands over the middle.',
                'Folio',
                Adhesive::WetGlue,
                ['inner'],
                caution: Caution::Knife,
            ),
        );
        $draft->task(
            new Task(
                'make-angled',
                Phase::Assemble,
                'Make the angled pocket',
                'Fold it double, the fold at the head. Turn one corner of the fold down as a triangle, both layers together; glue the '
                    .'open ends at the foot to each other.',
                'Folio',
                Adhesive::WetGlue,
                ['angled'],
            ),
        );
        $draft->task(
            new Task(
                'glue-angled',
                Phase::Assemble,
                'Glue the angled pocket in',
                'On the inside left, its foot in the fold of the fold-up part.',
                'Folio',
                Adhesive::WetGlue,
                ['angled'],
                ['make-angled'],
            ),
        );
        $draft->task(
            new Task(
                'glue-fold-up',
                Phase::Assemble,
                'Glue the fold-up pockets',
                'The outer sides only; the middle stays free.',
                'Folio',
                Adhesive::WetGlue,
                ['base'],
                ['glue-inner'],
            ),
        );
        $draft->task(
            new Task(
                'glue-front',
                Phase::Assemble,
                'Glue the front piece onto the cover',
                'A large pocket, open away from the fold; its short part turns up as a flap and stays free. Do not glue any other pocket '
                    .'shut.',
                'Folio',
                Adhesive::WetGlue,
                ['front'],
                ['glue-fold-up'],
            ),
        );
        $draft->task(
            new Task(
                'wrap-band',
                Phase::Finish,
                'Wrap the band round the filled folio',
                $brief->values->choice('band-ends') === 'dot'
                    ? 'Fill the folio first. Snug, not tight; ends over each other with a hook-and-loop dot between.'
                    : 'Fill the folio first. Snug, not tight; glue the ends to each other under a medallion, not to the folio.',
                'Folio',
                parts: ['band'],
                after: ['glue-front', 'glue-inner', 'glue-angled'],
                acts: [new Thread('the band', ['band'], pierced: false)],
            ),
        );
        $draft->add(new Closing('a band'));
    }

    private function addFaces(Draft $draft, Brief $brief, Size $page, Length $fold): void
    {
        $reading = new ReadingOrder($draft);
        $allow = new Allowances($brief->notation->unit);
        $s = $brief->values->length('sheet');
        $front = $reading->frontCover($page, new PanelRef('base', 'left-page', Side::B));
        $left = $reading->page($page, new PanelRef('base', 'left-page', Side::A), Edge::Right, 'inside left');
        $right = $reading->page($page, new PanelRef('base', 'right-page', Side::A), Edge::Left, 'inside right');
        $back = $reading->backCover($page, new PanelRef('base', 'right-page', Side::B));
        $draft->add(new Opening($left->key, $right->key));
        $up = Rectangle::whole($page)->strip(Edge::Bottom, $fold);
        // It stands in the fold of the left page, behind the fold-up part, which is glued over its foot.
        $angled = new Size($s->portion(1, 4), $s->portion(1, 3));
        $at = Rectangle::at($page->width->minus($angled->width)->half(), $page->height->minus($angled->height), $angled);
        (new PocketFront(
            'Angled pocket',
            new PanelRef('angled', 'front', Side::A),
            $at,
            [Edge::Left, Edge::Right, Edge::Bottom],
            Edge::Top,
            'glue-angled',
            takesMat: false,
            depth: Depth::Double,
        ))->on($draft, $left);
        (new PocketFront(
            'Fold-up pocket',
            new PanelRef('base', 'left-fold', Side::B),
            $up,
            [Edge::Left],
            Edge::Top,
            'glue-fold-up',
        ))->on($draft, $left);
        (new PocketFront(
            'Fold-up pocket',
            new PanelRef('base', 'right-fold', Side::B),
            $up,
            [Edge::Right],
            Edge::Top,
            'glue-fold-up',
        ))->on($draft, $right);
        $glued = $brief->values->choice('foot') === 'glued';
        // It fills what the fold-up pocket leaves of the page: 5½ − 2½ = 3.
        $inner = Rectangle::at(Length::zero(), Length::zero(), new Size($page->width, $page->height->minus($fold)));
        $depth = $glued ? $inner->size() : new Size($page->width, $page->height->minus($inner->top()));
        (new PocketFront(
            'Inner pocket',
            new PanelRef('inner', 'whole', Side::A),
            $inner,
            $glued ? [Edge::Left, Edge::Right, Edge::Bottom] : [Edge::Left, Edge::Right],
            Edge::Top,
            'glue-inner',
            holds: $depth,
        ))->on($draft, $right);
        (new PocketFront(
            'Front pocket',
            new PanelRef('front', 'front', Side::A),
            Rectangle::whole($page),
            [Edge::Top, Edge::Left],
            Edge::Right,
            'glue-front',
        ))->on($draft, $front);
        $draft->add(new Joint(
            new PanelRef('angled', 'back', Side::B),
            new PanelRef('angled', 'front', Side::B),
            Rectangle::whole($angled)->strip(Edge::Bottom, Pouch::glueLoss()),
            Adhesive::WetGlue,
            Layer::Structure,
            'make-angled',
            isLap: true,
        ));
        $flap = Rectangle::whole($page)->strip(Edge::Bottom, $fold);
        $flapFront = $front->front(
            'front-cover/flap/front',
            'Front cover, flap turned up',
            $flap->size(),
            new PanelRef('front', 'flap', Side::B),
            true,
            Edge::Bottom,
            true,
            Lie::UpsideDown,
        );
        $flapInside = $flapFront->reverse('front-cover/flap/inside', 'Front cover, inside of the flap');
        $draft->face($flapFront);
        $draft->face($flapInside);
        $draft->add(new Flap('front-cover/flap', 'Front flap', 'front-cover', $flap, Edge::Bottom, $flapFront->key, $flapInside->key));
        $draft->add(new Band('band', $s, $page->width, $allow->either(Length::inches(0, 1, 2), Length::millimetres(12)), 'front-cover'));
        $draft->add(Pose::row(Pose::CLOSED, 'Closed', Seen::face($front)));
        $draft->add(Pose::row(Pose::OPENED, 'Opened', Seen::face($left), Seen::face($right)));
    }
}
