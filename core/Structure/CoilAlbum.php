<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

use Ephemeron\Binding\BoardCase;
use Ephemeron\Binding\Loops;
use Ephemeron\Binding\PunchedEdge;
use Ephemeron\Blueprint\Act\Fold as FoldPart;
use Ephemeron\Blueprint\Act\Handling;
use Ephemeron\Blueprint\Act\Pierce;
use Ephemeron\Blueprint\Act\Thread;
use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Bare;
use Ephemeron\Blueprint\Caution;
use Ephemeron\Blueprint\Draft;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Fold;
use Ephemeron\Blueprint\GlueZone;
use Ephemeron\Blueprint\Gusset;
use Ephemeron\Blueprint\Hole;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\Loose;
use Ephemeron\Blueprint\Notch;
use Ephemeron\Blueprint\PanelGrid;
use Ephemeron\Blueprint\PanelRef;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Pouch;
use Ephemeron\Blueprint\Reason;
use Ephemeron\Blueprint\Remark;
use Ephemeron\Blueprint\Slit;
use Ephemeron\Blueprint\Sundry;
use Ephemeron\Blueprint\Task;
use Ephemeron\Design\Allowances;
use Ephemeron\Design\MatRule;
use Ephemeron\Design\Parameter;
use Ephemeron\Design\Placed;
use Ephemeron\Design\Values;
use Ephemeron\Gathering\LeafKind;
use Ephemeron\Gathering\LeafPaper;
use Ephemeron\Gathering\Meeting;
use Ephemeron\Gathering\MeetingSchool;
use Ephemeron\Gathering\Ordering;
use Ephemeron\Gathering\Sheet;
use Ephemeron\Gathering\Template;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Point;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Geometry\Segment;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\SheetFormat;
use Ephemeron\Paper\Side;
use Ephemeron\Paper\Stock;
use Ephemeron\Paper\StockRole;

/**
 * A pad of double-sided square sheets as a coil-bound book with pockets. Source: common practice, no published source.
 *
 * A sheet S × S is scored at the turn-up t and, turned, in the middle: a doubled leaf S/2 × (S − t) with a pocket at the foot of both its
 * faces (8 and 2: 4 × 6). With the fold at the fore-edge the leaf is open at the head; with the fold at the coil, at the fore-edge. A slit
 * in the middle of the turn-up lets it fold cleanly. Plain cards and vellum of the leaf's size come between, so that no two patterned
 * leaves touch: n leaves want n − 1 of them at the least.
 *
 * Boards are a quarter larger than the leaf on each edge, and ¾ wider for the coil: 4 + ½ + ¾ = 5¼, 6 + ½ = 6½; the spine is the coil and
 * ½ (1 → 1½). Covering: one sheet cut in half covers most of one board each, plain card the rest and the spine, a thin strip the joint.
 * The coil is cut to the holes of the leaf's edge: ⌊height ÷ pitch⌋. Small tools take coils up to ⅝ in; a larger one is closed by hand.
 */
