<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

use Ephemeron\Binding\BoardCase;
use Ephemeron\Blueprint\Act\Depth;
use Ephemeron\Blueprint\Act\Handling;
use Ephemeron\Blueprint\Act\Shape;
use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Bare;
use Ephemeron\Blueprint\Caution;
use Ephemeron\Blueprint\Closing;
use Ephemeron\Blueprint\Crease;
use Ephemeron\Blueprint\Draft;
use Ephemeron\Blueprint\Flap;
use Ephemeron\Blueprint\Fold;
use Ephemeron\Blueprint\Gusset;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\Loose;
use Ephemeron\Blueprint\Magnet;
use Ephemeron\Blueprint\Opening;
use Ephemeron\Blueprint\PanelRef;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Pose;
use Ephemeron\Blueprint\Reason;
use Ephemeron\Blueprint\Seen;
use Ephemeron\Blueprint\Sundry;
use Ephemeron\Blueprint\Task;
use Ephemeron\Design\Allowances;
use Ephemeron\Design\MatRule;
use Ephemeron\Design\Parameter;
use Ephemeron\Design\Placed;
use Ephemeron\Design\Values;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\ToolGrid;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\OnePicture;
use Ephemeron\Paper\Side;
use Ephemeron\Paper\StockRole;

/**
 * A hard case for sewn signatures whose cover folds over the fore-edge and closes on the front with magnets. Source: common practice, no
 * published source.
 *
 * The boards are ¼ larger than the folded sheet both ways (5½ × 8½ → 5¾ × 8¾; A4 folded is 148.5 × 210 mm). Spine and fore-edge strip are
 * as wide as the closed book is thick: signatures × sheets × 2 leaves × thickness of a leaf, and room for pockets, up to the next ⅛. In a
 * row: flap, edge strip, front board, spine, back board … the edge strip hangs on the back board, so that it folds over the fore-edge onto
 * the front. Gaps of two board thicknesses everywhere. A board's paper is the board, a turn-in at its free edges, and reaches ½ short of
 * the joint. The spine card is scored every quarter as a pinstripe and overlaps ½ on each side. End papers are ⅛ less all round.
 */
