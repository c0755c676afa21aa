<?php

declare(strict_types=1);

namespace Ephemeron\Furniture;

use Ephemeron\Blueprint\Act\Depth;
use Ephemeron\Blueprint\Act\Slip;
use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Fold;
use Ephemeron\Blueprint\GlueZone;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\PanelGrid;
use Ephemeron\Blueprint\PanelRef;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Slide;
use Ephemeron\Blueprint\Task;
use Ephemeron\Design\Parameter;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\Side;
use Ephemeron\Paper\StockRole;

/**
 * A band glued round a page, under its mat: blank b × (H + 2 tabs), scored at both tabs. It stands in the middle unless it is moved; on a
 * page 10 wide a band of 6 is centred when 3 on the band meets 5 on the page. The insert behind it is ¼ shorter than the band is free (8 ×
 * 7¾ behind 6 × 9 on 8) and shows 1 in on each side; liner strips beside it tuck ¼ under, their leading edge left dry. Source: common
 * practice, no published source.
 */
final readonly class BellyBand implements Furniture
{
    public function key(): string
    {
        return 'belly-band';
    }

    public function name(): string
    {
        return 'Belly band';
    }

    public function summary(): string
    {
        return 'A band across the face, held at both ends; things slide behind it.';
    }

    public function kin(): Kin
    {
        return Kin::Bands;
    }

    public function parameters(): array
    {
        return [
            Parameter::choice(
                'runs',
                'Runs',
                'From edge to edge, upright or across.',
                ['upright' => 'from head to foot', 'across' => 'from side to side'],
                'upright',
            ),
            Parameter::length(
                'breadth',
                'Breadth',
                'Of the band; empty: three fifths of the face.',
                Length::inches(0, 1, 2),
                Length::inches(24),
            ),
            Parameter::length(
                'along',
                'From the left or top',
                'How far from that edge the band begins; empty: in the middle.',
                Length::zero(),
                Length::inches(24),
            ),
            HingeEdge::tab(),
            Parameter::choice('insert', 'Insert', 'A card that slides behind it.', ['yes' => 'yes', 'no' => 'no'], 'yes'),
            Parameter::length(
                'insert-size',
                'Insert along the band',
                'Empty: ¼ in (6 mm) less than the band is free.',
                Length::inches(0, 1, 2),
                Length::inches(24),
            ),
            Parameter::choice(
                'liners',
                'Liner strips',
                'On what is seen beside the band, tucked under it.',
                ['no' => 'no', 'yes' => 'yes'],
                'no',
            ),
        ];
    }

    public function place(Spot $spot): Placement
    {
        $upright = $spot->values->choice('runs') === 'upright';
        [$free, $across] = $upright ? [$spot->size()->height, $spot->size()->width] : [$spot->size()->width, $spot->size()->height];
        $breadth = $spot->length('breadth', $spot->notation->grid->down($across->portion(3, 5)));
        $start = $spot->length('along', $across->minus($breadth)->half());
        $tab = $spot->values->length('tab');
        $spans = ['first-tab' => $tab, 'band' => $free, 'last-tab' => $tab];
        $grid = $upright ? PanelGrid::rows($breadth, $spans) : PanelGrid::columns($spans, $breadth);
        $area = $upright
            ? Rectangle::at($start, Length::zero(), new Size($breadth, $free))
            : Rectangle::at(Length::zero(), $start, new Size($free, $breadth));
        $ends = $upright ? [$grid->area('', 'first-tab'), $grid->area('', 'last-tab')]
            : [$grid->area('first-tab'), $grid->area('last-tab')];
        $part = $spot->draft->part(new Part(
            key: $spot->key,
            name: 'Belly band',
            section: 'Bands',
            size: $grid->size(),
            role: StockRole::CoverPaper,
            creases: $grid->creases(Fold::Mountain),
            glueZones: array_map(static fn (Rectangle $end): GlueZone => new GlueZone($end, Side::B, Adhesive::Tape), $ends),
            panels: $grid->panels(),
            places: [$spot->face->name],
            why: "The face and a tab at each end: {$grid->inWords($spot->notation)}.",
        ));
        $spot->draft->add(
            new Joint(
                new PanelRef($part, 'band', Side::B),
                $spot->face->paper,
                $area,
                Adhesive::Tape,
                Layer::Band,
                'belly-bands',
                $spot->face->key,
                depth: $this->isMatted($spot) ? null : Depth::OnMat,
            ),
        );
        $spot->draft->task(new Task(
            'belly-bands',
            Phase::Mat,
            $this->isMatted($spot) ? 'Fold the bands round the mats' : 'Tape the bands on by their ends',
            $this->how($spot, $breadth, $start),
            'Bands',
            Adhesive::Tape,
            [$part],
            places: [$spot->face->name],
            face: $spot->face->key,
        ));
        $this->addLiners($spot, $upright, $free, $start, $breadth);
        $this->addInsert($spot, $upright, $free, $breadth, $part);

        return new Placement($area, ['front' => $this->front($spot, $area, $part)], $upright ? Axis::Width : Axis::Height);
    }

    private function front(Spot $spot, Rectangle $area, string $part): Face
    {
        $front = $spot->face->front(
            "{$spot->key}/front",
            "{$spot->face->name}, front of the band",
            $area->size(),
            new PanelRef($part, 'band', Side::A),
        );
        $spot->draft->face($front);

        return $front;
    }

    private function addInsert(Spot $spot, bool $upright, Length $free, Length $breadth, string $band): void
    {
        if ($spot->values->choice('insert') !== 'yes') {
            return;
        }
        $play = $spot->allowances->quarter();
        $tall = $spot->length('insert-size', $free->minus($play));
        $showing = $spot->allowances->either(Length::inches(1), Length::millimetres(25));
        $wide = Length::shortest($breadth->plus($showing->times(2)), $upright ? $spot->size()->width : $spot->size()->height);
        $size = $upright ? new Size($wide, $tall) : new Size($tall, $wide);
        $part = $spot->draft->part(
            new Part(
                "{$spot->key}/insert",
                'Insert behind the band',
                'Bands',
                $size,
                StockRole::InsertCard,
                places: [$spot->face->name],
                why: 'The band’s free length less its play; as broad as the band and an inch on each side.',
            ),
        );
        $spot->draft->add(new Slide(
            'The insert',
            'the band',
            $tall,
            $free,
            $play,
            $spot->face->key,
            $spot->placeOf('insert-size'),
            $part,
            $band,
            $upright ? Axis::Height : Axis::Width,
        ));
        $spot->draft->task(
            new Task(
                'band-inserts',
                Phase::Fill,
                'Slide the inserts behind the bands',
                'Only once the bands are dry.',
                'Bands',
                parts: [$part],
                places: [$spot->face->name],
                face: $spot->face->key,
                acts: [new Slip($part, $band)],
            ),
        );
    }

    /** Beside the band, a quarter tucked under it; the part that is tucked stays dry. */
    private function addLiners(Spot $spot, bool $upright, Length $free, Length $start, Length $breadth): void
    {
        if ($spot->values->choice('liners') !== 'yes') {
            return;
        }
        $tuck = $spot->allowances->quarter();
        $end = $start->plus($breadth);
        $across = $upright ? $spot->size()->width : $spot->size()->height;
        foreach ([[Length::zero(), $start, Length::zero()], [$end, $across->minus($end), $tuck]] as [$from, $visible, $before]) {
            if (! $visible->isPositive()) {
                continue;
            }
            $lies = static fn (Length $at, Length $broad): Rectangle => $upright
                ? Rectangle::at($at, Length::zero(), new Size($broad, $free))
                : Rectangle::at(Length::zero(), $at, new Size($free, $broad));
            $area = $lies($from->minus($before), $visible->plus($tuck));
            $part = $spot->draft->part(new Part(
                "{$spot->key}/liner",
                'Liner strip',
                'Bands',
                $area->size(),
                StockRole::MatTop,
                places: [$spot->face->name],
                why: sprintf('%s in sight and %s tucked under the band.', $spot->notation->text($visible), $spot->notation->text($tuck)),
            ));
            $spot->draft->add(new Joint(
                new PanelRef($part, 'whole', Side::B),
                $spot->face->paper,
                $area,
                Adhesive::WetGlue,
                Layer::Mat,
                'band-liners',
                $spot->face->key,
                held: $lies($from, $visible),
                depth: Depth::Double,
            ));
            $spot->draft->task(new Task(
                'band-liners',
                Phase::Fill,
                'Tuck the liner strips under the bands',
                'The edge under the band stays dry, so that inserts pass over it.',
                'Bands',
                Adhesive::WetGlue,
                [$part],
                places: [$spot->face->name],
                face: $spot->face->key,
            ));
        }
    }

    /** Round the mat before that is glued down; on a face without one its ends are folded under. */
    private function how(Spot $spot, Length $breadth, Length $start): string
    {
        return sprintf(
            'Mark %s on the band and %s on the page: where they meet the band lies right. %s',
            $spot->notation->text($breadth->half()),
            $spot->notation->text($start->plus($breadth->half())),
            $this->isMatted($spot)
                ? 'Fold its tabs back round the mat or liner, before that is glued down, and tape them behind it.'
                : 'Fold its tabs under and tape them down; nothing between them.',
        );
    }

    private function isMatted(Spot $spot): bool
    {
        foreach ($spot->draft->on($spot->face->key) as $joint) {
            if ($joint->layer === Layer::Mat) {
                return true;
            }
        }

        return false;
    }
}
