<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

use Ephemeron\Blueprint\Act\Fasten;
use Ephemeron\Blueprint\Act\Handling;
use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Bare;
use Ephemeron\Blueprint\Crease;
use Ephemeron\Blueprint\Draft;
use Ephemeron\Blueprint\Fold;
use Ephemeron\Blueprint\GlueZone;
use Ephemeron\Blueprint\Gusset;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\Loose;
use Ephemeron\Blueprint\Panel;
use Ephemeron\Blueprint\PanelRef;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Reason;
use Ephemeron\Blueprint\Sundry;
use Ephemeron\Blueprint\Task;
use Ephemeron\Blueprint\Tie;
use Ephemeron\Design\Allowances;
use Ephemeron\Design\MatRule;
use Ephemeron\Design\MatSchool;
use Ephemeron\Design\Parameter;
use Ephemeron\Design\Placed;
use Ephemeron\Design\Values;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\PhotoSize;
use Ephemeron\Paper\SheetFormat;
use Ephemeron\Paper\Side;
use Ephemeron\Paper\Stock;
use Ephemeron\Paper\StockRole;

/**
 * A tall album of n single sheets, each folded into two leaves with a gusset between, nested into each other.
 *
 * Sheet k (1 is the innermost) is (2p + k·g) × h, scored at p and p + k·g. The back of gusset k is stuck centred
 * on the inside of gusset k+1, which leaves g/2 on each side of it. n sheets give 2n leaves and 4n faces, two of them
 * the outer covers. Source: common practice, no published source.
 *
 * The spine strip is n·g × h less a sliver each way. The sliver is taken as a hairline border on all four sides, so that
 * the strip ends level with hairline cover mats.
 */
