<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

use Ephemeron\Blueprint\Act\Depth;
use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Bare;
use Ephemeron\Blueprint\Draft;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Fold;
use Ephemeron\Blueprint\GlueZone;
use Ephemeron\Blueprint\Gusset;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\Opening;
use Ephemeron\Blueprint\PanelGrid;
use Ephemeron\Blueprint\PanelRef;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Pose;
use Ephemeron\Blueprint\Reason;
use Ephemeron\Blueprint\Seen;
use Ephemeron\Blueprint\Task;
use Ephemeron\Design\FaceMats;
use Ephemeron\Design\MatRule;
use Ephemeron\Design\MatSchool;
use Ephemeron\Design\Parameter;
use Ephemeron\Design\Placed;
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
 * A square cover that folds over itself, with a concertina in the middle. Source: common practice, no published source.
 *
 * The cover is a strip of c | s | c | s | c, c tall. Where that is longer than the sheet it is spliced from two equal blanks of
 * (3c + 2s + o) / 2 whose overlap o lies in the middle of the middle panel, never on a score. The concertina is m strips 3f × f scored at
 * f and 2f; the first panel of each is glued over the last of the strip before, so m strips have 2m + 1 panels; the first is glued onto
 * the middle panel, which leaves 2·(2m + 1) − 1 faces to be seen.
 *
 * The left panel folds in first, the right one last: the outside of the right panel is the front cover, that of the middle one the back
 * cover.
 */
