<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

use Ephemeron\Blueprint\Act\Fold as FoldPart;
use Ephemeron\Blueprint\Act\Handling;
use Ephemeron\Blueprint\Act\Pierce;
use Ephemeron\Blueprint\Act\Thread;
use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Bare;
use Ephemeron\Blueprint\Caution;
use Ephemeron\Blueprint\Closing;
use Ephemeron\Blueprint\Crease;
use Ephemeron\Blueprint\Draft;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Flap;
use Ephemeron\Blueprint\Fold;
use Ephemeron\Blueprint\Hole;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\Lie;
use Ephemeron\Blueprint\Loose;
use Ephemeron\Blueprint\Opening;
use Ephemeron\Blueprint\PanelGrid;
use Ephemeron\Blueprint\PanelRef;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Pose;
use Ephemeron\Blueprint\Pouch;
use Ephemeron\Blueprint\Reason;
use Ephemeron\Blueprint\Remark;
use Ephemeron\Blueprint\Seen;
use Ephemeron\Blueprint\Slit;
use Ephemeron\Blueprint\Sundry;
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
use Ephemeron\Paper\StockRole;

/**
 * Pages folded into a corner pocket in front and a photo pocket behind, strapped together by a ribbon through their flanges.
 * Source: common practice, no published source.
 *
 * A blank has the columns corner | middle | back and the rows flange | body. The finished page lies on its side: the body's length (6¾) is
 * the page's width, the middle column (4¼) its height, and the flange its left edge. The flange is cut free along both scores; those of
 * the outer columns are folded back for strength. The free corner of the corner column is folded onto the score: a crease at 45° from a
 * column's width above the foot of the free edge to the score's foot. The column then folds over the middle (its fold is the foot of the
 * page), is glued along its spine side and open along the diagonal: a corner pocket. The back column, ⅛ less than the page is high, folds
 * behind at the head and is glued along its free edge at the foot, open away from the spine. Sums: 3½ + 4¼ + 4⅛ = 11⅞; ¾ + 6¾ = 7½; the
 * rest of a 12×12 is 12 × 4½, trimmed to the page's height: ¾ + 6¾ + 4½ = 12.
 */
