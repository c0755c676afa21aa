<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

use Ephemeron\Binding\BoardCase;
use Ephemeron\Blueprint\Act\Slip;
use Ephemeron\Blueprint\Act\Thread;
use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Bare;
use Ephemeron\Blueprint\Closing;
use Ephemeron\Blueprint\Corner;
use Ephemeron\Blueprint\Crease;
use Ephemeron\Blueprint\Draft;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Filling;
use Ephemeron\Blueprint\Fold;
use Ephemeron\Blueprint\GlueZone;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\Loose;
use Ephemeron\Blueprint\Opening;
use Ephemeron\Blueprint\PanelGrid;
use Ephemeron\Blueprint\PanelRef;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Pose;
use Ephemeron\Blueprint\Pouch;
use Ephemeron\Blueprint\Reason;
use Ephemeron\Blueprint\Seen;
use Ephemeron\Blueprint\Slit;
use Ephemeron\Blueprint\Sundry;
use Ephemeron\Blueprint\Task;
use Ephemeron\Blueprint\Trim;
use Ephemeron\Design\MatRule;
use Ephemeron\Design\Parameter;
use Ephemeron\Design\Values;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Point;
use Ephemeron\Geometry\Polygon;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Geometry\Segment;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\Side;
use Ephemeron\Paper\StockRole;

/**
 * Pages that are pockets, added one by one into a soft open spine. Source: common practice, no published source.
 *
 * A page is one blank of 2p × (h + d), scored at p and, turned, at d from the foot. Folded, with the fold at the spine, it is p × h and
 * open at the head: the one half's strip (p × d) folds up outside as a pocket, the other's is cut away a lip short of the score, and the
 * lip is folded inside to close the foot. Which half keeps its strip decides whether the pocket faces left or right. Seen from side A, the
 * outside, the page fold is a mountain, the strip's a valley and the lip's a mountain.
 *
 * Two flange strips ¾ wide, scored in the middle, close the fore-edge: the one as long as the pocket is deep closes the pocket's open end
 * (its other end lies at the spine fold and is glued), the other, twice as long, the page above it. Inserts are ¼ narrower than the page.
 * A double insert has two panels of p − ⅛ and a gusset of ⅛ between, as tall as a panel is wide. Boards are ½ larger than the page both
 * ways; anchors stand between the pages, so n pages want n + 1, and each takes half its width of the spine.
 */
