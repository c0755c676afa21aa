<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

use Ephemeron\Blueprint\Act\Nest;
use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Caution;
use Ephemeron\Blueprint\Draft;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Flap;
use Ephemeron\Blueprint\Fold;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\Opening;
use Ephemeron\Blueprint\PanelGrid;
use Ephemeron\Blueprint\PanelRef;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Pouch;
use Ephemeron\Blueprint\Slit;
use Ephemeron\Blueprint\Task;
use Ephemeron\Design\Parameter;
use Ephemeron\Gathering\HeightWay;
use Ephemeron\Gathering\Leaf;
use Ephemeron\Gathering\LeafPaper;
use Ephemeron\Gathering\Meeting;
use Ephemeron\Gathering\MeetingSchool;
use Ephemeron\Gathering\Sheet;
use Ephemeron\Gathering\Signature;
use Ephemeron\Gathering\Template;
use Ephemeron\Gathering\TextBlock;
use Ephemeron\Gathering\WidthWay;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Point;
use Ephemeron\Geometry\Polygon;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Geometry\Segment;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\Side;
use Ephemeron\Paper\StockRole;

/**
 * The text block of a journal: its sheets as parts, its leaves as faces one can put things on, folded-over sheets as pockets and flaps. A
 * sheet lies side A up, its second half at the left; folded, side A is outside. Source: common practice, no published source.
 */