final readonly class NestedGussetAlbum implements Structure
{
    public function about(): About
    {
        return new About(
            'nested-gusset-album',
            'Nested-gusset album',
            'A tall album of single sheets, each folded round a gusset and nested into the next. Room for pockets and bulk, no binding.',
            Skill::Some,
            new Sizing(['leaf-width'], ['leaf-height'], 'sheets'),
        );
    }

    public function parameters(): array
    {
        return [
            Parameter::length(
                'leaf-width',
                'Leaf width',
                'How wide one leaf is, from its score to its fore-edge.',
                Length::inches(2),
                Length::inches(12),
                Length::inches(5),
                Length::millimetres(125),
            ),
            Parameter::length(
                'leaf-height',
                'Leaf height',
                'How tall the book is.',
                Length::inches(2),
                Length::inches(12),
                Length::inches(8, 1, 2),
                Length::millimetres(210),
            ),
            Parameter::count('sheets', 'Sheets', 'How many folded sheets are nested; each gives two leaves.', 1, 20, 4),
            Parameter::length(
                'step',
                'Gusset step',
                'How much wider each gusset is than the one inside it; the innermost is one step wide.',
                Length::inches(0, 1, 8),
                Length::inches(1),
                Length::inches(0, 1, 4),
                Length::millimetres(6),
            ),
            Parameter::length(
                'tape-width',
                'Tape width',
                'Breadth of the double-sided tape on the gussets.',
                Length::inches(0, 1, 8),
                Length::inches(1),
                Length::inches(0, 1, 4),
                Length::millimetres(6),
            ),
            Parameter::flag('spine-strip', 'Spine strip', 'Paper over the outside of the spine.', true),
            Parameter::flag('ribbon', 'Ribbon', 'A ribbon taped across both covers, under their mats, to tie the album shut.', true),
            Parameter::length(
                'ribbon-length',
                'Ribbon length',
                'Empty: once round the filled album, and a bow.',
                Length::inches(10),
                Length::inches(60),
            ),
        ];
    }

    public function defaultMats(): MatRule
    {
        return new MatRule(MatSchool::Hairline, 2);
    }

    /** Double pockets on any five faces: spread through the book, none on a cover, each with a print card. */
    public function defaultFurniture(Values $values, Unit $unit): array
    {
        $pages = 4 * $values->count('sheets') - 2;
        $pockets = min(5, intdiv($pages, 2));
        $card = $unit === Unit::Inch ? PhotoSize::ThreeByFour->value : PhotoSize::NineByThirteen->value;
        $furniture = [];
        for ($k = 0; $k < $pockets; $k++) {
            $page = 2 + intdiv($k * ($pages - 2), max(1, $pockets - 1));
            $furniture[] = new Placed("page-{$page}", 'pocket', new Values(['style' => 'double', 'card' => $card]));
        }

        return $furniture;
    }

    public function refusals(Values $values, Notation $notation): array
    {
        return [];
    }

    public function materials(Unit $unit): array
    {
        return UsualPapers::of($unit)->with(
            StockRole::StructureCard,
            Stock::card('Kraft dusk', $unit === Unit::Inch ? SheetFormat::LetterWide : SheetFormat::A4Wide, 220),
        )->byRole();
    }

    public function layOut(Brief $brief): Draft
    {
        $draft = $brief->draft();
        $this->layOutSheets($draft, $brief);
        $this->layOutFaces($draft, $brief);
        $this->measureGussets($draft, $brief);
        $this->nest($draft, $brief);
        $this->finishSpine($draft, $brief);
        $this->tieRibbon($draft, $brief);

        return $draft;
    }

    private function layOutSheets(Draft $draft, Brief $brief): void
    {
        $leaf = $this->leaf($brief->values);
        $sheets = $brief->values->count('sheets');
        for ($k = 1; $k <= $sheets; $k++) {
            $gusset = $this->gusset($k, $brief->values);
            $blank = new Size($leaf->width->times(2)->plus($gusset), $leaf->height);
            $draft->add(
                new Reason(
                    'step',
                    sprintf(
                        'gusset %d = %d × %s = %s',
                        $k,
                        $k,
                        $brief->notation->inSums()->number($brief->values->length('step')),
                        $brief->notation->inSums()->text($gusset),
                    ),
                ),
            );
            $draft->part(new Part(
                key: "sheet-{$k}",
                name: $this->sheetName($k, $sheets),
                section: 'Album sheets',
                size: $blank,
                role: StockRole::StructureCard,
                creases: [
                    Crease::across($blank, Axis::Width, $leaf->width, Fold::Valley),
                    Crease::across($blank, Axis::Width, $leaf->width->plus($gusset), Fold::Valley),
                ],
                glueZones: $k < $sheets ? $this->tapeStrips($k, $brief->values) : [],
                panels: [
                    new Panel('left', 'left leaf', Rectangle::at(Length::zero(), Length::zero(), $leaf)),
                    new Panel('gusset', 'gusset', $this->gussetArea($k, $brief->values)),
                    new Panel('right', 'right leaf', Rectangle::at($leaf->width->plus($gusset), Length::zero(), $leaf)),
                ],
                places: ["sheet {$k} of {$sheets}"],
                why: sprintf(
                    'Two leaves and gusset %d: 2 × %s + %d × %s = %s.',
                    $k,
                    $brief->notation->inSums()->number($leaf->width),
                    $k,
                    $brief->notation->inSums()->number($brief->values->length('step')),
                    $brief->notation->inSums()->text($blank->width),
                ),
            ));
        }
    }

    /**
     * Tape of width t on a gusset of width w: ⌊w/t⌋ strips side by side, spread evenly over the back of the gusset.
     *
     * @return list<GlueZone>
     */
    private function tapeStrips(int $k, Values $values): array
    {
        $gusset = $this->gussetArea($k, $values);
        $tape = $values->length('tape-width');
        $count = $gusset->width()->holds($tape);
        $gap = $gusset->width()->minus($tape->times($count));
        $strips = [];
        for ($i = 0; $i < $count; $i++) {
            $x = $gusset->left()->plus($gap->half(), $tape->times($i));
            $strips[] = new GlueZone(Rectangle::at($x, $gusset->top(), new Size($tape, $gusset->height())), Side::B, Adhesive::Tape);
        }

        return $strips;
    }

    private function layOutFaces(Draft $draft, Brief $brief): void
    {
        $outermostFirst = array_map(static fn (int $k): string => "sheet-{$k}", range($brief->values->count('sheets'), 1));
        (new NestedLeaves($outermostFirst, $this->leaf($brief->values)))->addTo($draft);
    }

    /** Between the leaves of sheet k lie all sheets inside it and whatever is on the faces that look at each other there. */
    private function measureGussets(Draft $draft, Brief $brief): void
    {
        $card = $brief->stock(StockRole::StructureCard)->caliper;
        $sheets = $brief->values->count('sheets');
        $faces = array_keys($draft->faces());
        for ($k = 1; $k <= $sheets; $k++) {
            $outside = 2 * ($sheets - $k) + 1;
            $draft->add(new Gusset(
                name: "gusset {$k}",
                width: $this->gusset($k, $brief->values),
                leaves: $card->times(2 * ($k - 1)),
                faces: array_slice($faces, $outside, count($faces) - 2 * $outside),
                parameter: 'step',
                steps: $k,
                panels: [new PanelRef("sheet-{$k}", 'gusset', Side::A)],
            ));
        }
        $draft->add(new Bare($card->times(2 * $sheets)));
        $draft->add(new Reason('sheets', sprintf('%d leaves, %d faces, two of them covers', 2 * $sheets, 4 * $sheets)));
        $draft->add(
            new Reason(
                'tape-width',
                implode(
                    ', ',
                    array_map(
                        fn (int $k): string => sprintf('%d on gusset %d', count($this->tapeStrips($k, $brief->values)), $k),
                        range(1, max(1, $sheets - 1)),
                    ),
                ),
            ),
        );
    }

    private function nest(Draft $draft, Brief $brief): void
    {
        $sheets = $brief->values->count('sheets');
        if ($sheets === 1) {
            return;
        }
        $draft->task(new Task(
            'dry-fit',
            Phase::DryFit,
            'Nest the sheets without glue',
            'Into each other, the widest gusset outside. Folded edges must line up above and below; trim a proud edge now, not later.',
            'Album sheets',
            parts: $all = array_map(static fn (int $k): string => "sheet-{$k}", range(1, $sheets)),
            acts: [Handling::dryFit(...$all)],
        ));
        for ($k = $sheets - 1; $k >= 1; $k--) {
            $outer = $k + 1;
            $strips = count($this->tapeStrips($k, $brief->values));
            $gusset = $this->gussetArea($k, $brief->values)->size();
            $draft->add(new Joint(
                new PanelRef("sheet-{$k}", 'gusset', Side::B),
                new PanelRef("sheet-{$outer}", 'gusset', Side::A),
                Rectangle::centred($gusset, $this->gussetArea($outer, $brief->values)->size()),
                Adhesive::Tape,
                Layer::Structure,
                "nest-{$k}",
            ));
            $draft->task(new Task(
                "nest-{$k}",
                Phase::Assemble,
                "Stick sheet {$k} into sheet {$outer}",
                sprintf(
                    '%s (the gusset is %s wide), up to the scores and not over them. Heads and feet level, then press.',
                    $strips === 1 ? 'One strip' : "{$strips} strips side by side",
                    $brief->notation->text($this->gusset($k, $brief->values)),
                ),
                'Album sheets',
                Adhesive::Tape,
                ["sheet-{$k}", "sheet-{$outer}"],
                // From the outside in: the open sheet lies flat while the next smaller one is laid into it.
                $outer === $sheets ? ['dry-fit'] : ["nest-{$outer}"],
                binds: true,
            ));
        }
    }

    private function finishSpine(Draft $draft, Brief $brief): void
    {
        if (! $brief->values->flag('spine-strip')) {
            return;
        }
        $spine = new Size($this->gusset($brief->values->count('sheets'), $brief->values), $brief->values->length('leaf-height'));
        $strip = $spine->within(MatSchool::Hairline->border($brief->notation->unit));
        $part = $draft->part(
            new Part(
                'spine-strip',
                'Spine strip',
                'Cover',
                $strip,
                StockRole::CoverPaper,
                places: ['spine'],
                why: sprintf(
                    'The outermost gusset, %s, less a hairline on every side: it ends level with the cover mats.',
                    $brief->notation->size($spine),
                ),
            ),
        );
        $outermost = new PanelRef('sheet-'.$brief->values->count('sheets'), 'gusset', Side::B);
        $draft->add(
            new Joint(
                new PanelRef($part, 'whole', Side::B),
                $outermost,
                Rectangle::centred($strip, $spine),
                Adhesive::WetGlue,
                Layer::Cover,
                'spine-strip',
            ),
        );
        $draft->task(new Task(
            'spine-strip',
            Phase::Mat,
            'Cover the spine',
            'On the outside; it ends before the folds, so that they stay free to bend.',
            'Cover',
            Adhesive::WetGlue,
            [$part],
            ['mat-pages'],
        ));
    }

    private function tieRibbon(Draft $draft, Brief $brief): void
    {
        if (! $brief->values->flag('ribbon')) {
            return;
        }
        $allow = new Allowances($brief->notation->unit);
        $width = $brief->values->length('leaf-width');
        $round = $width->plus($this->gusset($brief->values->count('sheets'), $brief->values))->times(2);
        $usual = $allow->either(Length::inches(14), Length::millimetres(360))->plus($round);
        $length = $brief->values->lengthOr('ribbon-length', $brief->notation->grid->up($usual));
        $draft->add(new Tie('ribbon', $length, $width, 100, 'front-cover', 'parameters.ribbon-length'));
        $draft->add(new Loose('Ribbon', $length, 1, 'Cover', Sundry::Ribbon));
        $draft->task(new Task(
            'ribbon',
            Phase::Mat,
            'Tape the ribbon across the covers',
            sprintf(
                '%s of ribbon round the outside of the closed album, half way up (%s from the head), the ends equal at the fore-edges; '
                    .'not over the spine folds.',
                $brief->notation->text($length),
                $brief->notation->text($brief->values->length('leaf-height')->half()),
            ),
            'Cover',
            Adhesive::Tape,
            // The inside pages come first, so that its ends are not in the way.
            after: [...($brief->values->count('sheets') > 1 ? ['nest-1'] : []), 'mat-pages', 'mat-flaps', 'pockets-top', 'pockets-side'],
            face: 'front-cover',
            acts: [
                new Fasten('the ribbon', 'front-cover', adhesive: Adhesive::Tape),
                new Fasten('the ribbon', 'back-cover', adhesive: Adhesive::Tape),
            ],
        ));
    }

    private function leaf(Values $values): Size
    {
        return new Size($values->length('leaf-width'), $values->length('leaf-height'));
    }

    private function gusset(int $k, Values $values): Length
    {
        return $values->length('step')->times($k);
    }

    private function gussetArea(int $k, Values $values): Rectangle
    {
        $leaf = $this->leaf($values);

        return Rectangle::at($leaf->width, Length::zero(), new Size($this->gusset($k, $values), $leaf->height));
    }

    private function sheetName(int $k, int $sheets): string
    {
        return match (true) {
            $sheets === 1 => 'Sheet 1',
            $k === 1 => 'Sheet 1, innermost',
            $k === $sheets => "Sheet {$k}, outermost",
            default => "Sheet {$k}",
        };
    }
}