final readonly class ThreadHingeAlbum implements Structure
{
    public function about(): About
    {
        return new About(
            'thread-hinge-album',
            'Thread-hinge album',
            'Pocket pages knotted one by one into an open spine: one sheet a page, and pages can be added or taken out later.',
            Skill::Patient,
            new Sizing(['page-width'], ['page-height'], 'pages'),
        );
    }

    public function parameters(): array
    {
        $eighth = Length::inches(0, 1, 8);

        return [
            Parameter::length(
                'page-width',
                'Page width',
                'From the fold at the spine to the fore-edge; the blank is twice as wide.',
                Length::inches(2),
                Length::inches(12),
                Length::inches(6),
                Length::millimetres(150),
            ),
            Parameter::length(
                'page-height',
                'Page height',
                'How tall a page is, without the strip that folds up.',
                Length::inches(3),
                Length::inches(15),
                Length::inches(10),
                Length::millimetres(250),
            ),
            Parameter::length(
                'pocket-depth',
                'Pocket depth',
                'The strip at the foot that folds up as a pocket.',
                Length::inches(1),
                Length::inches(8),
                Length::inches(2),
                Length::millimetres(50),
            ),
            Parameter::choice(
                'pocket-side',
                'Pocket faces',
                'Which half keeps its strip.',
                ['right' => 'right: on the front of the page', 'left' => 'left: on its back'],
                'right',
            ),
            Parameter::count('pages', 'Pages', 'How many pages are knotted in; each is one sheet.', 1, 16, 5),
            Parameter::length(
                'lip',
                'Lip',
                'What stays of the strip that is cut away, to close the foot.',
                $eighth->half(),
                Length::inches(0, 1, 2),
                $eighth,
                Length::millimetres(3),
            ),
            Parameter::length(
                'side-strip',
                'Side strips',
                'Width of the strips that close the fore-edge; they are scored in the middle.',
                Length::inches(0, 1, 2),
                Length::inches(1, 1, 2),
                Length::inches(0, 3, 4),
                Length::millimetres(20),
            ),
            Parameter::choice(
                'inserts',
                'Inserts',
                'What slides into the pages.',
                [
                    'single' => 'one tall card a page',
                    'double' => 'a folded double card a page',
                    'turns' => 'tall and double in turns',
                    'none' => 'none',
                ],
                'single',
            ),
            Parameter::flag('liners', 'Liners', 'Patterned paper on both sides of the tall inserts.', true),
            Parameter::length(
                'spine-width',
                'Spine width',
                'Of the two spine boards; every anchor takes half its width of it.',
                Length::inches(0, 1, 2),
                Length::inches(8),
                Length::inches(2, 1, 2),
                Length::millimetres(64),
            ),
            Parameter::length(
                'anchor',
                'Page anchors',
                'Width of the strips between the pages; scored in the middle.',
                Length::inches(0, 1, 2),
                Length::inches(1, 1, 2),
                Length::inches(0, 3, 4),
                Length::millimetres(20),
            ),
            Parameter::length(
                'hinge',
                'Inside hinges',
                'Width of the strips that join spine and boards; scored in the middle.',
                Length::inches(1),
                Length::inches(4),
                Length::inches(2),
                Length::millimetres(50),
            ),
        ];
    }

    public function defaultMats(): MatRule
    {
        return MatRule::none();
    }

    public function refusals(Values $values, Notation $notation): array
    {
        $refusals = [];
        $needed = $values->length('anchor')->half()->times($values->count('pages') + 1);
        if ($needed->isMoreThan($values->length('spine-width'))) {
            $refusals['pages'] = sprintf(
                '%d pages want %d anchors, %s of spine; the spine is %s wide.',
                $values->count('pages'),
                $values->count('pages') + 1,
                $notation->text($needed),
                $notation->text($values->length('spine-width')),
            );
        }
        if ($values->length('pocket-depth')->times(3)->isMoreThan($values->length('page-height'))) {
            $refusals['pocket-depth'] = sprintf(
                'The side strips are three pocket depths long together; a page is only %s tall.',
                $notation->text($values->length('page-height')),
            );
        }

        return $refusals;
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
        $this->layOutCase($draft, $brief);
        $this->layOutFaces($draft, $brief);
        $this->addInserts($draft, $brief);
        $card = $brief->stock(StockRole::StructureCard)->caliper;
        $board = $brief->stock(StockRole::Board)->caliper;
        $draft->add(new Bare($card->times(3 * $brief->values->count('pages'))->plus($board->times(2))));

        return $draft;
    }

    private function layOutPages(Draft $draft, Brief $brief): void
    {
        $values = $brief->values;
        $notation = $brief->notation;
        $kept = $this->kept($values);
        $cut = $kept === 'recto' ? 'verso' : 'recto';
        $grid = $this->grid($values);
        $lip = $values->length('lip');
        $foot = $grid->area('', 'page')->bottom();
        $middle = $values->length('page-width');
        $waste = $grid->area($cut, 'strip');
        $pages = $values->count('pages');
        $draft->part(new Part(
            key: 'page',
            name: 'Page',
            section: 'Pages',
            size: $grid->size(),
            role: StockRole::StructureCard,
            quantity: $pages,
            creases: [
                Crease::across($grid->size(), Axis::Width, $middle, Fold::Mountain),
                new Crease(Segment::across(Axis::Height, $foot, $grid->area($kept)->left(), $grid->area($kept)->right()), Fold::Valley),
                new Crease(Segment::across(Axis::Height, $foot, $waste->left(), $waste->right()), Fold::Mountain),
            ],
            slits: [new Slit(new Segment(new Point($middle, $foot), new Point($middle, $foot->plus($lip))))],
            glueZones: [new GlueZone(Rectangle::at($waste->left(), $foot, new Size($middle, $lip)), Side::A, Adhesive::WetGlue)],
            panels: $grid->panels(),
            places: array_map(static fn (int $leaf): string => "leaf {$leaf}", range(1, $pages)),
            cutAways: [
                Polygon::of(
                    Rectangle::at($waste->left(), $foot->plus($lip), new Size($middle, $values->length('pocket-depth')->minus($lip))),
                ),
            ],
            why: "Two halves, and the strip that folds up: {$grid->inWords($notation)}.",
        ));
        $draft->add(
            new Reason(
                'page-width',
                sprintf(
                    'blank 2 × %s = %s wide',
                    $notation->inSums()->number($middle),
                    $notation->inSums()->text($grid->size()->width),
                ),
            ),
        );
        $draft->add(
            new Reason(
                'pocket-depth',
                sprintf(
                    'blank %s + %s = %s tall',
                    $notation->inSums()->number($values->length('page-height')),
                    $notation->inSums()->number($values->length('pocket-depth')),
                    $notation->inSums()->text($grid->size()->height),
                ),
            ),
        );
        foreach (['short' => 1, 'long' => 2] as $which => $times) {
            $strip = PanelGrid::columns(
                ['inner' => $values->length('side-strip')->half(), 'outer' => $values->length('side-strip')->half()],
                $values->length('pocket-depth')->times($times),
            );
            $draft->part(new Part(
                key: "side-strip-{$which}",
                name: ucfirst($which).' side strip',
                section: 'Pages',
                size: $strip->size(),
                role: StockRole::StructureCard,
                quantity: $pages,
                creases: $strip->creases(),
                panels: $strip->panels(),
                upright: false,
                corners: Corner::all(Trim::Mitred, Length::inches(0, 1, 8)),
                why: $times === 1 ? 'As long as the pocket is deep.' : 'Twice the depth of the pocket.',
            ));
        }
        $thread = $this->strand($brief)->times(2);
        $draft->add(new Loose('Strong thread, doubled', $thread, $pages, 'Pages', Sundry::Thread));
        $this->close($draft, $brief, $kept, $cut);
    }

    /** The fore-edge by the side strips, the foot by the lip; then the strip of the other half turns up onto lip and strip. */
    private function close(Draft $draft, Brief $brief, string $kept, string $cut): void
    {
        $values = $brief->values;
        $notation = $brief->notation;
        $depth = $values->length('pocket-depth');
        $half = $values->length('side-strip')->half();
        $places = array_map(static fn (int $leaf): string => "leaf {$leaf}", range(1, $values->count('pages')));
        $inside = fn (string $column): PanelRef => new PanelRef('page', "{$column}-page", Side::B);
        $long = new Size($half, $depth->times(2));
        $foreEdge = static fn (string $column): Edge => $column === 'recto' ? Edge::Right : Edge::Left;
        // Its fold along the fore-edge; the inside of a page shows its edges the other way round.
        $along = static fn (Edge $edge, Size $strip): Rectangle => Rectangle::at(
            $edge === Edge::Left ? Length::zero() : $values->length('page-width')->minus($strip->width),
            Length::zero(),
            $strip,
        );
        foreach (['inner' => $kept, 'outer' => $cut] as $panel => $column) {
            $draft->add(new Joint(
                new PanelRef('side-strip-long', $panel, Side::B),
                $inside($column),
                $along($foreEdge($column)->opposite(), $long),
                Adhesive::WetGlue,
                Layer::Structure,
                $panel === 'inner' ? 'side-strips' : 'close-pages',
                isLap: true,
                by: $panel === 'inner' ? Edge::Right : Edge::Left,
                towards: $foreEdge($column),
            ));
        }
        $draft->add(new Joint(
            new PanelRef('page', "{$cut}-strip", Side::A),
            $inside($kept),
            Rectangle::whole($draft->partOf('page')->panel("{$kept}-page")->area->size())->strip(Edge::Bottom, $values->length('lip')),
            Adhesive::WetGlue,
            Layer::Structure,
            'close-pages',
            isLap: true,
            by: Edge::Top,
        ));
        foreach (['inner' => 'strip', 'outer' => 'page'] as $panel => $row) {
            $draft->add(new Joint(
                new PanelRef('side-strip-short', $panel, Side::B),
                new PanelRef('page', "{$kept}-{$row}", Side::A),
                $along($foreEdge($kept), new Size($half, $depth)),
                Adhesive::WetGlue,
                Layer::Structure,
                $panel === 'inner' ? 'side-strips' : 'turn-up-pockets',
                isLap: true,
                by: $panel === 'inner' ? Edge::Right : Edge::Left,
                towards: $foreEdge($kept),
            ));
        }
        $draft->task(new Task(
            'side-strips',
            Phase::Assemble,
            'Glue the side strips to the free edge',
            sprintf(
                'Fold them. One half of the long strip goes inside along the free edge (away from the fold) of the half that keeps its '
                    .'strip, its foot %s above the score; one half of the short strip along the same edge of the strip that will turn '
                    .'up. The other halves stand out.',
                $notation->text($notation->unit === Unit::Inch ? Length::inches(0, 1, 16) : Length::millimetres(1)),
            ),
            'Pages',
            Adhesive::WetGlue,
            ['page', 'side-strip-long', 'side-strip-short'],
            places: $places,
        ));
        $draft->task(new Task(
            'tape-threads',
            Phase::Assemble,
            'Tape the threads into the folds',
            sprintf(
                'Lay the doubled thread (%s altogether) along the inside of the middle fold; tape it at the head, the foot and the '
                    .'middle. Its ends hang out equally.',
                $notation->text($this->strand($brief)->times(2)),
            ),
            'Pages',
            Adhesive::Tape,
            ['page'],
            places: $places,
            acts: [new Thread('the thread', ['page'], pierced: false)],
        ));
        $draft->task(new Task(
            'close-pages',
            Phase::Assemble,
            'Close the pages',
            'Fold the lip in, bead on it and on the other half of the long strip, and shut the page. The head, where the inserts go in, '
                .'stays open: it is the edge without score.',
            'Pages',
            Adhesive::WetGlue,
            ['page'],
            ['side-strips', 'tape-threads'],
            $places,
        ));
        $draft->task(new Task(
            'turn-up-pockets',
            Phase::Assemble,
            'Turn up the pockets',
            'Up over the lip; a thin bead along the fold at the spine, the short strip closes the fore-edge. Open it once before the '
                .'glue sets.',
            'Pages',
            Adhesive::WetGlue,
            ['page'],
            ['close-pages'],
            $places,
        ));
    }

    /** What the boards are more than a page, each way. */
    private function more(Unit $unit): Length
    {
        return $unit === Unit::Inch ? Length::inches(0, 1, 2) : Length::millimetres(12);
    }

    private function board(Brief $brief): Size
    {
        $page = new Size($brief->values->length('page-width'), $brief->values->length('page-height'));

        return $page->plus($this->more($brief->notation->unit));
    }

    /**
     * Along the fold, from both its ends to the middle of the board's back, and a hand's breadth for the knot (common practice, no
     * published source).
     */
    private function strand(Brief $brief): Length
    {
        $hand = $brief->notation->unit === Unit::Inch ? Length::inches(4) : Length::millimetres(100);

        return $brief->values->length('page-height')->plus($this->board($brief)->height, $hand);
    }

    private function layOutCase(Draft $draft, Brief $brief): void
    {
        $values = $brief->values;
        $notation = $brief->notation;
        $half = $this->more($notation->unit);
        $board = $this->board($brief);
        $gap = $notation->unit === Unit::Inch ? Length::inches(0, 1, 8) : Length::millimetres(3);
        $case = new BoardCase(
            $board,
            $values->length('spine-width'),
            $gap,
            null,
            null,
            "The page and {$notation->text($half)} more each way.",
            'As wide as you chose, as tall as a page: the threads go round it.',
            $values->length('page-height'),
        );
        $case->addTo($draft, $notation);
        $hinge = PanelGrid::columns(
            ['board' => $values->length('hinge')->half(), 'spine' => $values->length('hinge')->half()],
            $values->length('page-height'),
        );
        $anchor = PanelGrid::columns(
            ['base' => $values->length('anchor')->half(), 'fin' => $values->length('anchor')->half()],
            $board->height,
        );
        $draft->part(
            new Part(
                'hinge',
                'Inside hinge',
                'Case',
                $hinge->size(),
                StockRole::StructureCard,
                2,
                $hinge->creases(),
                panels: $hinge->panels(),
                upright: false,
                places: ['front', 'back'],
                why: 'As tall as a page.',
            ),
        );
        $anchors = $values->count('pages') + 1;
        $draft->part(
            new Part(
                'anchor',
                'Page anchor',
                'Case',
                $anchor->size(),
                StockRole::StructureCard,
                $anchors,
                $anchor->creases(),
                panels: $anchor->panels(),
                upright: false,
                why: "One before each page and one after the last: {$values->count('pages')} + 1. As tall as the boards.",
            ),
        );
        $draft->add(
            new Reason(
                'pages',
                sprintf(
                    'anchors %d + 1 = %d, together %s of the spine',
                    $values->count('pages'),
                    $anchors,
                    $notation->text($values->length('anchor')->half()->times($anchors)),
                ),
            ),
        );
        $draft->part(
            new Part(
                'outer-spine',
                'Loose outer spine board',
                'Case',
                new Size($values->length('spine-width'), $board->height),
                StockRole::Board,
                upright: false,
                places: ['spine'],
                why: 'As wide as the spine board, as tall as the covers: it hides the knots.',
            ),
        );
        $spine = new PanelRef(BoardCase::SPINE, 'whole', Side::B);
        $onSpine = Rectangle::whole($hinge->area('spine')->size());
        $onBoard = $hinge->area('board')->size();
        $draft->add(
            new Joint(
                new PanelRef('hinge', 'spine', Side::B),
                $spine,
                $onSpine,
                Adhesive::WetGlue,
                Layer::Structure,
                'hinges',
                isLap: true,
            ),
        );
        $draft->add(new Joint(
            new PanelRef('hinge', 'board', Side::B),
            new PanelRef(BoardCase::BOARD, 'whole', Side::B),
            Rectangle::at($board->width->minus($onBoard->width), $board->height->minus($onBoard->height)->half(), $onBoard),
            Adhesive::WetGlue,
            Layer::Structure,
            'hinges',
            isLap: true,
        ));
        $draft->add(new Joint(
            new PanelRef('anchor', 'base', Side::B),
            $spine,
            Rectangle::at(
                Length::zero(),
                $draft->sizeOf(BoardCase::SPINE)->height->minus($board->height)->half(),
                $anchor->area('base')->size(),
            ),
            Adhesive::WetGlue,
            Layer::Structure,
            'anchors',
            isLap: true,
        ));
        $draft->task(
            new Task(
                'hinges',
                Phase::Assemble,
                'Join spine and covers',
                sprintf(
                    'Lay cover board, spine board, cover board in a row, the spine board in the middle of their height, %s between them. '
                        .'A hinge inside each joint: one half on the spine board, one on the cover, the fold free between.',
                    $notation->text($gap),
                ),
                'Case',
                Adhesive::WetGlue,
                ['hinge', BoardCase::BOARD, BoardCase::SPINE],
            ),
        );
        $draft->task(
            new Task(
                'anchors',
                Phase::Assemble,
                'Set the page anchors',
                'Glue the base of each anchor side by side onto the inside of the spine board, over the hinges; the other halves stand '
                    .'up between the pages.',
                'Case',
                Adhesive::WetGlue,
                ['anchor'],
                ['hinges'],
            ),
        );
        $draft->task(new Task(
            'knot-pages',
            Phase::Finish,
            'Knot the pages in',
            'One page between each two anchors, its head up: pull its thread ends round the head and the foot of the spine board and '
                .'knot them tight behind it, in the middle. Do not glue: pages can come out again.',
            'Case',
            parts: ['page'],
            after: ['anchors', 'turn-up-pockets'],
            binds: true,
            acts: [new Thread('the threads', ['page'], pierced: false)],
        ));
        $draft->task(
            new Task(
                'hide-knots',
                Phase::Finish,
                'Lay the outer spine board over the knots',
                'Last of all, held by a ribbon or a band round the book: it comes off when a page is to be added.',
                'Case',
                parts: ['outer-spine'],
                after: ['knot-pages'],
                acts: [new Thread('a ribbon or a band', ['outer-spine'], pierced: false)],
            ),
        );
        $draft->add(new Closing('knotted threads'));
    }

    private function layOutFaces(Draft $draft, Brief $brief): void
    {
        $values = $brief->values;
        $page = new Size($values->length('page-width'), $values->length('page-height'));
        $board = $draft->sizeOf(BoardCase::BOARD);
        $reading = new ReadingOrder($draft);
        $front = $reading->frontCover($board, new PanelRef(BoardCase::BOARD, 'whole', Side::A));
        $left = $reading->page($board, new PanelRef(BoardCase::BOARD, 'whole', Side::B), Edge::Right, 'inside the front cover');
        $opened = $left;
        for ($k = 1; $k <= $values->count('pages'); $k++) {
            $recto = $reading->page($page, new PanelRef('page', 'recto-page', Side::A), Edge::Left);
            $verso = $reading->page($page, new PanelRef('page', 'verso-page', Side::A), Edge::Right);
            $draft->add(new Opening($left->key, $recto->key));
            $this->addPockets($draft, $values, $values->choice('pocket-side') === 'right' ? $recto : $verso, $k);
            if ($k === 1) {
                $draft->add(Pose::row(Pose::CLOSED, 'Closed', Seen::face($front)));
                $draft->add(
                    Pose::row(
                        Pose::OPENED,
                        'Opened',
                        Seen::face($opened),
                        Seen::bare(new PanelRef(BoardCase::SPINE, 'whole', Side::B), $draft->sizeOf(BoardCase::SPINE)),
                        Seen::face($recto),
                    ),
                );
            }
            $left = $verso;
        }
        $inside = $reading->page($board, new PanelRef(BoardCase::BOARD, 'whole', Side::B), Edge::Left, 'inside the back cover');
        $draft->add(new Opening($left->key, $inside->key));
        $reading->backCover($board, new PanelRef(BoardCase::BOARD, 'whole', Side::A));
    }

    private function addPockets(Draft $draft, Values $values, Face $page, int $number): void
    {
        $depth = $values->length('pocket-depth');
        $area = Rectangle::whole($page->size)->strip(Edge::Bottom, $depth);
        (new PocketFront(
            'Turned-up pocket',
            new PanelRef('page', $this->kept($values).'-strip', Side::B),
            $area,
            [Edge::Left, Edge::Right],
            Edge::Top,
            'turn-up-pockets',
        ))->on($draft, $page);
        $draft->add(new Pouch(
            "page-{$number}-inside",
            "Leaf {$number}, between its halves",
            $page->key,
            $page->size,
            // The strip closes the fore-edge with its fold: it takes nothing of the width.
            [Edge::Bottom],
            Edge::Top,
            $page->size->height,
            front: $page->paper,
            behind: new PanelRef('page', $this->kept($values) === 'recto' ? 'verso-page' : 'recto-page', Side::B),
        ));
    }

    private function addInserts(Draft $draft, Brief $brief): void
    {
        $values = $brief->values;
        for ($k = 1; $k <= $values->count('pages'); $k++) {
            $isDouble = match ($values->choice('inserts')) {
                'double' => true,
                'turns' => $k % 2 === 0,
                default => false,
            };
            if ($values->choice('inserts') !== 'none') {
                $this->addInsert($draft, $brief, $k, $isDouble);
            }
        }
    }

    private function addInsert(Draft $draft, Brief $brief, int $number, bool $isDouble): void
    {
        $values = $brief->values;
        $quarter = $brief->notation->unit === Unit::Inch ? Length::inches(0, 1, 4) : Length::millimetres(7);
        $eighth = $quarter->half();
        $place = "leaf {$number}";
        $panel = $values->length('page-width')->minus($eighth);
        $grid = $isDouble
            ? PanelGrid::columns(
                ['left' => $panel, 'gusset' => $eighth, 'right' => $panel],
                Length::shortest($panel, $values->length('page-height')),
            )
            : PanelGrid::columns(['card' => $values->length('page-width')->minus($quarter)], $values->length('page-height'));
        $part = $draft->part(new Part(
            key: $isDouble ? 'double-insert' : 'insert',
            name: $isDouble ? 'Double insert' : 'Insert',
            section: 'Inserts',
            size: $grid->size(),
            role: StockRole::InsertCard,
            creases: $grid->creases(),
            panels: $grid->panels(),
            places: [$place],
            why: $isDouble
                ? "Two panels {$brief->notation->text($eighth)} narrower than the page and a gusset: {$grid->inWords($brief->notation)}."
                : "The page less {$brief->notation->text($quarter)}, so that it slides once the glue is in.",
        ));
        $folded = new Size($panel, $grid->size()->height);
        $draft->add(new Filling($part, "page-{$number}-inside", $isDouble ? $folded : null));
        $parts = [$part];
        if (! $isDouble && $values->flag('liners')) {
            $liner = new Size($grid->size()->width->minus($eighth), $grid->size()->height->minus($eighth));
            $parts[] = $draft->part(
                new Part(
                    'liner',
                    'Insert liner',
                    'Inserts',
                    $liner,
                    StockRole::MatTop,
                    2,
                    places: ["{$place}, front", "{$place}, back"],
                    why: "The insert less {$brief->notation->text($eighth)} overall.",
                ),
            );
            foreach (Side::cases() as $side) {
                $draft->add(new Joint(
                    new PanelRef('liner', 'whole', Side::B),
                    new PanelRef($part, 'whole', $side),
                    Rectangle::centred($liner, $grid->size()),
                    Adhesive::WetGlue,
                    Layer::Insert,
                    'inserts',
                ));
            }
        }
        $draft->task(
            new Task(
                'inserts',
                Phase::Fill,
                'Line the inserts and slide them in',
                'Into the page from the head.',
                'Inserts',
                Adhesive::WetGlue,
                $parts,
                ['close-pages'],
                [$place],
                acts: [new Slip($part, "page-{$number}-inside")],
            ),
        );
    }

    private function grid(Values $values): PanelGrid
    {
        return new PanelGrid(
            ['verso' => $values->length('page-width'), 'recto' => $values->length('page-width')],
            ['page' => $values->length('page-height'), 'strip' => $values->length('pocket-depth')],
        );
    }

    private function kept(Values $values): string
    {
        return $values->choice('pocket-side') === 'right' ? 'recto' : 'verso';
    }
}
