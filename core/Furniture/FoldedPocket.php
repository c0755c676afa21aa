<?php

declare(strict_types=1);

namespace Ephemeron\Furniture;

use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Crease;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Fold;
use Ephemeron\Blueprint\GlueZone;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\PanelGrid;
use Ephemeron\Blueprint\PanelRef;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Pouch;
use Ephemeron\Blueprint\Task;
use Ephemeron\Design\Parameter;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Point;
use Ephemeron\Geometry\Polygon;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Geometry\Segment;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\Side;
use Ephemeron\Paper\StockRole;

/**
 * Pockets that are not a plain front: a corner pocket (a square folded or cut from corner to corner), an angled one (its top runs aslant)
 * and an envelope (a body with side and foot tabs of ⅜ in or 1 cm, corners clipped). Source: common practice, no published source.
 */
final readonly class FoldedPocket implements Furniture
{
    private function __construct(private string $key, private string $name, private string $summary)
    {
    }

    public static function corner(): self
    {
        return new self('corner-pocket', 'Corner pocket', 'A triangle over one corner of the face, from a square folded corner to corner.');
    }

    public static function angled(): self
    {
        return new self('angled-pocket', 'Angled pocket', 'A pocket whose opening runs aslant.');
    }

    public static function envelope(): self
    {
        return new self(
            'envelope-pocket',
            'Envelope with tabs',
            'A pocket held by tabs folded behind its sides and foot: nothing of the glue is seen.',
        );
    }

    public function key(): string
    {
        return $this->key;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function summary(): string
    {
        return $this->summary;
    }

    public function kin(): Kin
    {
        return Kin::Pockets;
    }

    public function parameters(): array
    {
        $least = Length::inches(0, 3, 4);
        $most = Length::inches(24);

        return match ($this->key) {
            'corner-pocket' => [
                Parameter::length(
                    'side',
                    'Side',
                    'Of the triangle, along both edges; empty: half the narrower side of the face.',
                    $least,
                    $most,
                ),
                Parameter::choice(
                    'corner',
                    'Corner',
                    'Which corner of the face it covers.',
                    [
                        'bottom-right' => 'bottom right',
                        'bottom-left' => 'bottom left',
                        'top-right' => 'top right',
                        'top-left' => 'top left',
                    ],
                    'bottom-right',
                ),
                Parameter::choice(
                    'make',
                    'Made from',
                    'A folded square is doubled and clean at its edge; a cut one takes half the paper.',
                    ['folded' => 'a square folded corner to corner', 'cut' => 'a square cut corner to corner'],
                    'folded',
                ),
            ],
            'angled-pocket' => [
                Parameter::length('width', 'Width', 'Empty: nearly the width of the face.', $least, $most),
                Parameter::length('depth', 'Depth', 'At its deep side; empty: half the face.', $least, $most),
                Parameter::length('shallow', 'Shallow side', 'Empty: half as deep.', $least, $most),
                Parameter::choice('high', 'Deep side', 'Where it is deeper.', ['left' => 'left', 'right' => 'right'], 'left'),
                ...Position::parameters(upOtherwise: 'a hairline'),
            ],
            default => [
                Parameter::length('width', 'Width', 'Of the body; empty: nearly the width of the face.', $least, $most),
                Parameter::length('depth', 'Depth', 'Of the body; empty: half the face.', $least, $most),
                Parameter::length(
                    'tab',
                    'Tabs',
                    'At both sides and the foot.',
                    Length::inches(0, 1, 4),
                    Length::inches(1),
                    Length::inches(0, 3, 8),
                    Length::millimetres(10),
                ),
                ...Position::parameters(upOtherwise: 'a hairline'),
            ],
        };
    }

    public function place(Spot $spot): Placement
    {
        return match ($this->key) {
            'corner-pocket' => $this->placeCorner($spot),
            'angled-pocket' => $this->placeAngled($spot),
            default => $this->placeEnvelope($spot),
        };
    }

    private function placeCorner(Spot $spot): Placement
    {
        $side = $spot->length('side', $spot->notation->grid->down($spot->size()->shortSide()->half()));
        $corner = $spot->values->choice('corner');
        $size = new Size($side, $side);
        $face = $spot->size();
        $area = Rectangle::at(
            str_ends_with($corner, 'right') ? $face->width->minus($side) : Length::zero(),
            str_starts_with($corner, 'bottom') ? $face->height->minus($side) : Length::zero(),
            $size,
        );
        $folded = $spot->values->choice('make') === 'folded';
        $diagonal = new Segment(new Point(Length::zero(), $side), new Point($side, Length::zero()));
        $part = $spot->draft->part(new Part(
            key: $spot->key,
            name: $folded ? 'Corner pocket' : 'Corner pocket, cut',
            section: 'Pockets',
            size: $size,
            role: StockRole::PocketPaper,
            creases: $folded ? [new Crease($diagonal, Fold::Mountain)] : [],
            upright: false,
            places: [$spot->face->name],
            cutAways: $folded ? [] : [
                new Polygon(
                    [new Point(Length::zero(), Length::zero()), new Point($side, Length::zero()), new Point(Length::zero(), $side)],
                ),
            ],
            why: $folded ? 'A square; folded from corner to corner it is a triangle of two layers.' : 'A square cut from corner to '
                .'corner; the other half makes a second one.',
        ));
        $glued = array_map(Edge::from(...), explode('-', $corner));
        $this->glue(
            $spot,
            $part,
            $area,
            $glued,
            $glued[0]->opposite(),
            $this->triangle($side, $glued),
            $folded ? 'Fold the square corner to corner, the fold towards the middle of the page.'
                : 'Only along the two edges of the page.',
        );

        return new Placement($area);
    }

    private function placeAngled(Spot $spot): Placement
    {
        $hairline = $spot->allowances->hairline();
        $size = new Size(
            $spot->length('width', $spot->size()->width->minus($hairline->times(2))),
            $spot->length('depth', $spot->notation->grid->down($spot->size()->height->half())),
        );
        $shallow = Length::shortest($spot->length('shallow', $spot->notation->grid->down($size->height->half())), $size->height);
        $area = $spot->area($size, up: $hairline);
        $drop = $size->height->minus($shallow);
        $high = Edge::from($spot->values->choice('high'));
        $low = $high->opposite() === Edge::Right ? $size->width : Length::zero();
        $top = $high === Edge::Left ? Length::zero() : $size->width;
        $cutAway = new Polygon([new Point($top, Length::zero()), new Point($low, Length::zero()), new Point($low, $drop)]);
        $part = $spot->draft->part(
            new Part(
                $spot->key,
                'Angled pocket',
                'Pockets',
                $size,
                StockRole::PocketPaper,
                places: [$spot->face->name],
                cutAways: $drop->isPositive() ? [$cutAway] : [],
                why: "Deep side {$spot->notation->text($size->height)}, shallow side {$spot->notation->text($shallow)}.",
            ),
        );
        $this->glue($spot, $part, $area, [Edge::Left, Edge::Right, Edge::Bottom], Edge::Top, null, 'The slanted top stays open.');

        return Placement::withFront($area, $this->front($spot, $part, $area));
    }

    private function placeEnvelope(Spot $spot): Placement
    {
        $hairline = $spot->allowances->hairline();
        $tab = $spot->values->length('tab');
        $size = new Size(
            $spot->length('width', $spot->size()->width->minus($hairline->times(2))),
            $spot->length('depth', $spot->notation->grid->down($spot->size()->height->half())),
        );
        $area = $spot->area($size, up: $hairline);
        $grid = new PanelGrid(['left-tab' => $tab, 'body' => $size->width, 'right-tab' => $tab], ['body' => $size->height, 'tab' => $tab]);
        $part = $spot->draft->part(new Part(
            key: $spot->key,
            name: 'Envelope pocket',
            section: 'Pockets',
            size: $grid->size(),
            role: StockRole::PocketPaper,
            creases: $grid->creases(Fold::Mountain),
            glueZones: [
                new GlueZone($grid->area('left-tab', 'body'), Side::A, Adhesive::WetGlue),
                new GlueZone($grid->area('right-tab', 'body'), Side::A, Adhesive::WetGlue),
                new GlueZone($grid->area('body', 'tab'), Side::A, Adhesive::WetGlue),
            ],
            panels: $grid->panels(),
            places: [$spot->face->name],
            cutAways: [Polygon::of($grid->area('left-tab', 'tab')), Polygon::of($grid->area('right-tab', 'tab'))],
            why: "Body and tabs: {$grid->inWords($spot->notation)}. The two foot corners are clipped away.",
        ));
        $spot->draft->add(
            new Joint(
                new PanelRef($part, 'body-body', Side::B),
                $spot->face->paper,
                $area,
                Adhesive::WetGlue,
                Layer::Pocket,
                'folded-pockets',
                $spot->face->key,
                pouch: $spot->key,
            ),
        );
        $spot->draft->add(
            new Pouch(
                $spot->key,
                "Envelope on {$this->lower($spot)}",
                $spot->face->key,
                $size,
                [],
                Edge::Top,
                $area->bottom(),
                front: new PanelRef($part, 'body-body', Side::A),
            ),
        );
        $this->addTask($spot, $part, 'Fold the tabs behind, glue them to the page; glue only on the tabs, so the whole width stays free.');
        $front = $spot->face->front(
            "{$spot->key}/front",
            "{$spot->face->name}, front of the envelope",
            $size,
            new PanelRef($part, 'body-body', Side::A),
        );
        $spot->draft->face($front);

        return Placement::withFront($area, $front);
    }

    /** @param list<Edge> $glued */
    private function glue(Spot $spot, string $part, Rectangle $area, array $glued, Edge $opening, ?Polygon $shape, string $how): void
    {
        $spot->draft->add(
            new Joint(
                new PanelRef($part, 'whole', Side::B),
                $spot->face->paper,
                $area,
                Adhesive::WetGlue,
                Layer::Pocket,
                'folded-pockets',
                $spot->face->key,
                $shape,
                pouch: $spot->key,
            ),
        );
        $spot->draft->add(
            new Pouch(
                $spot->key,
                "{$this->name} on {$this->lower($spot)}",
                $spot->face->key,
                $area->size(),
                $glued,
                $opening,
                $area->height(),
                front: new PanelRef($part, 'whole', Side::A),
            ),
        );
        $this->addTask($spot, $part, $how);
    }

    /** @param list<Edge> $glued the two edges that meet in the corner it covers */
    private function triangle(Length $side, array $glued): Polygon
    {
        $x = ($glued[1] ?? Edge::Right) === Edge::Right ? $side : Length::zero();
        $y = $glued[0] === Edge::Bottom ? $side : Length::zero();

        return new Polygon([new Point($x, $y), new Point($side->minus($x), $y), new Point($x, $side->minus($y))]);
    }

    private function addTask(Spot $spot, string $part, string $how): void
    {
        $spot->draft->task(
            new Task(
                'folded-pockets',
                Phase::Pocket,
                'Glue the folded pockets',
                "{$how} Slip a card in and out once before it sets.",
                'Pockets',
                Adhesive::WetGlue,
                [$part],
                places: [$spot->face->name],
                face: $spot->face->key,
            ),
        );
    }

    private function front(Spot $spot, string $part, Rectangle $area): Face
    {
        $front = $spot->face->front(
            "{$spot->key}/front",
            "{$spot->face->name}, front of the ".lcfirst($this->name),
            $area->size(),
            new PanelRef($part, 'whole', Side::A),
        );
        $spot->draft->face($front);

        return $front;
    }

    private function lower(Spot $spot): string
    {
        return lcfirst($spot->face->name);
    }
}
