<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

use Ephemeron\Blueprint\Act\Depth;
use Ephemeron\Blueprint\Act\Fasten;
use Ephemeron\Blueprint\Act\Fold as FoldPart;
use Ephemeron\Blueprint\Act\Slip;
use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Bare;
use Ephemeron\Blueprint\Crease;
use Ephemeron\Blueprint\Draft;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Filling;
use Ephemeron\Blueprint\Fold;
use Ephemeron\Blueprint\GlueZone;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\Lie;
use Ephemeron\Blueprint\Loose;
use Ephemeron\Blueprint\Notch;
use Ephemeron\Blueprint\Opening;
use Ephemeron\Blueprint\Panel;
use Ephemeron\Blueprint\PanelRef;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Pouch;
use Ephemeron\Blueprint\Slit;
use Ephemeron\Blueprint\Sundry;
use Ephemeron\Blueprint\Task;
use Ephemeron\Design\Allowances;
use Ephemeron\Design\MatRule;
use Ephemeron\Design\Parameter;
use Ephemeron\Design\Values;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Geometry\Segment;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\ToolGrid;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\Side;
use Ephemeron\Paper\Stock;
use Ephemeron\Paper\StockRole;

/**
 * A book from one square sheet: scored into N×N panels, slit from alternating edges so that the panels form one
 * path, folded back and forth along it. Source: common practice, no published source; the geometry is worked out here.
 *
 * Panels are numbered along the path: row 0 runs left to right, row 1 right to left, and so on. Panel 1 is the front
 * cover, panel N² the back cover, panels (2i, 2i+1) are leaf i. Seen from side A, the crease between panels j and
 * j+1 is a valley for odd j (a spine fold: two side A's face each other as a spread) and a mountain for even j (the fold
 * of a leaf). Because a crease line parallel to the height crosses every row at the same parity, each line has one
 * direction over the whole sheet, and all turns of the path (j = N, 2N, …, even) are mountains.
 *
 * - Leaf i whose fold is inside a row (2i not divisible by N) is closed at the fore-edge: glued at the foot and
 *   the spine edge it is a top-load pocket.
 * - Leaf i at a turn is closed at the foot (turns below even rows) or at the head (below odd rows, which lie upside down
 *   in the book): glued at the other of the two and the spine edge it is a side-load pocket.
 * - Every turn of the path turns the print over: rows 1, 3, … read upside down. The outsides of the covers are side B.
 */