final readonly class BoundLeaves
{
    public const SECTION = 'Leaves';

    /** From so many g/m² a sheet is scored before it is folded (common practice, no published source). */
    private const SCORED = 150.0;

    /**
     * @param array<string, array{string, Meeting, int}> $kinds key of the part, how it meets the template, how many; by the key of the
     *     paper
     */
    private function __construct(
        public TextBlock $block,
        private Template $template,
        private MeetingSchool $school,
        private Brief $brief,
        private array $kinds,
        private Length $beyond,
    ) {
    }

    /**
     * @param Size $leaf a folded sheet
     * @param Length $beyond how far the cover reaches beyond a leaf at the fore-edge
     */
    public static function of(Brief $brief, Size $leaf, Length $beyond): self
    {
        $school = MeetingSchool::usual($brief->notation->unit)->foldingFrom($brief->values->length('fold-from'));
        [$signatures, $sheets] = [$brief->values->count('signatures'), $brief->values->count('sheets')];
        $template = Template::ofLeaf($leaf);
        $plain = new LeafPaper('leaf', $brief->stock(StockRole::Leaf));
        $block = $brief->leaves->block($template, $school, $signatures, $sheets, $plain);
        $meetings = [];
        $counts = [];
        foreach ($block->signatures as $signature) {
            foreach ($signature->sheets as $sheet) {
                $key = $sheet->meeting->paper->key;
                $meetings[$key] ??= $sheet->meeting;
                $counts[$key] = 1 + ($counts[$key] ?? 0);
            }
        }
        // Letters follow the heap: they stay when sheets change places.
        $kinds = [];
        foreach ($brief->leaves->heap === [] ? [$plain] : $brief->leaves->heap as $paper) {
            if (isset($meetings[$paper->key])) {
                $kinds[$paper->key] = ["leaf-{$paper->key}", $meetings[$paper->key], $counts[$paper->key]];
            }
        }

        return new self($block, $template, $school, $brief, $kinds, $beyond);
    }

    /**
     * What any journal asks for.
     *
     * @param int $signatures usual
     * @param int $sheets usual in each
     * @param Length $leaf usual thickness of a leaf with what is put on it
     * @return list<Parameter>
     */
    public static function parameters(int $signatures, int $sheets, Length $leaf): array
    {
        return [
            Parameter::length(
                'page-width',
                'Folded sheet, width',
                'Half of the sheet that is sewn in.',
                Length::inches(2),
                Length::inches(9),
                Length::inches(5, 1, 2),
                Length::micrometres(148_500),
            ),
            Parameter::length(
                'page-height',
                'Folded sheet, height',
                'How tall the sheets are.',
                Length::inches(3),
                Length::inches(11, 1, 2),
                Length::inches(8, 1, 2),
                Length::millimetres(210),
            ),
            Parameter::count('signatures', 'Signatures', 'How many are sewn in.', 1, 8, $signatures),
            Parameter::count(
                'sheets',
                'Sheets in a signature',
                'Of text paper 3 to 5; of odd papers one: 15 to 20, two: 10 to 15, more: about 10.',
                1,
                24,
                $sheets,
            ),
            Parameter::length(
                'leaf',
                'Thickness of a leaf',
                'With what is put on it; if the sheets are thicker, they count.',
                Length::micrometres(50),
                Length::millimetres(3),
                $leaf,
            ),
            Parameter::length(
                'room',
                'Room in the spine',
                'Beside the sewn block: for pockets and what lies in them.',
                Length::zero(),
                Length::inches(2),
                Length::inches(0, 1, 8),
                Length::millimetres(3),
            ),
            Parameter::length(
                'fold-from',
                'Fold over from',
                'A sheet that is so much too large or more is folded over; less is trimmed.',
                Length::zero(),
                Length::inches(12),
                MeetingSchool::usual(Unit::Inch)->foldFrom,
                MeetingSchool::usual(Unit::Centimetre)->foldFrom,
            ),
            Parameter::choice(
                'leaf-pockets',
                'Pockets of leaves',
                'How sheets that are folded over are closed.',
                ['glued' => 'glued', 'sewn' => 'sewn'],
                'glued',
            ),
        ];
    }

    /** The largest sheet that fits, opened. */
    public function open(): Size
    {
        return $this->template->open();
    }

    /** @return list<string> keys of the parts, the strips under single leaves too */
    public function parts(): array
    {
        $parts = array_map(static fn (array $kind): string => $kind[0], array_values($this->kinds));

        return $this->hasSingles() ? [...$parts, 'leaf-strip'] : $parts;
    }

    /** @return list<string> keys of the parts that are sewn through: sheets that are folded, strips under single leaves */
    public function bound(): array
    {
        $folded = array_filter($this->kinds, static fn (array $kind): bool => $kind[1]->width !== WidthWay::Strip);
        $parts = array_map(static fn (array $kind): string => $kind[0], array_values($folded));

        return $this->hasSingles() ? [...$parts, 'leaf-strip'] : $parts;
    }

    /**
     * Sheets and faces, between two faces of the cover.
     *
     * @return Face the last one, that faces the cover
     */
    public function addTo(Draft $draft, ReadingOrder $reading, Face $before): Face
    {
        foreach ($this->kinds as [$key, $meeting, $count]) {
            $draft->part($this->sheet($key, $meeting, $count));
        }
        if ($this->hasSingles()) {
            $this->addStrips($draft);
        }
        $parts = array_map(fn (Signature $signature): array => array_map(
            fn (Sheet $sheet): string => $this->kinds[$sheet->meeting->paper->key][0],
            $signature->sheets,
        ), $this->block->signatures);
        $isTrimmed = $this->brief->values->choice('fore-edge') === 'trimmed';
        $gathered = new Gathered($this->block, $this->template, $this->school, $parts, $this->beyond, $isTrimmed);
        $number = 0;
        $tabRoom = [];
        foreach ($this->block->signatures as $signature) {
            $depths = $signature->depths();
            foreach ($signature->leaves() as $place => $leaf) {
                $number++;
                [$recto, $verso] = $this->faces($reading, $leaf, $number);
                $draft->add(new Opening($before->key, $recto->key));
                $this->addWhatIsFolded($draft, $leaf, $recto, $verso);
                $before = $verso;
                $room = $gathered->roomForTab($signature, $depths[$place]);
                $tabRoom = [...$tabRoom, $recto->key => $room, $verso->key => $room];
            }
        }
        $draft->add($gathered->withTabRoom($tabRoom));
        $this->addTasks($draft, $parts);

        return $before;
    }

    private function closing(): Adhesive
    {
        return $this->brief->values->choice('leaf-pockets') === 'sewn' ? Adhesive::Thread : Adhesive::WetGlue;
    }

    private function hasSingles(): bool
    {
        foreach ($this->kinds as [, $meeting]) {
            if ($meeting->width === WidthWay::Strip) {
                return true;
            }
        }

        return false;
    }

    private function sheet(string $key, Meeting $meeting, int $count): Part
    {
        $isOfHeap = $this->brief->leaves->heap !== [];
        $grid = $this->grid($meeting);
        $isBag = $meeting->paper->bag !== null;

        return new Part(
            key: $key,
            name: $isOfHeap ? $meeting->paper->stock->name : 'Sheet',
            section: self::SECTION,
            size: $grid->size(),
            role: StockRole::Leaf,
            quantity: $count,
            // What is folded over comes to lie inside, as the halves do: side A is seen everywhere.
            creases: $meeting->paper->isMade ? [] : $grid->creases(Fold::Mountain),
            slits: $this->slits($meeting, $grid),
            panels: $grid->panels(),
            upright: false,
            cutAways: $this->cutAways($meeting, $grid),
            why: sprintf(
                '%s: %s, %s.%s',
                match (true) {
                    $meeting->paper->isMade => 'Made already, sewn in along its score',
                    $isBag => 'A bag as it is',
                    default => 'Against the template',
                },
                $meeting->height->label(),
                $meeting->width->label(),
                $meeting->turned->isPositive() || $meeting->inward->isPositive() ? ' '.$grid->inWords($this->brief->notation).'.' : '',
            ),
            leaf: $isOfHeap ? $meeting->paper->key : null,
            isScored: $meeting->paper->stock->grammage->inGrams() >= self::SCORED,
        );
    }

    private function grid(Meeting $meeting): PanelGrid
    {
        $half = $meeting->open->width->half();
        $whole = $this->template->leaf->width;
        $columns = match ($meeting->width) {
            WidthWay::Strip => ['whole' => $meeting->open->width],
            // The first leaf is as wide as the template, the one with the fold a touch less.
            WidthWay::Flap, WidthWay::Pocket => [
                'flap' => $meeting->inward,
                'left' => $meeting->open->width->minus($whole),
                'right' => $whole,
            ],
            default => ['left' => $half, 'right' => $meeting->open->width->minus($half)],
        };
        $rows = match ($meeting->height) {
            HeightWay::FoldedUp => ['page' => $meeting->open->height, 'turn-up' => $meeting->turned],
            HeightWay::FoldedDown => ['turn-down' => $meeting->turned, 'page' => $meeting->open->height],
            default => ['' => $meeting->open->height],
        };

        return new PanelGrid($columns, $rows);
    }

    /** @return list<Slit> what is folded over is slit at the middle, so that the sheet folds there */
    private function slits(Meeting $meeting, PanelGrid $grid): array
    {
        if (! $meeting->height->isFolded() || $meeting->width === WidthWay::Strip) {
            return [];
        }
        $over = $grid->area('right', $meeting->height === HeightWay::FoldedUp ? 'turn-up' : 'turn-down');

        return [new Slit(new Segment(new Point($over->left(), $over->top()), new Point($over->left(), $over->bottom())))];
    }

    /** @return list<Polygon> where both are folded the corner between them would lie four deep */
    private function cutAways(Meeting $meeting, PanelGrid $grid): array
    {
        return $meeting->height->isFolded() && $meeting->width->isFolded()
            ? [Polygon::of($grid->area('flap', $meeting->height === HeightWay::FoldedUp ? 'turn-up' : 'turn-down'))] : [];
    }

    /** @return array{Face, Face} front and back of a leaf */
    private function faces(ReadingOrder $reading, Leaf $leaf, int $number): array
    {
        $meeting = $leaf->sheet->meeting;
        $grid = $this->grid($meeting);
        $row = $meeting->height->isFolded() ? 'page' : '';
        $column = $meeting->width === WidthWay::Strip ? 'whole' : ($leaf->isSecond ? 'left' : 'right');
        $panel = trim("{$column}-{$row}", '-');
        $size = $grid->area($column, $row)->size();
        $part = $this->kinds[$leaf->sheet->meeting->paper->key][0];
        $name = static fn (string $side): string => sprintf('Leaf %d %s, %s', $number, $side, lcfirst($meeting->paper->stock->name));

        return [
            $reading->named(
                "leaf-{$number}-front",
                $name('front'),
                $size,
                new PanelRef($part, $panel, $leaf->recto),
                Edge::Left,
                takesMat: false,
            ),
            $reading->named(
                "leaf-{$number}-back",
                $name('back'),
                $size,
                new PanelRef($part, $panel, $leaf->verso()),
                Edge::Right,
                takesMat: false,
            ),
        ];
    }

    /** What is folded over lies on the inside of its sheet: on the back of its first leaf, on the front of its second one. */
    private function addWhatIsFolded(Draft $draft, Leaf $leaf, Face $recto, Face $verso): void
    {
        $meeting = $leaf->sheet->meeting;
        $inside = $recto->paper->side === Side::B ? $recto : $verso;
        $half = $leaf->isSecond ? 'left' : 'right';
        $foreEdge = $inside->hinge?->opposite() ?? Edge::Right;
        if ($meeting->height->isFolded()) {
            $isUp = $meeting->height === HeightWay::FoldedUp;
            $edge = $isUp ? Edge::Bottom : Edge::Top;
            (new PocketFront(
                $isUp ? 'Turned-up pocket' : 'Turned-down pocket',
                new PanelRef($inside->paper->part, "{$half}-".($isUp ? 'turn-up' : 'turn-down'), Side::A),
                Rectangle::whole($inside->size)->strip($edge, $meeting->turned),
                [$foreEdge],
                $edge->opposite(),
                'leaf-pockets',
                takesMat: false,
                adhesive: $this->closing(),
            ))->on($draft, $inside);
        }
        if ($meeting->paper->bag !== null) {
            $draft->add(new Pouch(
                "{$recto->key}/bag",
                'Inside of '.lcfirst($recto->name),
                $recto->key,
                $inside->size,
                [],
                $meeting->paper->bag,
                $inside->size->height,
            ));
        }
        if (! $leaf->isSecond || ! $meeting->width->isFolded()) {
            return;
        }
        $panel = trim('flap-'.($meeting->height->isFolded() ? 'page' : ''), '-');
        $area = Rectangle::whole($inside->size)->strip($foreEdge, $meeting->inward);
        if ($meeting->width === WidthWay::Pocket) {
            (new PocketFront(
                'Folded-in pocket',
                new PanelRef($inside->paper->part, $panel, Side::A),
                $area,
                [Edge::Top, Edge::Bottom],
                $foreEdge->opposite(),
                'leaf-pockets',
                takesMat: false,
                adhesive: $this->closing(),
            ))->on($draft, $inside);

            return;
        }
        $key = "{$inside->key}/flap";
        $front = $inside->front(
            "{$key}/front",
            "{$inside->name}, flap",
            $area->size(),
            new PanelRef($inside->paper->part, $panel, Side::A),
            false,
            $foreEdge,
            true,
        );
        $open = $front->reverse("{$key}/inside", "{$inside->name}, inside of the flap", false);
        $draft->face($front);
        $draft->face($open);
        $draft->add(new Flap($key, 'Folded-in flap', $inside->key, $area, $foreEdge, $front->key, $open->key));
    }

    /** A leaf that does not reach the fold is glued onto one half of a scored strip, and that is nested. */
    private function addStrips(Draft $draft): void
    {
        $breadth = $this->school->strip;
        $singles = array_values(array_filter(
            array_merge([], ...array_map(static fn (Signature $signature): array => $signature->sheets, $this->block->signatures)),
            static fn (Sheet $sheet): bool => $sheet->isSingle(),
        ));
        $hinged = [];
        foreach ($singles as $sheet) {
            $key = $this->kinds[$sheet->meeting->paper->key][0];
            $half = $sheet->isAtBack ? 'left' : 'right';
            $hinged["{$key} {$half}"] ??= new Joint(
                new PanelRef($key, 'whole', Side::B),
                new PanelRef('leaf-strip', $half, Side::A),
                Rectangle::at(Length::zero(), $sheet->meeting->top, new Size($breadth->half(), $sheet->meeting->open->height)),
                Adhesive::WetGlue,
                Layer::Structure,
                'leaf-strips',
                isLap: true,
                by: $sheet->isAtBack ? Edge::Right : Edge::Left,
            );
        }
        array_map($draft->add(...), array_values($hinged));
        $grid = PanelGrid::columns(['left' => $breadth->half(), 'right' => $breadth->half()], $this->template->leaf->height);
        $draft->part(new Part(
            key: 'leaf-strip',
            name: 'Strip for a leaf',
            section: self::SECTION,
            size: $grid->size(),
            role: StockRole::StructureCard,
            quantity: count($singles),
            creases: $grid->creases(Fold::Mountain),
            panels: $grid->panels(),
            upright: false,
            why: 'For leaves that do not reach the fold: half of it under the leaf, half beyond the fold.',
        ));
        $draft->task(new Task(
            'leaf-strips',
            Phase::Assemble,
            'Hinge the single leaves onto their strips',
            'Up to the score and not over it.',
            self::SECTION,
            Adhesive::WetGlue,
            ['leaf-strip'],
        ));
    }

    /** @param list<list<string>> $parts of the sheets, signature by signature */
    private function addTasks(Draft $draft, array $parts): void
    {
        $places = array_map(static fn (int $number): string => "signature {$number}", range(1, count($this->block->signatures)));
        $hasPockets = array_filter($this->kinds, static fn (array $kind): bool => $kind[1]->height->isFolded()
            || $kind[1]->width === WidthWay::Pocket) !== [];
        if ($hasPockets) {
            $draft->task(new Task(
                'leaf-pockets',
                Phase::Assemble,
                $this->closing() === Adhesive::Thread ? 'Sew the pockets of the leaves' : 'Close the pockets of the leaves',
                'Before the signature is nested and bound: afterwards neither brush nor machine reaches.',
                self::SECTION,
                $this->closing(),
                array_values(array_map(static fn (array $kind): string => $kind[0], $this->kinds)),
                caution: $this->closing() === Adhesive::Thread ? Caution::Needle : null,
            ));
        }
        $nests = [];
        foreach ($this->block->signatures as $index => $signature) {
            $nests[] = new Nest($index + 1, array_map(
                static fn (Sheet $sheet, string $part): string => $sheet->isSingle() ? 'leaf-strip' : $part,
                $signature->sheets,
                $parts[$index],
            ));
        }
        $draft->task(new Task(
            'nest-signatures',
            Phase::Assemble,
            count($places) === 1 ? 'Nest the signature' : 'Nest the signatures',
            'Heads level; jog it on the table at head and fold before it is pricked.',
            self::SECTION,
            parts: $this->parts(),
            after: ['leaf-pockets', 'leaf-strips'],
            places: $places,
            acts: $nests,
        ));
    }
}