final readonly class CoilAlbum implements Structure
{
    /** Places looked at for an order of the leaves. */
    private const GLANCE = 400;

    public function about(): About
    {
        return new About(
            'coil-album',
            'Coil-bound pad album',
            'Most of a small pad, folded into pocket leaves, mixed with card and vellum, on a coil in a hard case.',
            Skill::Some,
            new Sizing(['sheet'], [], 'leaves'),
        );
    }

    public function parameters(): array
    {
        return [
            Parameter::length(
                'sheet',
                'Sheet',
                'Side of the square sheets of the pad.',
                Length::inches(6),
                Length::inches(12),
                Length::inches(8),
                Length::millimetres(200),
            ),
            Parameter::length(
                'turn-up',
                'Turn-up',
                'The part folded up as pockets.',
                Length::inches(1),
                Length::inches(5),
                Length::inches(2),
                Length::millimetres(50),
            ),
            Parameter::count('leaves', 'Folded leaves', 'Each is one sheet of the pad.', 1, 24, 6),
            Parameter::choice(
                'opens',
                'Leaves open at',
                'With the fold at the fore-edge a leaf is open at the head; with the fold at the coil, at the fore-edge.',
                ['top' => 'the head', 'side' => 'the fore-edge'],
                'top',
            ),
            Parameter::count(
                'single',
                'Single leaves',
                'Sheets trimmed to the leaf’s size instead; their strips are kept for cutting out.',
                0,
                12,
                0,
            ),
            Parameter::count('cards', 'Plain card leaves', 'Between the patterned ones.', 0, 24, 3),
            Parameter::count('vellum', 'Vellum or acetate leaves', 'Between the patterned ones.', 0, 24, 2),
            Parameter::count('cut-outs', 'Sheets for cut-outs', 'Kept whole for motifs.', 0, 6, 1),
            Parameter::length(
                'coil',
                'Coil or wire',
                'Its diameter.',
                Length::inches(0, 1, 4),
                Length::inches(2),
                Length::inches(1),
                Length::millimetres(25),
            ),
            ...PunchedEdge::parameters(),
            Parameter::length(
                'tool',
                'Largest coil of the tool',
                'A larger one is closed by hand; of wire too.',
                Length::inches(0, 1, 4),
                Length::inches(2),
                Length::inches(0, 5, 8),
                Length::millimetres(16),
            ),
            Parameter::length(
                'notch',
                'Thumb notch',
                'At the opening of each leaf.',
                Length::inches(0, 1, 2),
                Length::inches(2),
                (new Allowances(Unit::Inch))->notch(),
                (new Allowances(Unit::Centimetre))->notch(),
            ),
        ];
    }

    public function defaultMats(): MatRule
    {
        return MatRule::none();
    }

    public function refusals(Values $values, Notation $notation): array
    {
        $half = $values->length('sheet')->half();

        return array_filter([
            'turn-up' => $values->length('turn-up')->times(2)->isAtLeast($values->length('sheet')) ? sprintf(
                'The turn-up must be less than half the sheet, %s.',
                $notation->text($half),
            ) : null,
            'notch' => $values->length('notch')->isAtLeast($half) ? sprintf(
                'The notch must be smaller than the leaf is wide, %s.',
                $notation->text($half),
            ) : null,
        ]);
    }

    public function defaultFurniture(Values $values, Unit $unit): array
    {
        return [new Placed('front-cover', 'eyelet-lace', new Values)];
    }

    public function materials(Unit $unit): array
    {
        $pad = $unit === Unit::Inch ? SheetFormat::EightSquare : SheetFormat::TwentySquare;

        return UsualPapers::of($unit)->with(StockRole::BookSheet, Stock::pattern('Star party pad', $pad, 160, doubleSided: true))->byRole();
    }

    public function layOut(Brief $brief): Draft
    {
        $draft = $brief->draft();
        $values = $brief->values;
        $allow = new Allowances($brief->notation->unit);
        $leaf = new Size($values->length('sheet')->half(), $values->length('sheet')->minus($values->length('turn-up')));
        $this->addLeaves($draft, $brief, $leaf);
        $this->addCase($draft, $brief, $leaf, $allow);
        $order = $this->order($values);
        $pages = (new CasedBook($draft, new ReadingOrder($draft)))->addFaces(
            $leaf,
            array_map(fn (string $kind): array => $this->sides($kind, $values), $order),
        );
        foreach ($order as $index => $kind) {
            if ($kind === 'leaf') {
                $this->addPockets($draft, $values, $leaf, $pages[$index], $index + 1);
            }
        }
        $this->bind($draft, $brief, $leaf, $order, $allow);

        return $draft;
    }

    private function addLeaves(Draft $draft, Brief $brief, Size $leaf): void
    {
        $values = $brief->values;
        $turnUp = $values->length('turn-up');
        $grid = new PanelGrid(
            ['left' => $leaf->width, 'right' => $values->length('sheet')->minus($leaf->width)],
            ['leaf' => $leaf->height, 'turn-up' => $turnUp],
        );
        $foot = $grid->size()->height;
        $opens = $values->choice('opens') === 'top' ? Edge::Top : Edge::Left;
        $leaves = $values->count('leaves');
        $allow = new Allowances($brief->notation->unit);
        $punched = PunchedEdge::of($leaf->height, $values, $allow)->holes();
        // Folded, both halves are punched at one go: at their outer edges, or beside the fold.
        $at = static fn (Length $x): array => array_map(
            static fn (Hole $hole): Hole => new Hole(new Point($x, $hole->at->y), $hole->diameter),
            $punched,
        );
        $in = $punched[0]->at->x;
        $whole = $grid->size()->width;
        $draft->part(new Part(
            key: 'leaf',
            name: 'Leaf',
            section: 'Leaves',
            size: $grid->size(),
            role: StockRole::BookSheet,
            quantity: $leaves,
            creases: [...$grid->creases(Fold::Valley, ['left' => Fold::Mountain])],
            slits: [new Slit(new Segment(new Point($leaf->width, $leaf->height), new Point($leaf->width, $foot)))],
            notches: [new Notch($grid->area('left', 'leaf')->middleOf($opens), $opens, $values->length('notch'))],
            glueZones: [
                new GlueZone($grid->area('left', 'turn-up')->strip(Edge::Left, Pouch::glueLoss()), Side::A, Adhesive::WetGlue),
                new GlueZone($grid->area('right', 'turn-up')->strip(Edge::Right, Pouch::glueLoss()), Side::A, Adhesive::WetGlue),
            ],
            panels: $grid->panels(),
            places: array_map(static fn (int $number): string => "leaf {$number}", range(1, $leaves)),
            why: "The sheet: {$grid->inWords($brief->notation)}.",
            holes: $opens === Edge::Top ? [...$at($in), ...$at($whole->minus($in))]
                : [...$at($leaf->width->minus($in)), ...$at($leaf->width->plus($in))],
        ));
        $extra = [
            'single' => ['Single leaf', StockRole::BookSheet, $values->count('single')],
            'card' => ['Card leaf', StockRole::SecondCard, $values->count('cards')],
            'vellum' => ['Vellum leaf', StockRole::Specialty, $values->count('vellum')],
        ];
        foreach ($extra as $key => [$name, $role, $count]) {
            if ($count > 0) {
                $draft->part(new Part(
                    $key,
                    $name,
                    'Leaves',
                    $leaf,
                    $role,
                    $count,
                    why: 'As large as a folded leaf.',
                    holes: $punched,
                ));
            }
        }
        if ($values->count('cut-outs') > 0) {
            $draft->task(
                new Task(
                    'keep-cut-outs',
                    Phase::Fill,
                    'Keep the sheets for cut-outs',
                    'Cut round the motifs when the leaves are decorated.',
                    'Cut-outs',
                    parts: ['cut-outs'],
                    caution: Caution::Knife,
                    acts: [Handling::setAside('cut-outs')],
                ),
            );
            $whole = new Size($values->length('sheet'), $values->length('sheet'));
            $draft->part(
                new Part(
                    'cut-outs',
                    'Sheet for cut-outs',
                    'Cut-outs',
                    $whole,
                    StockRole::BookSheet,
                    $values->count('cut-outs'),
                    upright: false,
                    why: 'A whole sheet, kept for its motifs.',
                ),
            );
        }
        $draft->add(
            new Reason(
                'turn-up',
                sprintf(
                    'leaf %s ÷ 2 × (%s − %s) = %s',
                    $brief->notation->inSums()->number($values->length('sheet')),
                    $brief->notation->inSums()->number($values->length('sheet')),
                    $brief->notation->inSums()->number($turnUp),
                    $brief->notation->inSums()->size($leaf),
                ),
            ),
        );
        $draft->task(
            new Task(
                'fold-leaves',
                Phase::Fold,
                'Fold the leaves',
                'Turn the turn-up outwards first, then fold the sheet in half, the turn-ups outside: the slit lets it fold cleanly.',
                'Leaves',
                parts: ['leaf'],
                acts: [new FoldPart('leaf')],
            ),
        );
        $draft->task(
            new Task(
                'glue-turn-ups',
                Phase::Assemble,
                'Glue the turn-ups',
                $values->choice('opens') === 'top' ? 'The fold closes the fore-edge. The leaf itself stays open at the head.'
                    : 'The fold closes the spine side. The leaf itself stays open at the fore-edge.',
                'Leaves',
                Adhesive::WetGlue,
                ['leaf'],
            ),
        );
    }

    private function addCase(Draft $draft, Brief $brief, Size $leaf, Allowances $allow): void
    {
        $edge = $allow->quarter();
        $forCoil = $allow->either(Length::inches(0, 3, 4), Length::millimetres(19));
        $board = new Size($leaf->width->plus($edge->times(2), $forCoil), $leaf->height->plus($edge->times(2)));
        $spine = $brief->values->length('coil')->plus($allow->tab());
        $gap = $allow->fine();
        $turnIn = $allow->either(Length::inches(0, 3, 4), Length::millimetres(20));
        $half = new Size($brief->values->length('sheet')->half(), $brief->values->length('sheet'));
        $rest = Length::longest($board->width->plus($allow->tab())->minus($half->width), $edge)->plus($edge);
        (new BoardCase(
            $board,
            $spine,
            $gap,
            null,
            null,
            "The leaf, {$brief->notation->text($edge)} on each edge, and {$brief->notation->text($forCoil)} for the coil.",
            'The coil and a little.',
        ))->addTo($draft, $brief->notation);
        $draft->part(
            new Part(
                'cover-half',
                'Cover half',
                'Case',
                $half,
                StockRole::BookSheet,
                2,
                places: ['front', 'back'],
                why: 'One sheet of the pad cut in half: it covers most of one board each.',
            ),
        );
        $joint = new Size($spine->plus($gap->times(2), $rest->times(2)), $board->height->plus($turnIn->times(2)));
        $draft->part(
            new Part(
                'cover-joint',
                'Cover joint, plain',
                'Case',
                $joint,
                StockRole::SecondCard,
                upright: false,
                places: ['spine'],
                why: 'The spine, both gaps, what the halves leave of the boards, and an overlap; turn-ins at head and foot.',
            ),
        );
        $draft->part(
            new Part(
                'cover-strip',
                'Thin strip over the joint',
                'Case',
                new Size($allow->tab(), $board->height),
                StockRole::CoverPaper,
                2,
                upright: false,
                places: ['front', 'back'],
                why: 'Covers the edge where the two papers meet.',
            ),
        );
        $join = static fn (string $from, string $onto, Rectangle $area): Joint => new Joint(
            new PanelRef($from, 'whole', Side::B),
            new PanelRef($onto, 'whole', Side::A),
            $area,
            Adhesive::WetGlue,
            Layer::Cover,
            'cover-case',
            isLap: true,
        );
        $half = $draft->sizeOf('cover-half');
        $strip = $draft->sizeOf('cover-strip');
        $up = Length::zero()->minus($turnIn);
        $draft->add($join('cover-joint', BoardCase::SPINE, Rectangle::centred($joint, $draft->sizeOf(BoardCase::SPINE))));
        // Turned in at the fore-edge, at head and foot; the strip lies over the edge that is left in the middle of the board.
        $draft->add($join(
            'cover-half',
            BoardCase::BOARD,
            Rectangle::at($board->width->plus($turnIn)->minus($half->width), $up, $half),
        ));
        $draft->add($join('cover-strip', 'cover-half', Rectangle::at($up->plus($turnIn)->minus($strip->width->half()), $turnIn, $strip)));
        $draft->task(
            new Task(
                'cover-case',
                Phase::Assemble,
                'Cover the case',
                sprintf(
                    'Board, spine board, board in a row on the back of the plain card, heads level, %s between them; work the card into '
                        .'both gaps. Then the halves over the boards, turned in at three edges, corners folded neatly; the thin strips '
                        .'over the joints last. Press under a weight.',
                    $brief->notation->text($gap),
                ),
                'Case',
                Adhesive::WetGlue,
                ['cover-joint', 'cover-half', 'cover-strip', BoardCase::BOARD, BoardCase::SPINE],
                caution: Caution::Knife,
                acts: [Handling::turnIn('cover-half'), Handling::press(60, 'cover-joint', 'cover-half')],
            ),
        );
        $draft->add(
            new Reason(
                'coil',
                sprintf(
                    'spine %s + %s = %s',
                    $brief->notation->inSums()->number($brief->values->length('coil')),
                    $brief->notation->inSums()->number($allow->tab()),
                    $brief->notation->inSums()->text($spine),
                ),
            ),
        );
    }

    /** @param array{Face, Face} $faces */
    private function addPockets(Draft $draft, Values $values, Size $leaf, array $faces, int $number): void
    {
        $area = Rectangle::whole($leaf)->strip(Edge::Bottom, $values->length('turn-up'));
        $isTop = $values->choice('opens') === 'top';
        foreach ($faces as $index => $face) {
            $spine = $index === 0 ? Edge::Left : Edge::Right;
            (new PocketFront(
                'Turn-up pocket',
                new PanelRef('leaf', str_replace('-leaf', '-turn-up', $face->paper->panel), Side::B),
                $area,
                [$isTop ? $spine : $spine->opposite()],
                Edge::Top,
                'glue-turn-ups',
                takesMat: false,
            ))->on($draft, $face);
        }
        $draft->add(
            new Pouch(
                "leaf-{$number}-inside",
                "Leaf {$number}, between its halves",
                $faces[0]->key,
                $leaf,
                $isTop ? [Edge::Left] : [],
                $isTop ? Edge::Top : Edge::Right,
                $isTop ? $leaf->height : $leaf->width,
                front: $faces[0]->paper,
                behind: new PanelRef('leaf', $faces[1]->paper->panel, Side::B),
            ),
        );
    }

    /** @param list<string> $order */
    private function bind(Draft $draft, Brief $brief, Size $leaf, array $order, Allowances $allow): void
    {
        $values = $brief->values;
        $edge = PunchedEdge::of($leaf->height, $values, $allow);
        $holes = $edge->count();
        $word = $edge->loops->word();
        $isWire = $edge->loops !== Loops::Coil;
        $punched = array_values(array_unique($order));
        $paper = $brief->stock(StockRole::BookSheet)->caliper;
        $bare = Length::zero();
        foreach ($order as $kind) {
            $bare = $bare->plus(match ($kind) {
                'leaf' => $paper->times(4),
                'card' => $brief->stock(StockRole::SecondCard)->caliper,
                'vellum' => $brief->stock(StockRole::Specialty)->caliper,
                default => $paper,
            });
        }
        $draft->add(new Bare($bare->plus($brief->stock(StockRole::Board)->caliper->times(2))));
        $draft->add(
            new Gusset(
                "the {$word}",
                $values->length('coil')->minus($allow->fine()),
                $bare,
                $draft->pageKeys(),
                'coil',
                1,
                Length::zero()->minus($allow->fine()),
            ),
        );
        $draft->add(
            new Loose(
                sprintf(
                    '%s, %s, %d holes',
                    ucfirst($isWire ? $edge->loops->label() : $word),
                    $brief->notation->text($values->length('coil')),
                    $holes,
                ),
                $leaf->height,
                1,
                'Binding',
                Sundry::Coil,
            ),
        );
        $draft->add(
            new Reason(
                'pitch',
                sprintf(
                    '%s at a pitch of %s, a hole’s breadth left at both ends: %d holes, the %s is cut to them',
                    $brief->notation->number($leaf->height),
                    $brief->notation->number($edge->pitch),
                    $holes,
                    $word,
                ),
            ),
        );
        $draft->task(
            new Task(
                'gather',
                Phase::DryFit,
                'Lay the leaves in order',
                'No two patterned leaves together where it can be: '.implode(', ', $order).'.',
                'Leaves',
                parts: ['leaf'],
                after: ['glue-turn-ups'],
                acts: [Handling::dryFit(...$punched)],
            ),
        );
        $draft->task(
            new Task(
                'punch',
                Phase::Finish,
                'Punch the binding edge',
                "{$holes} holes along the edge opposite the fold, or along its fold where the leaf opens at the fore-edge: the stop set "
                    .'once and the same for all, each leaf the right way up. At both ends at least the breadth of a hole stays.',
                'Binding',
                parts: ['leaf'],
                after: ['gather'],
                caution: Caution::Needle,
                acts: [new Pierce($punched, $holes, 'along the binding edge')],
            ),
        );
        $draft->task(
            new Task(
                'coil',
                Phase::Finish,
                $isWire ? 'Close the wire' : 'Wind the coil in',
                ($isWire ? "Cut it to {$holes} loops, hang the leaves on it, the last one first and face down, so that its joint comes to "
                    .'lie at the back. Close it in the tool, turned to its size, until the points meet.'
                    : "Cut it to {$holes} holes, wind it through, bend both ends inwards.")
                    .' Glue the last page into the back cover, the right way up.',
                'Binding',
                Adhesive::WetGlue,
                ['leaf'],
                ['cover-case'],
                binds: true,
                acts: [new Thread("the {$word}", $punched)],
            ),
        );
        $this->remark($draft, $brief);
    }

    private function remark(Draft $draft, Brief $brief): void
    {
        $values = $brief->values;
        $text = $brief->notation->text(...);
        $loops = Loops::from($values->choice('binding'));
        $largest = $loops->largest();
        if ($largest !== null && $values->length('coil')->isMoreThan($largest)) {
            $draft->add(new Remark(
                Remark::WATCH,
                'wire-too-large',
                sprintf('%s is made up to %s; %s is asked for.', ucfirst($loops->label()), $text($largest), $text($values->length('coil'))),
                mend: $loops === Loops::ThreeToTheInch ? 'Take wire, 2:1' : 'Take a coil',
                changes: ['parameters.binding' => ($loops === Loops::ThreeToTheInch ? Loops::TwoToTheInch : Loops::Coil)->value],
            ));
        }
        if ($values->length('coil')->isMoreThan($values->length('tool'))) {
            $draft->add(
                new Remark(
                    Remark::NOTE,
                    'coil-too-large-for-tool',
                    sprintf(
                        'A %s of %s does not go into the tool, which takes %s: close it by hand.',
                        $loops->word(),
                        $text($values->length('coil')),
                        $text($values->length('tool')),
                    ),
                ),
            );
        }
        $patterned = $values->count('leaves') + $values->count('single');
        $between = $values->count('cards') + $values->count('vellum');
        if ($between < $patterned - 1) {
            $draft->add(
                new Remark(
                    Remark::WATCH,
                    'patterns-together',
                    sprintf(
                        '%d patterned leaves want %d plain ones between them; there are %d. Some patterned leaves will lie together.',
                        $patterned,
                        $patterned - 1,
                        $between,
                    ),
                    mend: sprintf('Take %d card leaves', $patterned - 1 - $values->count('vellum')),
                    changes: ['parameters.cards' => min(24, $patterned - 1 - $values->count('vellum'))],
                ),
            );
        }
    }

    /**
     * Put in order as the leaves of a journal are: no two of a kind together as far as there is something to put between.
     *
     * @return list<string> kinds of leaves from front to back
     */
    private function order(Values $values): array
    {
        $leaf = Size::inches(4, 6);
        $sheets = [];
        foreach ([
            'leaf' => [LeafKind::Specialty, $values->count('leaves')],
            'single' => [LeafKind::Specialty, $values->count('single')],
            'card' => [LeafKind::Plain, $values->count('cards')],
            'vellum' => [LeafKind::Extra, $values->count('vellum')],
        ] as $key => [$kind, $count]) {
            $paper = new LeafPaper($key, Stock::card($key, SheetFormat::A5, 160)->with(sheet: $leaf), $kind);
            $single = Meeting::of($paper, Template::ofLeaf($leaf), MeetingSchool::usual(Unit::Inch));
            array_push($sheets, ...array_map(static fn (): Sheet => new Sheet($single), $count === 0 ? [] : range(1, $count)));
        }

        return $sheets === [] ? [] : array_map(
            static fn (Sheet $sheet): string => $sheet->meeting->paper->key,
            (new Ordering(self::GLANCE))->propose($sheets)->signature->sheets,
        );
    }

    /** @return array{PanelRef, PanelRef} */
    private function sides(string $kind, Values $values): array
    {
        if ($kind !== 'leaf') {
            return [new PanelRef($kind, 'whole', Side::A), new PanelRef($kind, 'whole', Side::B)];
        }
        // With the fold at the fore-edge the left half is in front, with the fold at the coil the right one.
        [$front, $back] = $values->choice('opens') === 'top' ? ['left', 'right'] : ['right', 'left'];

        return [new PanelRef('leaf', "{$front}-leaf", Side::A), new PanelRef('leaf', "{$back}-leaf", Side::A)];
    }
}