final readonly class FoldOverJournal implements Structure
{
    public function about(): About
    {
        return new About(
            'fold-over-journal',
            'Fold-over journal',
            'A hard case for sewn signatures; its cover folds over the fore-edge and closes with magnets.',
            Skill::Patient,
            new Sizing(['page-width'], ['page-height'], 'signatures'),
        );
    }

    public function parameters(): array
    {
        return [
            ...BoundLeaves::parameters(3, 10, Length::micrometres(250)),
            Parameter::length(
                'flap',
                'Flap',
                'How far it reaches over the front.',
                Length::inches(1),
                Length::inches(8),
                Length::inches(2, 1, 2),
                Length::millimetres(65),
            ),
            Parameter::length(
                'turn-in',
                'Turn-in',
                'Paper that goes round the edges of the boards.',
                Length::inches(0, 3, 8),
                Length::inches(1),
                Length::inches(0, 5, 8),
                Length::millimetres(15),
            ),
            ...SewnIn::parameters(),
            Parameter::choice(
                'closing',
                'Closing',
                'With the fold-over flap, or a plain case.',
                ['fold-over' => 'fold-over flap with magnets', 'plain' => 'plain case'],
                'fold-over',
            ),
        ];
    }

    public function defaultMats(): MatRule
    {
        return MatRule::none();
    }

    public function refusals(Values $values, Notation $notation): array
    {
        return [
            ...($values->length('flap')->isMoreThan($values->length('page-width')) ? ['flap' => sprintf(
                'The flap would reach over the spine: the front is %s wide.',
                $notation->text($values->length('page-width'))
            )] : []),
            ...SewnIn::refusals($values, $values->length('page-height'), $notation),
        ];
    }

    public function defaultFurniture(Values $values, Unit $unit): array
    {
        return [
            new Placed('page-1', 'corner-pocket', new Values(['make' => 'cut', 'corner' => 'bottom-left'])),
            new Placed(
                'page-2',
                'belly-band',
                new Values(
                    [
                        'runs' => 'across',
                        'breadth' => (new Allowances($unit))->either(Length::inches(2), Length::millimetres(50)),
                        'insert' => 'no',
                    ],
                ),
            ),
        ];
    }

    public function materials(Unit $unit): array
    {
        return UsualPapers::of($unit)->byRole();
    }

    public function layOut(Brief $brief): Draft
    {
        $draft = $brief->draft();
        $values = $brief->values;
        $allow = new Allowances($brief->notation->unit);
        $leaf = new Size($values->length('page-width'), $values->length('page-height'));
        $leaves = BoundLeaves::of($brief, $leaf, $allow->quarter());
        $board = $leaf->plus($allow->quarter());
        $block = $leaves->block->filled($values->length('leaf'));
        $spine = Length::longest(
            ToolGrid::usualGroovesFor($brief->notation->unit)->up($block->plus($values->length('room'))),
            $allow->quarter(),
        );
        $gap = $allow->fine();
        $half = $allow->tab();
        $case = new BoardCase(
            $board,
            $spine,
            $gap,
            new Size($spine->plus($gap->times(2), $half->times(2)), $board->height),
            null,
            "The folded sheet and {$brief->notation->text($allow->quarter())} each way.",
            'As thick as the sewn block and the room you chose.',
        );
        $case->addTo($draft, $brief->notation);
        $draft->add(
            new Reason(
                'signatures',
                sprintf(
                    'block %d × %d × 2 × %s = %s; spine %s',
                    $values->count('signatures'),
                    $values->count('sheets'),
                    $brief->notation->inSums()->text($values->length('leaf')),
                    $brief->notation->inSums()->text($block),
                    $brief->notation->inSums()->text($spine),
                ),
            ),
        );
        $this->addPapers($draft, $brief, $board, $spine);
        $this->addFaces($draft, $brief, $board, $spine, $leaves);
        (new SewnIn($brief, $leaves))->addTo(
            $draft,
            BoardCase::SPINE,
            new Size($spine, $board->height),
            Length::zero(),
            $values->length('page-height'),
            ['nest-signatures', 'cover-boards', 'end-papers'],
        );
        $draft->add(new Bare($block->plus($brief->stock(StockRole::Board)->caliper->times(2))));
        $draft->add(new Gusset('the spine', $spine, $block, ['page-1', 'page-2'], 'room', 1, $block, [PanelRef::whole(BoardCase::SPINE)]));

        return $draft;
    }

    private function addPapers(Draft $draft, Brief $brief, Size $board, Length $spine): void
    {
        $values = $brief->values;
        $notation = $brief->notation;
        $allow = new Allowances($notation->unit);
        $turn = $values->length('turn-in');
        $tall = $board->height->plus($turn->times(2));
        $tab = $allow->either(Length::inches(0, 1, 2), Length::millimetres(12));
        $isPlain = $values->choice('closing') === 'plain';
        $front = new Size($board->width->plus($turn), $tall);
        $back = $isPlain ? $front : new Size($board->width, $tall);
        $cover = fn (string $place, Size $size, string $why): string => $draft->part(
            new Part(
                "{$place}-paper",
                'Cover paper',
                'Cover',
                $size,
                StockRole::CoverPaper,
                places: [$place],
                why: $why,
                picture: new OnePicture('cover'),
            ),
        );
        $turned = sprintf('The board, from its spine edge, and a turn-in of %s at three edges.', $notation->text($turn));
        $papers = [
            'front-cover' => $cover('front', $front, $turned),
            'back-cover' => $cover(
                'back',
                $back,
                $isPlain ? $turned : sprintf('The board from joint to joint; a turn-in of %s at head and foot.', $notation->text($turn)),
            ),
        ];
        $stripe = $allow->quarter();
        $card = new Size($spine->plus($allow->fine()->times(2), $tab->times(2)), $board->height);
        $scores = [];
        for ($k = 1; $stripe->times($k)->isLessThan($card->width); $k++) {
            $scores[] = Crease::across($card, Axis::Width, $stripe->times($k), Fold::Mountain);
        }
        $draft->part(
            new Part(
                'spine-card',
                'Spine card',
                'Cover',
                $card,
                StockRole::StructureCard,
                creases: $scores,
                upright: false,
                places: ['spine'],
                why: sprintf(
                    'The spine, both gaps and %s on each board, scored every %s as a pinstripe.',
                    $notation->text($tab),
                    $notation->text($stripe),
                ),
            ),
        );
        $end = $board->within($allow->fine());
        $draft->part(
            new Part(
                'end-paper',
                'End paper',
                'Cover',
                $end,
                StockRole::MatBase,
                2,
                places: ['inside front', 'inside back'],
                why: "The board less {$notation->text($allow->fine())} all round.",
            ),
        );
        foreach ($papers as $face => $part) {
            $draft->add(new Joint(
                new PanelRef($part, 'whole', Side::B),
                new PanelRef(BoardCase::BOARD, 'whole', Side::A),
                Rectangle::whole($board),
                Adhesive::WetGlue,
                Layer::Cover,
                'cover-boards',
                $face,
                depth: Depth::Hinge,
            ));
        }
        $draft->task(
            new Task(
                'cover-boards',
                Phase::Assemble,
                'Cover the boards',
                sprintf(
                    'Each paper from the spine edge of its board; %s turned in, corners cut at 45° a board and a half from the board and '
                        .'folded neatly. Wipe the ooze, press under a weight.',
                    $notation->text($turn),
                ),
                'Cover',
                Adhesive::WetGlue,
                array_values($papers),
                ['make-case', 'join-edge', 'let-in-magnets'],
                caution: Caution::Knife,
                acts: [Handling::turnIn(...array_values($papers)), Handling::press(60, ...array_values($papers))],
            ),
        );
        $draft->add(new Joint(
            new PanelRef('spine-card', 'whole', Side::B),
            new PanelRef(BoardCase::SPINE, 'whole', Side::A),
            Rectangle::centred($card, $draft->sizeOf(BoardCase::SPINE)),
            Adhesive::WetGlue,
            Layer::Cover,
            'spine-card',
            isLap: true,
        ));
        $draft->task(
            new Task(
                'spine-card',
                Phase::Finish,
                'Glue the spine card over the outside',
                sprintf('Over the sewing and both gaps, %s on each cover, its stripes along the spine.', $notation->text($tab)),
                'Cover',
                Adhesive::WetGlue,
                ['spine-card'],
                ['sew'],
            ),
        );
        foreach (['page-1', 'page-2'] as $face) {
            $draft->add(new Joint(
                new PanelRef('end-paper', 'whole', Side::B),
                new PanelRef(BoardCase::BOARD, 'whole', Side::B),
                Rectangle::centred($end, $board),
                Adhesive::WetGlue,
                Layer::Cover,
                'end-papers',
                $face,
            ));
        }
        // They hide what is turned in; pocket and band come onto them.
        $draft->task(
            new Task(
                'end-papers',
                Phase::Assemble,
                'Glue in the end papers',
                'Check which way is up: the case lies open before you.',
                'Cover',
                Adhesive::WetGlue,
                ['end-paper'],
                ['cover-boards'],
            ),
        );
        if ($values->choice('closing') === 'fold-over') {
            $this->addFoldOver($draft, $brief, $board, $spine, $tall);
        }
    }

    private function addFoldOver(Draft $draft, Brief $brief, Size $board, Length $spine, Length $tall): void
    {
        $values = $brief->values;
        $notation = $brief->notation;
        $turn = $values->length('turn-in');
        $allow = new Allowances($notation->unit);
        $flap = $values->length('flap');
        $draft->part(
            new Part(
                'edge-board',
                'Edge strip board',
                'Case',
                new Size($spine, $board->height),
                StockRole::Board,
                upright: false,
                places: ['fore-edge'],
                why: 'As wide as the spine: the thickness of the closed book.',
            ),
        );
        $draft->part(
            new Part(
                'flap-board',
                'Flap board',
                'Case',
                new Size($flap, $board->height),
                StockRole::Board,
                upright: false,
                places: ['flap'],
                why: 'As wide as you chose.',
            ),
        );
        $strip = new Size($spine->plus($allow->fine()->times(2), $allow->tab()->times(2)), $board->height);
        $draft->part(
            new Part(
                'edge-wrap',
                'Edge wrap, outside',
                'Case',
                $strip,
                StockRole::CoverPaper,
                places: ['fore-edge'],
                why: 'Edge strip, two gaps, a tab’s width on each board.',
            ),
        );
        $draft->part(
            new Part(
                'flap-paper',
                'Flap paper',
                'Cover',
                new Size($flap->plus($turn)->minus($allow->either(Length::inches(0, 1, 2), Length::millimetres(12))), $tall),
                StockRole::CoverPaper,
                places: ['flap'],
                why: 'The flap and a turn-in at three edges, short of the joint.',
                picture: new OnePicture('cover'),
            ),
        );
        $draft->part(
            new Part(
                'flap-lining',
                'Flap lining',
                'Cover',
                (new Size($flap, $board->height))->within($allow->fine()),
                StockRole::MatBase,
                places: ['inside of the flap'],
                why: 'The flap less ⅛ in (3 mm) all round.',
            ),
        );
        $draft->add(new Loose('Magnet, thin disc', null, 4, 'Closure', Sundry::Magnet));
        $draft->add(new Closing('magnets in the fold-over flap'));
        $in = $notation->text($allow->either(Length::inches(0, 5, 8), Length::millimetres(15)));
        $draft->add(
            new Joint(
                new PanelRef('edge-wrap', 'whole', Side::B),
                new PanelRef('edge-board', 'whole', Side::A),
                Rectangle::centred($strip, $draft->sizeOf('edge-board')),
                Adhesive::WetGlue,
                Layer::Cover,
                'join-edge',
                isLap: true,
            ),
        );
        $draft->task(
            new Task(
                'join-edge',
                Phase::Assemble,
                'Join edge strip and flap',
                sprintf(
                    'Back board, edge strip, flap board in a row, %s between them as at the spine, heads level; the edge wrap over both '
                        .'joints outside.',
                    $notation->text($allow->fine()),
                ),
                'Case',
                Adhesive::WetGlue,
                ['edge-board', 'flap-board', 'edge-wrap'],
                ['make-case'],
                acts: [Handling::dryFit(BoardCase::BOARD, 'edge-board', 'flap-board')],
            ),
        );
        $draft->task(
            new Task(
                'cut-beds',
                Phase::Assemble,
                'Cut the beds for the magnets',
                "A bed as deep as a magnet into the inside of the flap board, {$in} from its free edge, one a third from the head, one a "
                    .'third from the foot. Close the case squared up round the block to find the places on the outside of the front '
                    .'board; cut those too.',
                'Closure',
                parts: ['flap-board'],
                after: ['join-edge'],
                caution: Caution::Knife,
                acts: [new Shape('flap-board', 'beds'), new Shape(BoardCase::BOARD, 'beds')],
            ),
        );
        $draft->task(
            new Task(
                'let-in-magnets',
                Phase::Assemble,
                'Let the magnets in',
                'They lie level with the board. Mark which side pulls before the glue.',
                'Closure',
                Adhesive::WetGlue,
                ['flap-board'],
                ['cut-beds'],
                caution: Caution::Magnet,
            ),
        );
        $draft->add(
            new Magnet(
                'The fold-over flap',
                'front-cover',
                2,
                $board->height,
                Length::micrometres(500),
                Length::micrometres(250),
                'parameters.closing',
                'let-in-magnets',
                'front-cover/flap',
                Depth::Bare,
            ),
        );
        $whole = Rectangle::whole(new Size($flap, $board->height));
        $draft->add(
            new Joint(
                new PanelRef('flap-paper', 'whole', Side::B),
                new PanelRef('flap-board', 'whole', Side::A),
                $whole,
                Adhesive::WetGlue,
                Layer::Cover,
                'cover-flap',
                'front-cover/flap/front',
                depth: Depth::Hinge,
            ),
        );
        $draft->task(
            new Task(
                'cover-flap',
                Phase::Assemble,
                'Cover the flap',
                'From the joint outwards, turned in at the other three edges.',
                'Cover',
                Adhesive::WetGlue,
                ['flap-paper'],
                ['let-in-magnets'],
                caution: Caution::Knife,
                acts: [Handling::turnIn('flap-paper')],
            ),
        );
        $lining = (new Size($flap, $board->height))->within($allow->fine());
        $draft->add(
            new Joint(
                new PanelRef('flap-lining', 'whole', Side::B),
                new PanelRef('flap-board', 'whole', Side::B),
                Rectangle::centred($lining, $whole->size()),
                Adhesive::WetGlue,
                Layer::Cover,
                'line-flap',
                'front-cover/flap/inside',
                depth: Depth::Mat,
            ),
        );
        $draft->task(
            new Task(
                'line-flap',
                Phase::Assemble,
                'Line the flap',
                'Over the turn-ins. Try the closure: it must still pull through both papers, else double the magnets.',
                'Cover',
                Adhesive::WetGlue,
                ['flap-lining'],
                ['cover-flap'],
            ),
        );
    }

    private function addFaces(Draft $draft, Brief $brief, Size $board, Length $spine, BoundLeaves $leaves): void
    {
        $reading = new ReadingOrder($draft);
        $outside = new PanelRef(BoardCase::BOARD, 'whole', Side::A);
        $inner = new PanelRef(BoardCase::BOARD, 'whole', Side::B);
        $front = $reading->frontCover($board, $outside);
        $left = $reading->page($board, $inner, Edge::Right, 'inside the front cover');
        $last = $leaves->addTo($draft, $reading, $left);
        $right = $reading->page($board, $inner, Edge::Left, 'inside the back cover');
        $back = $reading->backCover($board, $outside);
        $draft->add(new Opening($last->key, $right->key));
        $spineSeen = Seen::bare(new PanelRef(BoardCase::SPINE, 'whole', Side::A), new Size($spine, $board->height));
        $closed = [Seen::face($front)];
        $opened = [Seen::face($left), $spineSeen, Seen::face($right)];
        if ($brief->values->choice('closing') === 'fold-over') {
            $size = new Size($brief->values->length('flap'), $board->height);
            $flapFront = $front->front(
                'front-cover/flap/front',
                'Fold-over flap',
                $size,
                new PanelRef('flap-board', 'whole', Side::A),
                true,
                Edge::Right,
                true,
            );
            $flapInside = $flapFront->reverse('front-cover/flap/inside', 'Fold-over flap, inside');
            $draft->face($flapFront);
            $draft->face($flapInside);
            $draft->add(
                new Flap(
                    'front-cover/flap',
                    'Fold-over flap',
                    $front->key,
                    Rectangle::whole($board)->strip(Edge::Right, $size->width),
                    Edge::Right,
                    $flapFront->key,
                    $flapInside->key,
                ),
            );
            $closed[] = Seen::face($flapFront)->at($board->width->minus($size->width), Length::zero());
            $opened = [
                ...$opened,
                Seen::bare(new PanelRef('edge-board', 'whole', Side::B), new Size($spine, $board->height)),
                Seen::face($flapInside),
            ];
        }
        $draft->add(new Pose(Pose::CLOSED, 'Closed', $closed));
        $draft->add(Pose::row(Pose::OPENED, 'Opened', ...$opened));
        $draft->add(Pose::row('outside', 'Outside', Seen::face($back), $spineSeen, Seen::face($front)));
    }
}
