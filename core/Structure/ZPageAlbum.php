<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

use Ephemeron\Binding\BoardCase;
use Ephemeron\Binding\SteppedFins;
use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Bare;
use Ephemeron\Blueprint\Corner;
use Ephemeron\Blueprint\Draft;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Flap;
use Ephemeron\Blueprint\Fold;
use Ephemeron\Blueprint\GlueZone;
use Ephemeron\Blueprint\Gusset;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\Lie;
use Ephemeron\Blueprint\Notch;
use Ephemeron\Blueprint\PanelGrid;
use Ephemeron\Blueprint\PanelRef;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Pouch;
use Ephemeron\Blueprint\Reason;
use Ephemeron\Blueprint\Task;
use Ephemeron\Blueprint\Trim;
use Ephemeron\Design\Allowances;
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
 * Pages with a Z inside: two blanks joined at their short panels fold to the front at the head and to the back at the foot, their middle
 * slipped into a folded pocket piece whose open edge takes a binding fin. Source: common practice, no published source.
 *
 * A blank is (f + m) × b: flap f, half of the middle m; two of them overlap by o, so that the middle is 2m − o long. The pocket piece is
 * twice the page's depth, folded at the fore-edge; it is a quarter shorter than the Z's middle is long, which therefore stands out ⅛ at
 * head and foot. The Z lies a quarter in from the fold; what is left at the spine takes the fin. Check: 3½ + 3½ − ¼ = 6¾ = 6½ + 2 × ⅛; 5½
 * − 4½ − ¼ = ¾ ≥ ⅜.
 *
 * In front the Z is glued to the pocket at the foot, where its front flap folds, behind at the head: so the pocket opens at the head in
 * front and at the foot behind. Pages come in
 * twos, one for each fin of a binding unit. The wraps of the spine are said to be 3 wide over a spine of 1¾ and to overlap the boards by ⅝
 * with a gap of ⅛: 1¾ + 2 × ⅝ = 3, so the ⅝ are counted from the spine board and contain the gap; ½ lies on each board.
 */