final readonly class CornerPocketAlbum implements Structure
{
    public function about(): About
    {
        return new About(
            'corner-pocket-album',
            'Corner-pocket strap album',
            'One sheet a page: a corner pocket in front, a photo pocket behind, and from the rest a page with a fold-out. A ribbon '
                .'holds them.',
            Skill::Some,
            new Sizing(['page-width'], ['page-height'], 'pages'),
        );
    }

    public function parameters(): array
    {
        return [
            Parameter::length(
                'page-width',
                'Page width',
                'Without the flange.',
                Length::inches(3),
                Length::inches(11),
                Length::inches(6, 3, 4),
                Length::millimetres(170),
            ),
            Parameter::length(
                'page-height',
                'Page height',
                'How tall the album is, without the covers’ edge.',
                Length::inches(2),
                Length::inches(8),
                Length::inches(4, 1, 4),
                Length::millimetres(110),
            ),
            Parameter::length(
                'flange',
                'Flange',
                'The strip at the left edge that the ribbon goes through.',
                Length::inches(0, 1, 2),
                Length::inches(2),
                Length::inches(0, 3, 4),
                Length::millimetres(20),
            ),
            Parameter::length(
                'corner',
                'Corner panel',
                'Width of the panel whose corner is folded into a pocket.',
                Length::inches(1),
                Length::inches(8),
                Length::inches(3, 1, 2),
                Length::millimetres(84),
            ),
            Parameter::length(
                'back-less',
                'Back panel less by',
                'How much narrower the panel that folds behind is than the page is high, so that it does not bind.',
                Length::zero(),
                Length::inches(0, 1, 2),
                Length::inches(0, 1, 8),
                Length::millimetres(3),
            ),
            Parameter::count('pages', 'Pocket pages', 'One sheet each.', 1, 12, 4),
            Parameter::count(
                'extra-pages',
                'Fold-out pages',
                'From what the sheets leave; they are glued flange to flange in pairs.',
                0,
                12,
                4,
            ),
            Parameter::length(
                'fold-out',
                'Fold-out',
                'Width of the fold-out on those pages.',
                Length::inches(1),
                Length::inches(10),
                Length::inches(4, 1, 2),
                Length::millimetres(110),
            ),
            Parameter::length(
                'edge',
                'Cover edge',
                'How far the covers stand out on the three free edges.',
                Length::zero(),
                Length::inches(0, 1, 2),
                Length::inches(0, 1, 8),
                Length::millimetres(3),
            ),
            Parameter::length(
                'hole-inset',
                'Holes from the ends',
                'How far the holes are from head and foot; at least 1 in on tall pages.',
                Length::inches(0, 1, 2),
                Length::inches(3),
                Length::inches(1),
                Length::millimetres(25),
            ),
            Parameter::length(
                'ribbon-length',
                'Ribbon length',
                'Empty: through all from the front, along the back, up again, and a bow.',
                Length::inches(10),
                Length::inches(60),
            ),
        ];
    }

    public function defaultMats(): MatRule
    {
        return MatRule::none();
    }

    public function refusals(Values $values, Notation $notation): array
    {
        $height = $values->length('page-height');

        return array_filter([
            'corner' => $values->length('corner')->isMoreThan($height) ? sprintf(
                'The corner panel would stand out of the page, which is %s high.',
                $notation->text($height),
            ) : null,
            'page-width' => $values->length('corner')->isMoreThan($values->length('page-width')) ? sprintf(
                'The corner is folded at 45°: the page must be at least as wide as the corner panel, %s.',
                $notation->text($values->length('corner')),
            ) : null,
            'fold-out' => $values->length('fold-out')->isMoreThan($values->length('page-width')) ? sprintf(
                'The fold-out would reach into the flange; the page is %s wide.',
                $notation->text($values->length('page-width')),
            ) : null,
            'hole-inset' => $values->length('hole-inset')->times(2)->isMoreThan($height) ? sprintf(
                'The two holes would change places on a page %s high.',
                $notation->text($height),
            ) : null,
        ]);
    }

    public function defaultFurniture(Values $values, Unit $unit): array
    {
        return [];
    }

    public function materials(Unit $unit): array
    {
        return UsualPapers::of($unit)->byRole();
    }

    public function layOut(Brief $brief): Draft
    {
        $draft = $brief->draft();
        $this->layOutPages($draft, $brief);
        $this->layOutExtras($draft, $brief);
        $this->layOutCovers($draft, $brief);
        $this->layOutFaces($draft, $brief);
        $paper = $brief->stock(StockRole::BookSheet)->caliper;
        $draft->add(
            new Bare(
                $paper->times(
                    3 * $brief->values->count('pages') + 2 * $brief->values->count('extra-pages'),
                )->plus($brief->stock(StockRole::StructureCard)->caliper->times(2)),
            ),
        );

        return $draft;
    }

    private function layOutPages(Draft $draft, Brief $brief): void
    {
        $values = $brief->values;
        $grid = $this->grid($values);
        $body = $grid->area('corner', 'body');
        $diagonal = new Segment(
            new Point($body->left(), $body->bottom()->minus($values->length('corner'))),
            new Point($body->right(), $body->bottom()),
        );
        $free = fn (string $column): Slit => new Slit(
            new Segment(
                new Point($grid->area($column)->right(), Length::zero()),
                new Point($grid->area($column)->right(), $values->length('flange')),
            ),
        );
        $draft->part(new Part(
            key: 'page',
            name: 'Pocket page',
            section: 'Pages',
            size: $grid->size(),
            role: StockRole::BookSheet,
            quantity: $values->count('pages'),
            creases: [...$grid->creases(Fold::Valley, ['middle' => Fold::Mountain]), new Crease($diagonal, Fold::Valley)],
            slits: [$free('corner'), $free('middle')],
            panels: $grid->panels(),
            places: array_map(static fn (int $leaf): string => "leaf {$leaf}", range(1, $values->count('pages'))),
            why: "Corner panel, page height, back panel across; flange and page width down: {$grid->inWords($brief->notation)}.",
        ));
        $draft->add(new Reason('corner', "blank {$grid->inWords($brief->notation)}"));
        $draft->task(new Task(
            'fold-corners',
            Phase::Fold,
            'Fold corners, pockets and flanges',
            'Fold the free corner of the narrow panel onto its score as a triangle, then that panel over the front of the middle, the '
                .'other one behind it. Open again.',
            'Pages',
            parts: ['page'],
            acts: [new FoldPart('page')],
        ));
        $flange = Rectangle::whole($grid->area('middle', 'flange')->size());
        // Each from its own fold, looking at the inside.
        foreach (['corner' => Edge::Right, 'back' => Edge::Left] as $column => $fold) {
            $draft->add(new Joint(
                new PanelRef('page', "{$column}-flange", Side::B),
                new PanelRef('page', 'middle-flange', Side::B),
                $flange->strip($fold, Length::shortest($flange->width(), $grid->area($column, 'flange')->width())),
                Adhesive::WetGlue,
                Layer::Structure,
                'glue-flanges',
            ));
        }
        $draft->task(new Task(
            'glue-flanges',
            Phase::Assemble,
            'Glue the freed strips behind the flange',
            'The shorter one first, the longer one over it; trim a hair where one stands proud.',
            'Pages',
            Adhesive::WetGlue,
            ['page'],
        ));
        $draft->task(new Task(
            'glue-pages',
            Phase::Assemble,
            'Glue the pockets of the pages',
            'Slide a card in and out once.',
            'Pages',
            Adhesive::WetGlue,
            ['page'],
            ['glue-flanges'],
        ));
    }

    private function layOutExtras(Draft $draft, Brief $brief): void
    {
        $values = $brief->values;
        $extras = $values->count('extra-pages');
        if ($extras === 0) {
            return;
        }
        $grid = $this->extraGrid($values);
        $draft->part(new Part(
            key: 'extra-page',
            name: 'Fold-out page',
            section: 'Pages',
            size: $grid->size(),
            role: StockRole::BookSheet,
            quantity: $extras,
            creases: $grid->creases(),
            panels: $grid->panels(),
            places: array_map(static fn (int $page): string => "fold-out page {$page}", range(1, $extras)),
            why: "Flange, page, fold-out: {$grid->inWords($brief->notation)}. It comes from what a pocket page leaves of its sheet.",
        ));
        $draft->add(new Reason('fold-out', "fold-out page {$grid->inWords($brief->notation)}"));
        $draft->task(
            new Task(
                'pair-extras',
                Phase::Assemble,
                'Glue the fold-out pages in pairs',
                'Back to back, folds outwards. An odd one stays single.',
                'Pages',
                Adhesive::WetGlue,
                ['extra-page'],
                acts: [Handling::dryFit('extra-page')],
            ),
        );
        if ($extras > 1) {
            $back = new PanelRef('extra-page', 'flange', Side::B);
            $glued = Rectangle::whole($grid->area('flange')->size());
            $draft->add(new Joint($back, $back, $glued, Adhesive::WetGlue, Layer::Structure, 'pair-extras'));
        }
    }

    private function layOutCovers(Draft $draft, Brief $brief): void
    {
        $values = $brief->values;
        $edge = $values->length('edge');
        $height = $values->length('page-height')->plus($edge->times(2));
        $grid = PanelGrid::columns(
            ['flange' => $values->length('flange'), 'cover' => $values->length('page-width')->plus($edge->times(2))],
            $height,
        );
        $draft->part(
            new Part(
                'cover',
                'Cover',
                'Cover',
                $grid->size(),
                StockRole::StructureCard,
                2,
                $grid->creases(Fold::Either),
                panels: $grid->panels(),
                places: ['front', 'back'],
                why: "Flange and page and {$brief->notation->text($edge)} for each edge: {$grid->inWords($brief->notation)}. Score both "
                    .'sides: it is opened often.',
            ),
        );
        $guide = new Size($values->length('flange'), $values->length('page-height'));
        $draft->part(
            new Part(
                'hole-guide',
                'Hole guide',
                'Cover',
                $guide,
                StockRole::StructureCard,
                upright: false,
                places: ['kept with the album'],
                why: 'As large as a flange. Write its length on it and keep it.',
            ),
        );
        $inset = $values->length('hole-inset');
        $allow = new Allowances($brief->notation->unit);
        $hole = $allow->either(Length::inches(0, 1, 4), Length::millimetres(6));
        $holes = static fn (Length $more): array => array_map(static fn (Length $y): Hole => new Hole(
            new Point($guide->width->half(), $y->plus($more)),
            $hole,
        ), [$inset, $guide->height->minus($inset)]);
        $draft->pierce('hole-guide', $holes(Length::zero()));
        // The covers are taller: the guide lies in their middle.
        $draft->pierce('cover', $holes($edge));
        // Twice the way between the holes, twice through the book, and a bow of 20 in (50 cm) for both ends.
        $way = $values->length('page-height')->minus($values->length('hole-inset')->times(2));
        $usual = $way->plus($allow->either(Length::inches(1), Length::millimetres(25)))->times(2)->plus(
            $allow->either(Length::inches(20), Length::millimetres(500)),
        );
        $ribbon = $values->lengthOr('ribbon-length', $brief->notation->grid->up($usual));
        $draft->add(
            new Loose(
                'Ribbon, '.$brief->notation->text($allow->either(Length::inches(0, 1, 2), Length::millimetres(12))).' wide',
                $ribbon,
                1,
                'Cover',
                Sundry::Ribbon,
            ),
        );
        $text = $brief->notation->text(...);
        $layers = array_values(array_filter(['page', 'extra-page', 'cover'], $draft->has(...)));
        $draft->task(new Task(
            'punch-holes',
            Phase::Finish,
            'Punch the holes',
            sprintf(
                'Draw the guide’s middle line, %s from its long sides, and mark it %s from both ends; punch it there, %s wide for the '
                    .'ribbon. Lay it level on each flange and punch through it, a few layers at a time. The covers are taller: there it '
                    .'lies %s from head and foot.',
                $text($values->length('flange')->half()),
                $text($inset),
                $text($hole),
                $text($edge),
            ),
            'Cover',
            parts: ['hole-guide', 'cover'],
            after: ['glue-pages', 'pair-extras'],
            caution: Caution::Needle,
            acts: [new Pierce(['hole-guide', ...$layers], 2, 'on the middle line of the flange')],
        ));
        $draft->task(new Task(
            'strap',
            Phase::Finish,
            'Strap the album',
            sprintf(
                'Wind clear tape round one end of the ribbon (%s). From the front through all, along the back, up again through the '
                    .'other hole; a bow in front. Crease the covers at their score.',
                $text($ribbon),
            ),
            'Cover',
            parts: ['cover'],
            binds: true,
            acts: [new Thread('the ribbon', $layers)],
        ));
        $draft->add(new Closing('ribbon through the spine'));
        $apart = $allow->either(Length::inches(0, 3, 4), Length::millimetres(18));
        if ($way->isLessThan($apart)) {
            $draft->add(
                new Remark(
                    Remark::WATCH,
                    'holes-too-near',
                    sprintf(
                        'The two holes are %s apart; the ribbon and a hole’s breadth want %s. Set them nearer to the ends.',
                        $text($way),
                        $text($apart),
                    ),
                ),
            );
        }
    }

    private function layOutFaces(Draft $draft, Brief $brief): void
    {
        $values = $brief->values;
        $cover = $draft->sizeOf('cover');
        $flange = new Size($values->length('flange'), $cover->height);
        $coverFace = new Size($cover->width->minus($flange->width), $cover->height);
        $page = new Size($values->length('page-width'), $values->length('page-height'));
        $reading = new ReadingOrder($draft);
        $front = $reading->frontCover($coverFace, new PanelRef('cover', 'cover', Side::A));
        $left = $reading->page($coverFace, new PanelRef('cover', 'cover', Side::B), Edge::Right, 'inside the front cover');
        $inside = $left;
        for ($k = 1; $k <= $values->count('pages'); $k++) {
            $recto = $reading->page($page, new PanelRef('page', 'middle-body', Side::A), Edge::Left, lie: Lie::HeadLeft);
            $verso = $reading->page($page, new PanelRef('page', 'back-body', Side::A), Edge::Right, lie: Lie::HeadRight);
            $draft->add(new Opening($left->key, $recto->key));
            $deep = $values->length('corner');
            $zero = Length::zero();
            // Its fold is at the foot; the free corner away from the spine is turned onto it, which leaves the slant open.
            $slanted = new Polygon(
                [
                    new Point($zero, $zero),
                    new Point($page->width->minus($deep), $zero),
                    new Point($page->width, $deep),
                    new Point($zero, $deep),
                ],
            );
            (new PocketFront(
                'Corner pocket',
                new PanelRef('page', 'corner-body', Side::B),
                Rectangle::whole($page)->strip(Edge::Bottom, $deep),
                [Edge::Left],
                Edge::Right,
                'glue-pages',
                takesMat: false,
                shape: $slanted,
            ))->on($draft, $recto);
            $this->addPhotoPocket($draft, $values, $verso);
            if ($k === 1) {
                $draft->add(
                    Pose::row(Pose::CLOSED, 'Closed', Seen::bare(new PanelRef('cover', 'flange', Side::A), $flange), Seen::face($front)),
                );
                $draft->add(
                    Pose::row(
                        Pose::OPENED,
                        'Opened',
                        Seen::face($inside),
                        Seen::bare(new PanelRef('page', 'middle-flange', Side::A), new Size($flange->width, $page->height)),
                        Seen::face($recto),
                    ),
                );
            }
            $left = $verso;
        }
        for ($k = 1; $k <= $values->count('extra-pages'); $k++) {
            $recto = $reading->page($page, new PanelRef('extra-page', 'page', Side::A), Edge::Left, 'with a fold-out');
            $this->addFoldOut($draft, $values, $recto, $k);
            $verso = $reading->page($page, new PanelRef('extra-page', 'page', Side::B), Edge::Right);
            $draft->add(new Opening($left->key, $recto->key));
            $left = $verso;
        }
        $last = $reading->page($coverFace, new PanelRef('cover', 'cover', Side::B), Edge::Left, 'inside the back cover');
        $draft->add(new Opening($left->key, $last->key));
        $reading->backCover($coverFace, new PanelRef('cover', 'cover', Side::A));
    }

    /** Behind: closed by its fold at the head, by glue at its edge, by the binding at the spine. */
    private function addPhotoPocket(Draft $draft, Values $values, Face $verso): void
    {
        $size = new Size($verso->size->width, $values->length('page-height')->minus($values->length('back-less')));
        $behind = new PanelRef('page', 'middle-body', Side::B);
        $key = "{$verso->key}/photo-pocket";
        $draft->add(new Joint(
            new PanelRef('page', 'back-body', Side::B),
            $behind,
            // Its fold, the head of the pocket, stands upright on the sheet.
            Rectangle::whole(new Size($size->height, $size->width))->strip(Edge::Right, Pouch::glueLoss()),
            Adhesive::WetGlue,
            Layer::Structure,
            'glue-pages',
            pouch: $key,
        ));
        $draft->add(new Pouch(
            $key,
            'Photo pocket of '.lcfirst($verso->name),
            $verso->key,
            $size,
            [Edge::Bottom],
            Edge::Left,
            $size->width,
            front: $verso->paper,
            behind: $behind,
        ));
    }

    private function addFoldOut(Draft $draft, Values $values, Face $page, int $number): void
    {
        $size = new Size($values->length('fold-out'), $page->size->height);
        $area = Rectangle::whole($page->size)->strip(Edge::Right, $size->width);
        $key = "{$page->key}/fold-out";
        $front = $page->front(
            "{$key}/front",
            "{$page->name}, its front",
            $size,
            new PanelRef('extra-page', 'fold-out', Side::B),
            true,
            Edge::Right,
            true,
        );
        $inside = $front->reverse("{$key}/inside", "{$page->name}, unfolded");
        $draft->face($front);
        $draft->face($inside);
        $draft->add(new Flap($key, "Fold-out {$number}", $page->key, $area, Edge::Right, $front->key, $inside->key));
    }

    private function grid(Values $values): PanelGrid
    {
        return new PanelGrid(
            [
                'corner' => $values->length('corner'),
                'middle' => $values->length('page-height'),
                'back' => $values->length('page-height')->minus($values->length('back-less')),
            ],
            ['flange' => $values->length('flange'), 'body' => $values->length('page-width')],
        );
    }

    private function extraGrid(Values $values): PanelGrid
    {
        return PanelGrid::columns(
            ['flange' => $values->length('flange'), 'page' => $values->length('page-width'), 'fold-out' => $values->length('fold-out')],
            $values->length('page-height'),
        );
    }
}