final readonly class MeanderBook implements Structure
{
    private const SHEET = 'book-sheet';

    public function about(): About
    {
        return new About(
            'meander-book',
            'Meander book',
            'One square sheet, three slits, folded back and forth into a small book whose leaves are pockets.',
            Skill::First,
            new Sizing(['sheet-side']),
        );
    }

    public function parameters(): array
    {
        return [
            Parameter::length(
                'sheet-side',
                'Sheet side',
                'Side of the square sheet the book is folded from.',
                Length::inches(6),
                Length::inches(24),
                Length::inches(12),
                Length::millimetres(300),
            ),
            Parameter::choice(
                'panels-per-side',
                'Panels per side',
                'Into how many panels each side is scored; four give seven leaves.',
                ['4' => '4, seven leaves', '6' => '6, seventeen leaves', '8' => '8, thirty-one leaves'],
                '4',
            ),
            Parameter::flag('pockets', 'Glue leaves into pockets', 'Otherwise the leaves stay open folds.', true),
            Parameter::length(
                'notch',
                'Thumb notch',
                'Diameter of the punch; half of it bites into the opening.',
                Length::inches(0, 1, 2),
                Length::inches(2, 1, 4),
                (new Allowances(Unit::Inch))->notch(),
                (new Allowances(Unit::Centimetre))->notch(),
            ),
            Parameter::flag('inserts', 'Inserts', 'A square card for every pocket.', true),
            Parameter::length(
                'insert-allowance',
                'Insert allowance',
                'How much smaller than a panel the inserts are, each way.',
                Length::inches(0, 1, 8),
                Length::inches(2),
                Length::inches(0, 1, 2),
                Length::millimetres(12),
            ),
            Parameter::length(
                'insert-less-tall',
                'Inserts less tall by',
                'Where that is not the same as in width; empty: the same.',
                Length::zero(),
                Length::inches(2),
            ),
            Parameter::length(
                'insert-lip',
                'Pull lip',
                'A score so far from the head of each insert, to take hold of it; empty: none.',
                Length::inches(0, 1, 4),
                Length::inches(1),
            ),
            Parameter::flag('cover-cards', 'Cover cards', 'Stiff cards on both covers, flush at the spine.', true),
            Parameter::length(
                'overhang',
                'Cover overhang',
                'How far the cover cards stand out on the three free edges.',
                Length::zero(),
                Length::inches(0, 1, 2),
                Length::inches(0, 1, 8),
                Length::millimetres(3),
            ),
            Parameter::length(
                'cover-less',
                'Cover cards smaller by',
                'On the three free edges, instead of standing out: a hair less than the page.',
                Length::zero(),
                Length::inches(0, 1, 4),
                Length::zero(),
                Length::zero(),
            ),
            Parameter::choice(
                'spine',
                'Spine',
                'Left bare, or closed with a strip of tape wrapped onto both covers.',
                ['bare' => 'bare', 'tape' => 'strip of tape'],
                'bare',
            ),
        ];
    }

    public function defaultMats(): MatRule
    {
        return MatRule::none();
    }

    public function defaultFurniture(Values $values, Unit $unit): array
    {
        return [];
    }

    public function refusals(Values $values, Notation $notation): array
    {
        return [];
    }

    public function materials(Unit $unit): array
    {
        return UsualPapers::of($unit)
            ->with(StockRole::BookSheet, Stock::pattern('Night chart', UsualPapers::square($unit), 160))
            ->with(StockRole::CoverPaper, Stock::card('Kraft dusk', UsualPapers::square($unit), 300))
            ->byRole();
    }

    public function layOut(Brief $brief): Draft
    {
        $draft = $brief->draft();
        $path = MeanderPath::of((int) $brief->values->choice('panels-per-side'), $brief->values->length('sheet-side'));
        $this->layOutSheet($draft, $brief, $path);
        $this->layOutFaces($draft, $brief, $path);
        $this->fold($draft, $path);
        $draft->add(new Bare($this->bareBulk($brief, $path)));
        if ($brief->values->flag('pockets')) {
            $this->gluePockets($draft, $brief, $path);
        }
        if ($brief->values->flag('cover-cards')) {
            $this->addCoverCards($draft, $brief, $path);
        }
        if ($brief->values->choice('spine') === 'tape') {
            $this->tapeSpine($draft, $brief, $path);
        }

        return $draft;
    }

    private function layOutSheet(Draft $draft, Brief $brief, MeanderPath $path): void
    {
        $n = $path->perSide;
        $sheet = $path->sheet();
        $creases = [];
        $slits = [];
        foreach ([Axis::Width, Axis::Height] as $along) {
            for ($k = 1; $k < $n; $k++) {
                $fold = $along === Axis::Width && $k % 2 === 1 ? Fold::Valley : Fold::Mountain;
                $creases[] = Crease::across($sheet, $along, $path->at($k), $fold);
            }
        }
        for ($row = 1; $row < $n; $row++) {
            [$from, $to] = $row % 2 === 1 ? [0, $n - 1] : [1, $n];
            $slits[] = new Slit(Segment::across(Axis::Height, $path->at($row), $path->at($from), $path->at($to)));
        }
        $panels = [];
        for ($j = 1; $j <= $path->panels(); $j++) {
            $panels[] = new Panel("panel-{$j}", "panel {$j}", $path->area($j));
        }
        $draft->part(new Part(
            key: self::SHEET,
            name: 'Book sheet',
            section: 'Book',
            size: $sheet,
            role: StockRole::BookSheet,
            creases: $creases,
            slits: $slits,
            notches: $brief->values->flag('pockets') ? $this->notches($brief, $path) : [],
            glueZones: $brief->values->flag('pockets') ? $this->glueZones($path) : [],
            panels: $panels,
            places: ['the whole book'],
            why: 'The whole sheet: every panel is one of its equal parts.',
        ));
    }

    /**
     * One in the front panel of every leaf, at the middle of the opening.
     *
     * @return list<Notch>
     */
    private function notches(Brief $brief, MeanderPath $path): array
    {
        $notches = [];
        for ($leaf = 1; $leaf <= $path->leaves(); $leaf++) {
            $edge = $path->onSheet(2 * $leaf, $this->opening($leaf, $path));
            $notches[] = new Notch($path->area(2 * $leaf)->middleOf($edge), $edge, $brief->values->length('notch'));
        }

        return $notches;
    }

    /**
     * ⅛ in of glue inside the front panel of every leaf, along the two edges that are shut.
     *
     * @return list<GlueZone>
     */
    private function glueZones(MeanderPath $path): array
    {
        $zones = [];
        for ($leaf = 1; $leaf <= $path->leaves(); $leaf++) {
            foreach ($this->gluedEdges($leaf, $path) as $edge) {
                $strip = $path->area(2 * $leaf)->strip($path->onSheet(2 * $leaf, $edge), Pouch::glueLoss());
                $zones[] = new GlueZone($strip, Side::B, Adhesive::WetGlue);
            }
        }

        return $zones;
    }

    private function layOutFaces(Draft $draft, Brief $brief, MeanderPath $path): void
    {
        $last = $path->panels();
        $carded = $brief->values->flag('cover-cards');
        $cover = $carded ? $this->coverCard($brief, $path) : $path->panel();
        $paper = static fn (int $panel): PanelRef => $carded
            ? new PanelRef('cover-card', 'whole', Side::A)
            : new PanelRef(self::SHEET, "panel-{$panel}", Side::B);

        $draft->face(new Face('front-cover', 'Front cover', $cover, $paper(1), 0, Edge::Left));
        for ($j = 1; $j <= $last; $j++) {
            $draft->face(new Face(
                key: "page-{$j}",
                name: match ($j) {
                    1 => 'Page 1, inside the front cover',
                    $last => "Page {$last}, inside the back cover",
                    default => "Page {$j}",
                },
                size: $path->panel(),
                paper: new PanelRef(self::SHEET, "panel-{$j}", Side::A),
                order: $j,
                hinge: $j % 2 === 0 ? Edge::Left : Edge::Right,
                lie: $path->liesUpsideDown($j) ? Lie::UpsideDown : Lie::Upright,
            ));
            if ($j % 2 === 0) {
                $draft->add(new Opening('page-'.($j - 1), "page-{$j}"));
            }
        }
        $draft->face(
            new Face(
                'back-cover',
                'Back cover',
                $cover,
                $paper($last),
                $last + 1,
                Edge::Right,
                ! $carded && $path->liesUpsideDown($last) ? Lie::UpsideDown : Lie::Upright,
            ),
        );
    }

    private function fold(Draft $draft, MeanderPath $path): void
    {
        $draft->task(new Task(
            'practise',
            Phase::Prepare,
            'Practise on scrap',
            'Fold a square of scrap the same way first: score, slit, fold back and forth. The path is easy to follow once the hands have '
                .'done it.',
            'Book',
            drawn: self::SHEET,
        ));
        $draft->task(new Task(
            'fold-path',
            Phase::Fold,
            'Fold back and forth along the path',
            sprintf(
                'Start at panel 1 (top left, letter side down). First fold a valley, then a mountain, and so on to panel %d; where the '
                    .'path turns, the fold is a mountain. Square every fold before pressing it: a careless one makes the whole book '
                    .'crooked. Burnish.',
                $path->panels(),
            ),
            'Book',
            parts: [self::SHEET],
            acts: [new FoldPart(self::SHEET)],
        ));
    }

    private function gluePockets(Draft $draft, Brief $brief, MeanderPath $path): void
    {
        for ($leaf = 1; $leaf <= $path->leaves(); $leaf++) {
            $front = 'page-'.(2 * $leaf);
            $opening = $this->opening($leaf, $path);
            $topLoad = $opening === Edge::Top;
            $draft->add(new Joint(
                new PanelRef(self::SHEET, 'panel-'.(2 * $leaf), Side::B),
                new PanelRef(self::SHEET, 'panel-'.(2 * $leaf + 1), Side::B),
                Rectangle::whole($path->panel()),
                Adhesive::WetGlue,
                Layer::Structure,
                $topLoad ? 'top-pockets' : 'side-pockets',
                pouch: "leaf-{$leaf}",
            ));
            $draft->add(new Pouch(
                key: "leaf-{$leaf}",
                name: "Leaf {$leaf}, ".($topLoad ? 'top-load' : 'side-load').' pocket',
                face: $front,
                size: $path->panel(),
                glued: $this->gluedEdges($leaf, $path),
                opening: $opening,
                reach: $topLoad ? $path->panel()->height : $path->panel()->width,
                front: new PanelRef(self::SHEET, 'panel-'.(2 * $leaf), Side::A),
                behind: new PanelRef(self::SHEET, 'panel-'.(2 * $leaf + 1), Side::B),
            ));
            $edges = implode(' and ', array_map(
                static fn (Edge $edge): string => [
                    'left' => 'the spine edge',
                    'bottom' => 'the foot',
                    'top' => 'the head',
                    'right' => 'the fore-edge',
                ][$edge->value],
                $this->gluedEdges($leaf, $path),
            ));
            $draft->task(new Task(
                $topLoad ? 'top-pockets' : 'side-pockets',
                Phase::Assemble,
                $topLoad ? 'Glue the top-load leaves' : 'Glue the side-load leaves',
                $topLoad
                    ? 'The fold of these leaves is at the fore-edge.'
                    : 'The fold of these leaves is at the foot or the head, where the path turns.',
                'Book',
                Adhesive::WetGlue,
                [self::SHEET],
                places: ["leaf {$leaf}: {$edges}"],
                face: $front,
            ));
            if ($brief->values->flag('inserts')) {
                $this->addInsert($draft, $brief, $path, $leaf);
            }
        }
    }

    private function addInsert(Draft $draft, Brief $brief, MeanderPath $path, int $leaf): void
    {
        $allowance = $brief->values->length('insert-allowance');
        $panel = $path->panel();
        $lessTall = $brief->values->lengthOr('insert-less-tall', $allowance);
        $size = new Size($panel->width->minus($allowance), $panel->height->minus($lessTall));
        if (! $size->isPositive()) {
            return;
        }
        $lip = $brief->values->values['insert-lip'] ?? null;
        $hasLip = $lip instanceof Length && $lip->times(2)->isLessThan($size->height);
        $part = $draft->part(
            new Part(
                'insert',
                'Insert',
                'Inserts',
                $size,
                StockRole::InsertCard,
                creases: $hasLip ? [Crease::across($size, Axis::Height, $lip, Fold::Valley)] : [],
                upright: false,
                places: ["leaf {$leaf}"],
                why: $lessTall->equals($allowance)
                    ? sprintf('A panel less %s.', $brief->notation->text($allowance))
                    : sprintf(
                        'A panel, %s narrower and %s less tall.',
                        $brief->notation->text($allowance),
                        $brief->notation->text($lessTall),
                    ),
            ),
        );
        $draft->add(new Filling($part, "leaf-{$leaf}"));
        $draft->task(new Task(
            'fill-leaves',
            Phase::Fill,
            'Slip in the inserts',
            sprintf('One card (%s) into every leaf.', $brief->notation->size($size)),
            'Inserts',
            parts: [$part],
            places: ["leaf {$leaf}"],
            acts: [new Slip($part, "leaf-{$leaf}")],
        ));
    }

    private function addCoverCards(Draft $draft, Brief $brief, MeanderPath $path): void
    {
        $size = $this->coverCard($brief, $path);
        $isLess = $brief->values->length('cover-less')->isPositive();
        $reach = $brief->notation->text($isLess ? $brief->values->length('cover-less') : $this->overhang($brief));
        $last = $path->panels();
        foreach ([1 => 'front cover', $last => 'back cover'] as $panel => $place) {
            $part = $draft->part(
                new Part(
                    'cover-card',
                    'Cover card',
                    'Cover',
                    $size,
                    StockRole::CoverPaper,
                    places: [$place],
                    why: $isLess
                        ? sprintf('The panel less %s at each free edge; flush at the spine.', $reach)
                        : sprintf('The panel, and %s over each free edge; flush at the spine.', $reach),
                ),
            );
            $draft->add(new Joint(
                new PanelRef($part, 'whole', Side::B),
                new PanelRef(self::SHEET, "panel-{$panel}", Side::B),
                Rectangle::at(Length::zero(), Length::zero()->minus($this->overhang($brief)), $size),
                Adhesive::WetGlue,
                Layer::Cover,
                'cover-cards',
            ));
        }
        $draft->task(new Task(
            'cover-cards',
            Phase::Assemble,
            'Glue on the cover cards',
            sprintf(
                'Each %s card lies flush with the spine and %s %s at the head, the foot and the fore-edge. Glue right up to the '
                    .'edges of the %s, not beyond.',
                $brief->notation->size($size),
                $isLess ? 'leaves' : 'stands out',
                $reach,
                $isLess ? 'card' : 'panel',
            ),
            'Cover',
            Adhesive::WetGlue,
            ['cover-card'],
            ['top-pockets', 'side-pockets'],
            ['front cover', 'back cover'],
            'front-cover',
        ));
    }

    private function tapeSpine(Draft $draft, Brief $brief, MeanderPath $path): void
    {
        $wrap = Length::inches(0, 1, 4);
        $bulk = $this->bareBulk($brief, $path);
        if ($brief->values->flag('inserts') && $brief->values->flag('pockets')) {
            $bulk = $bulk->plus($brief->stock(StockRole::InsertCard)->caliper->times($path->leaves()));
        }
        $grid = ToolGrid::usualGroovesFor($brief->notation->unit);
        $breadth = $grid->up($bulk->plus($wrap->times(2)));
        $draft->add(new Loose('Spine tape, '.$brief->notation->text($breadth).' wide', $path->panel()->height, 1, 'Cover', Sundry::Tape));
        $draft->task(new Task(
            'spine-tape',
            Phase::Finish,
            'Tape the spine',
            sprintf(
                'A strip %s long and %s wide: set it %s onto the front cover, wrap it round the filled, closed book and press it onto '
                    .'the back cover.',
                $brief->notation->text($path->panel()->height),
                $brief->notation->text($breadth),
                $brief->notation->text($wrap),
            ),
            'Cover',
            Adhesive::Tape,
            after: ['cover-cards', 'fill-leaves'],
            acts: [new Fasten('the spine tape', 'front-cover', depth: Depth::Upon, adhesive: Adhesive::Tape)],
        ));
    }

    private function bareBulk(Brief $brief, MeanderPath $path): Length
    {
        $panels = $brief->stock(StockRole::BookSheet)->caliper->times($path->panels());

        return $brief->values->flag('cover-cards')
            ? $panels->plus($brief->stock(StockRole::CoverPaper)->caliper->times(2))
            : $panels;
    }

    private function coverCard(Brief $brief, MeanderPath $path): Size
    {
        $overhang = $this->overhang($brief);

        return new Size($path->panel()->width->plus($overhang), $path->panel()->height->plus($overhang->times(2)));
    }

    /** How far the cover cards stand out; negative where they are smaller than the page. */
    private function overhang(Brief $brief): Length
    {
        $less = $brief->values->length('cover-less');

        return $less->isPositive() ? Length::zero()->minus($less) : $brief->values->length('overhang');
    }

    private function opening(int $leaf, MeanderPath $path): Edge
    {
        return $path->turnsAfter(2 * $leaf) ? Edge::Right : Edge::Top;
    }

    /**
     * As the reader sees the front of the leaf, spine to the left.
     *
     * @return list<Edge>
     */
    private function gluedEdges(int $leaf, MeanderPath $path): array
    {
        if (! $path->turnsAfter(2 * $leaf)) {
            return [Edge::Bottom, Edge::Left];
        }

        return [$path->liesUpsideDown(2 * $leaf) ? Edge::Bottom : Edge::Top, Edge::Left];
    }
}