final readonly class ZPageAlbum implements Structure
{
    public function about(): About
    {
        return new About(
            'z-page-album',
            'Z-page album',
            'Pocket pages with a flap folding out of each side, on stepped fins in a hard case.',
            Skill::Patient,
            new Sizing(['page-width', 'breadth'], ['page-height', 'flap'], 'units'),
        );
    }

    public function parameters(): array
    {
        $quarter = Length::inches(0, 1, 4);

        return [
            Parameter::length(
                'page-width',
                'Page width',
                'From the spine to the fold at the fore-edge.',
                Length::inches(2),
                Length::inches(10),
                Length::inches(5, 1, 2),
                Length::millimetres(140),
            ),
            Parameter::length(
                'page-height',
                'Page height',
                'Along the spine.',
                Length::inches(3),
                Length::inches(11),
                Length::inches(6, 1, 2),
                Length::millimetres(165),
            ),
            Parameter::length(
                'flap',
                'Flap',
                'How long the flaps of the Z are.',
                Length::inches(1),
                Length::inches(10),
                Length::inches(5),
                Length::millimetres(125),
            ),
            Parameter::length(
                'breadth',
                'Breadth of the Z',
                'Of flaps and middle; the spine needs room for the fin.',
                Length::inches(1),
                Length::inches(9),
                Length::inches(4, 1, 2),
                Length::millimetres(115),
            ),
            Parameter::length(
                'overlap',
                'Overlap',
                'Where the two halves of a Z are joined.',
                Length::inches(0, 1, 8),
                Length::inches(1),
                $quarter,
                Length::millimetres(7),
            ),
            Parameter::count('units', 'Binding units', 'Each binds two pages.', 1, 6, 3),
            Parameter::length(
                'fin',
                'Fin width',
                'Of the binding units.',
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
                'Page gap',
                'Between two pages at the spine: each channel is two gaps wider than the one before.',
                Length::inches(0, 1, 8),
                Length::inches(1),
                $quarter,
                Length::millimetres(6),
            ),
            Parameter::length(
                'spine',
                'Spine width',
                'At least as wide as the last channel and a little more.',
                Length::inches(0, 1, 2),
                Length::inches(8),
                Length::inches(1, 3, 4),
                Length::millimetres(45),
            ),
            Parameter::length(
                'notch',
                'Thumb notch',
                'Of the pockets; the mat over it gets one a little larger, set back.',
                Length::inches(1),
                Length::inches(2, 1, 4),
                Length::inches(1, 3, 4),
                Length::millimetres(45),
            ),
            Parameter::choice(
                'colours',
                'Colours',
                'Two colours of card that alternate from page to page, or one.',
                ['alternate' => 'two, in turns', 'one' => 'one'],
                'alternate',
            ),
            Parameter::choice(
                'corners',
                'Flap corners',
                'Of the flaps and their mats.',
                ['scalloped' => 'scalloped', 'rounded' => 'rounded', 'square' => 'square'],
                'scalloped',
            ),
        ];
    }

    public function defaultMats(): MatRule
    {
        return new MatRule(MatSchool::Fine, 1);
    }

    public function refusals(Values $values, Notation $notation): array
    {
        $allow = new Allowances($notation->unit);
        $room = $values->length('page-width')->minus($allow->quarter(), $values->length('fin'));
        $last = $values->length('channel')->plus($values->length('page-gap')->times(2 * ($values->count('units') - 1)));

        return array_filter([
            'breadth' => $values->length('breadth')->isMoreThan($room) ? sprintf(
                'The page is %s wide: with the fin and %s at the fore-edge the Z may be %s broad.',
                $notation->text($values->length('page-width')),
                $notation->text($allow->quarter()),
                $notation->text($room),
            ) : null,
            'flap' => $values->length('flap')->isMoreThan($values->length('page-height')) ? sprintf(
                'The flap would stand out of the page, which is %s tall.',
                $notation->text($values->length('page-height')),
            ) : null,
            'spine' => $last->isMoreThan($values->length('spine')) ? sprintf(
                'The last channel is %s wide; the spine must be at least that.',
                $notation->text($last),
            ) : null,
            'notch' => $values->length('notch')->isAtLeast($values->length('page-width')) ? sprintf(
                'The notch must be smaller than the page is wide, %s.',
                $notation->text($values->length('page-width')),
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
        $values = $brief->values;
        $notation = $brief->notation;
        $allow = new Allowances($notation->unit);
        $edge = $allow->quarter();
        $page = new Size($values->length('page-width'), $values->length('page-height'));
        $spine = $values->length('spine');
        $board = $page->plus($edge->times(2));
        $wrap = new Size($spine->plus($allow->either(Length::inches(0, 5, 8), Length::millimetres(16))->times(2)), $board->height);
        $gap = $allow->fine();
        (new BoardCase(
            $board,
            $spine,
            $gap,
            $wrap,
            $wrap,
            "The page and {$notation->text($edge)} on each edge.",
            'As wide as you chose; the last channel must lie on it.',
        ))->addTo($draft, $notation);
        $fins = new SteppedFins(
            $values->count('units'),
            $values->length('fin'),
            $values->length('channel'),
            $values->length('page-gap'),
            $page->height,
        );
        $fins->addTo($draft, $notation, BoardCase::SPINE, 'make-case');
        $this->addPages($draft, $brief, $page);
        $leaves = [];
        for ($k = 1; $k <= 2 * $values->count('units'); $k++) {
            $leaves[] = [
                new PanelRef($this->pocketKey($k, $values), 'front', Side::A),
                new PanelRef($this->pocketKey($k, $values), 'back', Side::A),
            ];
        }
        $reading = new ReadingOrder($draft);
        foreach ((new CasedBook($draft, $reading))->addFaces($page, $leaves) as $index => [$recto, $verso]) {
            $this->addFlaps($draft, $values, $allow, $index + 1, $recto, $verso);
        }
        $this->bind($draft, $fins);
        $fins->bind(
            $draft,
            array_map(
                static fn (array $leaf): array => array_map(
                    static fn (PanelRef $side): PanelRef => new PanelRef($side->part, $side->panel, Side::B),
                    $leaf,
                ),
                $leaves,
            ),
            'bind-pages',
        );
        $card = $brief->stock(StockRole::StructureCard)->caliper;
        $leaf = $card->times(5);
        $draft->add(new Bare($leaf->times(2 * $values->count('units'))->plus($brief->stock(StockRole::Board)->caliper->times(2))));
        $faces = $draft->pageKeys();
        $panels = [PanelRef::whole(BoardCase::SPINE)];
        $draft->add(new Gusset('the spine', $spine, $leaf->times(2 * $values->count('units')), $faces, 'spine', 1, panels: $panels));

        return $draft;
    }

    private function addPages(Draft $draft, Brief $brief, Size $page): void
    {
        $values = $brief->values;
        $notation = $brief->notation;
        $allow = new Allowances($notation->unit);
        $flap = $values->length('flap');
        $breadth = $values->length('breadth');
        $half = $page->height->plus($allow->quarter(), $values->length('overlap'))->half();
        $blank = PanelGrid::rows($breadth, ['flap' => $flap, 'half' => $half]);
        $pocket = PanelGrid::columns(['front' => $page->width, 'back' => $page->width], $page->height);
        $trim = Trim::tryFrom($values->choice('corners'));
        for ($k = 1; $k <= 2 * $values->count('units'); $k++) {
            $isEven = $k % 2 === 0 && $values->choice('colours') === 'alternate';
            [$first, $second] = $isEven ? [StockRole::SecondCard, StockRole::StructureCard]
                : [StockRole::StructureCard, StockRole::SecondCard];
            $second = $values->choice('colours') === 'one' ? $first : $second;
            $draft->part(new Part(
                key: $this->zKey($k, $values),
                name: 'Half of a Z',
                section: 'Pages',
                size: $blank->size(),
                role: $second,
                quantity: 2,
                creases: $blank->creases(Fold::Mountain),
                glueZones: [
                    new GlueZone($blank->area('', 'half')->strip(Edge::Bottom, $values->length('overlap')), Side::A, Adhesive::Tape),
                ],
                panels: $blank->panels(),
                places: ["leaf {$k}, front", "leaf {$k}, back"],
                corners: $trim === null ? [] : Corner::along(Edge::Top, $trim, $allow->tab()),
                why: "Flap and half of the middle: {$blank->inWords($notation)}.",
            ));
            $front = $pocket->area('front');
            $back = $pocket->area('back');
            $draft->part(new Part(
                key: $this->pocketKey($k, $values),
                name: 'Pocket piece',
                section: 'Pages',
                size: $pocket->size(),
                role: $first,
                creases: $pocket->creases(Fold::Mountain),
                notches: [
                    new Notch($front->middleOf(Edge::Top), Edge::Top, $values->length('notch')),
                    new Notch($back->middleOf(Edge::Bottom), Edge::Bottom, $values->length('notch')),
                ],
                panels: $pocket->panels(),
                places: ["leaf {$k}"],
                why: "Twice the page, folded at the fore-edge: {$pocket->inWords($notation)}.",
            ));
        }
        $draft->add(
            new Reason(
                'page-height',
                sprintf(
                    'middle of the Z 2 × %s − %s = %s: %s longer than the page at head and foot',
                    $notation->inSums()->number($half),
                    $notation->inSums()->number($values->length('overlap')),
                    $notation->inSums()->text($half->times(2)->minus($values->length('overlap'))),
                    $notation->inSums()->text($allow->fine()),
                ),
            ),
        );
        $draft->add(new Reason('flap', "half of a Z {$blank->inWords($notation)}"));
        $draft->add(new Reason('page-width', "pocket piece {$pocket->inWords($notation)}"));
        $parts = array_values(array_unique([$this->zKey(1, $values), $this->zKey(2, $values)]));
        $pockets = array_values(array_unique([$this->pocketKey(1, $values), $this->pocketKey(2, $values)]));
        $places = array_map(static fn (int $number): string => "leaf {$number}", range(1, 2 * $values->count('units')));
        $draft->task(
            new Task(
                'join-z',
                Phase::Assemble,
                'Join the halves of each Z',
                sprintf(
                    'Short panels over each other by %s, the one turned over foot for head: one flap goes forward, one back, both with '
                        .'the same side out. A Z.',
                    $notation->text($values->length('overlap')),
                ),
                'Pages',
                Adhesive::Tape,
                $parts,
                places: $places,
            ),
        );
        foreach ($parts as $z) {
            $draft->add(
                new Joint(
                    new PanelRef($z, 'half', Side::A),
                    new PanelRef($z, 'half', Side::A),
                    Rectangle::whole($blank->area('', 'half')->size())->strip(Edge::Bottom, $values->length('overlap')),
                    Adhesive::Tape,
                    Layer::Structure,
                    'join-z',
                    isLap: true,
                    by: Edge::Bottom,
                    towards: Edge::Top,
                ),
            );
        }
        $draft->task(
            new Task(
                'fill-pockets',
                Phase::Assemble,
                'Slip the Z into its pocket piece',
                sprintf(
                    '%s from the fold, standing out %s at head and foot. Lift the front flap and the front of the pocket, a bead along '
                        .'the foot, at the fold of that flap, press; turn the page over and do the same behind along the head. So it '
                        .'stays open in front at the head, behind at the foot. The long open edge waits for the fin.',
                    $notation->text($allow->quarter()),
                    $notation->text($allow->fine()),
                ),
                'Pages',
                Adhesive::WetGlue,
                [...$pockets, ...$parts],
                ['join-z'],
                $places,
            ),
        );
    }

    private function addFlaps(Draft $draft, Values $values, Allowances $allow, int $page, Face $recto, Face $verso): void
    {
        $size = new Size($values->length('breadth'), $values->length('flap'));
        $inset = $allow->quarter();
        $over = $allow->fine();
        $half = Rectangle::whole(new Size($size->width, $draft->sizeOf($this->zKey($page, $values))->height->minus($size->height)));
        $faces = [
            [
                $recto,
                Edge::Bottom,
                $recto->size->width->minus($inset, $size->width),
                $recto->size->height->plus($over)->minus($size->height),
                'Front flap',
            ],
            [$verso, Edge::Top, $inset, Length::zero()->minus($over), 'Back flap'],
        ];
        foreach ($faces as [$face, $hinge, $x, $y, $name]) {
            // One half stands on its head in the page: of a print with a head the one flap shows it upright shut, the other opened.
            $lie = $hinge === Edge::Bottom ? Lie::Upright : Lie::UpsideDown;
            $key = "{$face->key}/z-flap";
            $part = $this->zKey($page, $values);
            $front = $face->front(
                "{$key}/front",
                "{$face->name}, ".lcfirst($name),
                $size,
                new PanelRef($part, 'flap', Side::A),
                true,
                $hinge,
                true,
                $lie,
            );
            $inside = $front->reverse("{$key}/inside", "{$face->name}, inside of the ".lcfirst($name));
            $draft->face($front);
            $draft->face($inside);
            $draft->add(new Flap($key, $name, $face->key, Rectangle::at($x, $y, $size), $hinge, $front->key, $inside->key));
            $inside = new Size($face->size->width->minus($values->length('fin')), $face->size->height);
            $pocket = "{$face->key}/pocket";
            // Glued beside the fold of its flap, open at the other end.
            $draft->add(new Joint(
                new PanelRef($face->paper->part, $face->paper->panel, Side::B),
                new PanelRef($part, 'half', Side::B),
                $half->strip(Edge::Top, Pouch::glueLoss()),
                Adhesive::WetGlue,
                Layer::Structure,
                'fill-pockets',
                pouch: $pocket,
                isLap: true,
                by: $hinge,
                towards: Edge::Top,
            ));
            $draft->add(
                new Pouch(
                    $pocket,
                    'Pocket of '.lcfirst($face->name),
                    $face->key,
                    $inside,
                    [$hinge],
                    $hinge->opposite(),
                    $face->size->height,
                    front: $face->paper,
                ),
            );
        }
    }

    private function bind(Draft $draft, SteppedFins $fins): void
    {
        $places = array_map(static fn (int $leaf): string => "leaf {$leaf}", range(1, count($fins->inPageOrder())));
        $pockets = array_values(array_filter(['pocket-odd', 'pocket-even'], static fn (string $key): bool => $draft->has($key)));
        $draft->task(new Task(
            'bind-pages',
            Phase::Finish,
            'Slip the pages onto the fins',
            'Check that the page stands upright, slip its open edge over the fin down to the score, press; wipe. From the middle outwards.',
            'Binding',
            Adhesive::WetGlue,
            $pockets,
            ['stack-1', 'fill-pockets'],
            $places,
            binds: true,
        ));
    }

    private function zKey(int $page, Values $values): string
    {
        return $page % 2 === 0 && $values->choice('colours') === 'alternate' ? 'z-even' : 'z-odd';
    }

    private function pocketKey(int $page, Values $values): string
    {
        return $page % 2 === 0 && $values->choice('colours') === 'alternate' ? 'pocket-even' : 'pocket-odd';
    }
}