final readonly class CascadeAlbum implements Structure
{
    public function about(): About
    {
        return new About(
            'cascade-album',
            'Cascade album',
            'A square cover that folds over itself round a concertina of small faces. Closed by a band.',
            Skill::Some,
            new Sizing(['panel', 'fold'], [], 'strips'),
        );
    }

    public function parameters(): array
    {
        return [
            Parameter::length(
                'panel',
                'Cover panel',
                'Side of the square cover.',
                Length::inches(2),
                Length::inches(10),
                Length::inches(4, 1, 4),
                Length::millimetres(110),
            ),
            Parameter::length(
                'spine',
                'Spines',
                'Width of the two spines: room for the concertina and what is on it.',
                Length::inches(0, 1, 4),
                Length::inches(3),
                Length::inches(1),
                Length::millimetres(25),
            ),
            Parameter::count('strips', 'Concertina strips', 'Each is three panels long; they overlap by one.', 1, 8, 3),
            Parameter::length(
                'fold',
                'Concertina panel',
                'Side of the square concertina panels.',
                Length::inches(1),
                Length::inches(9),
                Length::inches(4),
                Length::millimetres(100),
            ),
            Parameter::length(
                'overlap',
                'Splice',
                'How far the two halves of the cover strip overlap where one sheet is too short: the width of the tape.',
                Length::inches(0, 1, 8),
                Length::inches(1),
                Length::inches(0, 1, 4),
                Length::millimetres(6),
            ),
        ];
    }

    public function defaultMats(): MatRule
    {
        return new MatRule(MatSchool::Fine, 2, [
            'middle' => new FaceMats(layers: 1),
            'concertina' => new FaceMats(MatSchool::Thrifty, 2),
        ]);
    }

    public function refusals(Values $values, Notation $notation): array
    {
        return $values->length('fold')->isMoreThan($values->length('panel'))
            ? ['fold' => sprintf(
                'The concertina would stand out of the cover, whose panels are %s.',
                $notation->text($values->length('panel'))
            )]
            : [];
    }

    public function defaultFurniture(Values $values, Unit $unit): array
    {
        return [new Placed('front-cover', 'loose-band', new Values)];
    }

    public function materials(Unit $unit): array
    {
        return UsualPapers::of($unit)->byRole();
    }

    public function layOut(Brief $brief): Draft
    {
        $draft = $brief->draft();
        $cover = $this->layOutCover($draft, $brief);
        $this->layOutConcertina($draft, $brief);
        $this->layOutFaces($draft, $brief, $cover);
        $card = $brief->stock(StockRole::StructureCard)->caliper;
        $panels = 2 * $brief->values->count('strips') + 1;
        $draft->add(new Bare($card->times(3 + $panels)));
        $faces = array_values(
            array_filter(
                array_map(strval(...), array_keys($draft->faces())),
                static fn (string $face): bool => ! str_starts_with($face, 'spine') && ! str_ends_with($face, 'cover'),
            ),
        );
        $spines = [new PanelRef('cover-left', 'spine', Side::A), new PanelRef('cover-right', 'spine', Side::A)];
        $spine = $brief->values->length('spine');
        $draft->add(new Gusset('the spines', $spine, $card->times($panels), $faces, 'spine', 1, panels: $spines));

        return $draft;
    }

    /** @return array{left: PanelRef, spine-1: PanelRef, middle: PanelRef, spine-2: PanelRef, right: PanelRef} inside faces */
    private function layOutCover(Draft $draft, Brief $brief): array
    {
        $values = $brief->values;
        $notation = $brief->notation;
        $panel = $values->length('panel');
        $spine = $values->length('spine');
        $whole = PanelGrid::columns(
            ['left' => $panel, 'spine-1' => $spine, 'middle' => $panel, 'spine-2' => $spine, 'right' => $panel],
            $panel,
        );
        $sheet = $brief->stock(StockRole::StructureCard)->sheet->longSide();
        $draft->add(new Reason('panel', "cover strip {$whole->inWords($notation)}"));
        if ($sheet->isAtLeast($whole->size()->width)) {
            $draft->part(
                new Part(
                    'cover',
                    'Cover strip',
                    'Cover',
                    $whole->size(),
                    StockRole::StructureCard,
                    1,
                    $whole->creases(),
                    panels: $whole->panels(),
                    places: ['cover'],
                    why: "Three panels and two spines: {$whole->inWords($notation)}.",
                ),
            );

            return [
                'left' => self::inside('cover', 'left'),
                'spine-1' => self::inside('cover', 'spine-1'),
                'middle' => self::inside('cover', 'middle'),
                'spine-2' => self::inside('cover', 'spine-2'),
                'right' => self::inside('cover', 'right'),
            ];
        }
        $overlap = $values->length('overlap');
        $rest = $panel->plus($overlap)->half();
        $halves = [
            'left' => PanelGrid::columns(['cover' => $panel, 'spine' => $spine, 'middle' => $rest], $panel),
            'right' => PanelGrid::columns(['middle' => $rest, 'spine' => $spine, 'cover' => $panel], $panel),
        ];
        foreach ($halves as $side => $grid) {
            $tape = $grid->area('middle')->strip($side === 'left' ? Edge::Right : Edge::Left, $overlap);
            $draft->part(new Part(
                "cover-{$side}",
                "Cover strip, {$side} half",
                'Cover',
                $grid->size(),
                StockRole::StructureCard,
                1,
                $grid->creases(),
                glueZones: [new GlueZone($tape, $side === 'left' ? Side::A : Side::B, Adhesive::Tape)],
                panels: $grid->panels(),
                places: ['cover'],
                why: sprintf(
                    'The strip is %s and the sheet %s: two halves, each (%s + %s) ÷ 2.',
                    $notation->inSums()->text($whole->size()->width),
                    $notation->inSums()->text($sheet),
                    $notation->inSums()->number($whole->size()->width),
                    $notation->inSums()->text($overlap),
                ),
            ));
        }
        $draft->add(
            new Joint(
                new PanelRef('cover-right', 'middle', Side::B),
                new PanelRef('cover-left', 'middle', Side::A),
                Rectangle::whole($halves['left']->area('middle')->size())->strip(Edge::Right, $overlap),
                Adhesive::Tape,
                Layer::Structure,
                'splice',
                isLap: true,
                by: Edge::Left,
            ),
        );
        $draft->task(new Task(
            'splice',
            Phase::Assemble,
            'Splice the cover strip',
            sprintf(
                'Tape the two halves together, %s over each other. The splice lies in the middle of the middle panel, away from the '
                    .'scores; the concertina hides it.',
                $notation->text($overlap),
            ),
            'Cover',
            Adhesive::Tape,
            ['cover-left', 'cover-right'],
        ));

        return [
            'left' => self::inside('cover-left', 'cover'),
            'spine-1' => self::inside('cover-left', 'spine'),
            'middle' => self::inside('cover-left', 'middle'),
            'spine-2' => self::inside('cover-right', 'spine'),
            'right' => self::inside('cover-right', 'cover'),
        ];
    }

    private function layOutConcertina(Draft $draft, Brief $brief): void
    {
        $fold = $brief->values->length('fold');
        $strips = $brief->values->count('strips');
        $grid = PanelGrid::columns(['first' => $fold, 'second' => $fold, 'third' => $fold], $fold);
        $draft->part(new Part(
            'concertina',
            'Concertina strip',
            'Concertina',
            $grid->size(),
            StockRole::StructureCard,
            $strips,
            $grid->creases(Fold::Valley, ['second' => Fold::Mountain]),
            glueZones: [new GlueZone($grid->area('first'), Side::B, Adhesive::WetGlue)],
            panels: $grid->panels(),
            places: array_map(static fn (int $strip): string => "strip {$strip}", range(1, $strips)),
            why: "Three panels: {$grid->inWords($brief->notation)}.",
        ));
        $panels = 2 * $strips + 1;
        $draft->add(
            new Reason(
                'strips',
                sprintf(
                    'panels 2 × %d + 1 = %d, faces to be seen 2 × %d − 1 = %d: that many small mats',
                    $strips,
                    $panels,
                    $panels,
                    2 * $panels - 1,
                ),
            ),
        );
        if ($strips > 1) {
            $draft->task(new Task(
                'join-concertina',
                Phase::Assemble,
                'Join the concertina',
                sprintf(
                    'Glue the first panel of each strip over the last panel of the strip before, edges level: %d panels in a row. They '
                        .'fold back and forth all the way.',
                    $panels,
                ),
                'Concertina',
                Adhesive::WetGlue,
                ['concertina'],
            ));
            $draft->add(
                new Joint(
                    new PanelRef('concertina', 'first', Side::B),
                    new PanelRef('concertina', 'third', Side::A),
                    Rectangle::whole(new Size($fold, $fold)),
                    Adhesive::WetGlue,
                    Layer::Structure,
                    'join-concertina',
                    isLap: true,
                ),
            );
        }
    }

    /** @param array{left: PanelRef, spine-1: PanelRef, middle: PanelRef, spine-2: PanelRef, right: PanelRef} $cover */
    private function layOutFaces(Draft $draft, Brief $brief, array $cover): void
    {
        $values = $brief->values;
        $panel = new Size($values->length('panel'), $values->length('panel'));
        $spine = new Size($values->length('spine'), $values->length('panel'));
        $reading = new ReadingOrder($draft);
        $front = $reading->frontCover($panel, self::outside($cover['right']));
        $right = $reading->page($panel, $cover['right'], Edge::Left, 'inside of the right panel');
        $spines = [
            $reading->named('spine-1', 'Right spine, outside', $spine, self::outside($cover['spine-2'])),
            $reading->named('spine-2', 'Right spine, inside', $spine, $cover['spine-2']),
        ];
        $leftOutside = $reading->page($panel, self::outside($cover['left']), Edge::Left, 'outside of the left panel');
        $left = $reading->page($panel, $cover['left'], Edge::Right, 'inside of the left panel');
        $spines[] = $reading->named('spine-3', 'Left spine, outside', $spine, self::outside($cover['spine-1']));
        $spines[] = $reading->named('spine-4', 'Left spine, inside', $spine, $cover['spine-1']);
        $middle = $reading->named('middle', 'Middle panel, under the concertina', $panel, $cover['middle']);
        $concertina = $this->concertinaFaces($draft, $reading, $values);
        $back = $reading->backCover($panel, self::outside($cover['middle']));
        $draft->add(new Opening($leftOutside->key, $right->key));

        $area = Rectangle::centred($concertina[0]->size, $panel);
        $draft->add(
            new Joint(
                new PanelRef('concertina', 'first', Side::B),
                $middle->paper,
                $area,
                Adhesive::WetGlue,
                Layer::Structure,
                'hang-concertina',
                'middle',
                depth: Depth::OnMat,
            ),
        );
        $draft->task(new Task(
            'hang-concertina',
            Phase::Pocket,
            'Glue the concertina into the cover',
            'Its first panel onto the matted middle panel, an even border all round, its loose end to the right. Fold it up and close '
                .'the cover once before the glue sets.',
            'Concertina',
            Adhesive::WetGlue,
            ['concertina'],
            ['join-concertina', 'splice'],
            face: 'middle',
        ));
        $draft->add(Pose::row(Pose::CLOSED, 'Closed', Seen::face($front)));
        $draft->add(
            Pose::row(
                Pose::OPENED,
                'Opened, inside',
                Seen::face($left),
                Seen::face($spines[3]),
                Seen::face($middle),
                Seen::face($spines[1]),
                Seen::face($right),
            ),
        );
        $draft->add(
            Pose::row(
                'outside',
                'Opened, outside',
                Seen::face($front),
                Seen::face($spines[0]),
                Seen::face($back),
                Seen::face($spines[2]),
                Seen::face($leftOutside),
            ),
        );
    }

    /**
     * The first panel shows one side, every further one both; where two strips overlap, the sides belong to two of them.
     *
     * @return non-empty-list<Face>
     */
    private function concertinaFaces(Draft $draft, ReadingOrder $reading, Values $values): array
    {
        $panels = 2 * $values->count('strips') + 1;
        $size = new Size($values->length('fold'), $values->length('fold'));
        $faces = [$reading->named('concertina-1', 'Concertina 1', $size, new PanelRef('concertina', 'first', Side::A), Edge::Right)];
        for ($panel = 2; $panel <= $panels; $panel++) {
            // Valleys lie after odd panels, so an even panel is first met on side A, an odd one on side B.
            foreach ($panel % 2 === 0 ? [Side::A, Side::B] : [Side::B, Side::A] as $turn => $side) {
                $number = count($faces) + 1;
                $faces[] = $reading->named(
                    "concertina-{$number}",
                    "Concertina {$number}",
                    $size,
                    $this->concertinaPaper($panel, $panels, $side),
                    $turn === 0 ? Edge::Left : Edge::Right,
                );
                if ($turn === 0) {
                    $draft->add(new Opening('concertina-'.($number - 1), "concertina-{$number}"));
                }
            }
        }

        return $faces;
    }

    private function concertinaPaper(int $panel, int $panels, Side $side): PanelRef
    {
        return match (true) {
            $panel % 2 === 0 => new PanelRef('concertina', 'second', $side),
            $side === Side::A && $panel < $panels => new PanelRef('concertina', 'first', $side),
            default => new PanelRef('concertina', 'third', $side),
        };
    }

    private static function inside(string $part, string $panel): PanelRef
    {
        return new PanelRef($part, $panel, Side::A);
    }

    private static function outside(PanelRef $inside): PanelRef
    {
        return new PanelRef($inside->part, $inside->panel, Side::B);
    }
}
