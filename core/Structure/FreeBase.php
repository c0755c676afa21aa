<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

use Ephemeron\Blueprint\Act\Handling;
use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Bare;
use Ephemeron\Blueprint\Draft;
use Ephemeron\Blueprint\GlueZone;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\PanelRef;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Pose;
use Ephemeron\Blueprint\Reason;
use Ephemeron\Blueprint\Seen;
use Ephemeron\Blueprint\Task;
use Ephemeron\Design\MatRule;
use Ephemeron\Design\Parameter;
use Ephemeron\Design\Values;
use Ephemeron\Geometry\Polygon;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\Side;
use Ephemeron\Paper\StockRole;

/**
 * Any blank, scored along both sides and cut away as the maker likes, with further blanks glued to its panels: for designs that are not
 * listed.
 *
 * Every panel that is left is a face, in front and behind, and takes furniture. The blank is the sum of its panels, so it always closes.
 */
final readonly class FreeBase implements Structure
{
    public function about(): About
    {
        return new About(
            'free-base',
            'Free base',
            'Your own: a blank with scores along both sides, areas cut away, further pieces glued on. Every panel takes pockets and '
                .'flaps.',
            Skill::Some,
            new Sizing([]),
        );
    }

    public function parameters(): array
    {
        return [
            Parameter::text(
                'columns',
                'Panels across',
                'Widths from the left: + for a valley, ^ for a mountain, | for no score between them, a star after a tab that is glued.',
                static fn (string $text, Unit $unit): string => FreePanels::parse($text, $unit)->written($unit),
                '4 + 4 + 4',
                '10 + 10 + 10',
            ),
            Parameter::text(
                'rows',
                'Panels down',
                'Heights from the top, in the same way.',
                static fn (string $text, Unit $unit): string => FreePanels::parse($text, $unit)->written($unit),
                '6 + 2',
                '15 + 5',
            ),
            Parameter::text(
                'cut-away',
                'Cut away',
                'Areas by column and row: 1-2, 3-2 or a range 1-1..2-2.',
                static fn (string $text, Unit $unit): string => FreeCells::parse($text)->written(),
                '1-2, 3-2',
            ),
            Parameter::text(
                'pieces',
                'Further pieces',
                'One a line: name: panels × panels; 2 pieces; cut away 1-1; on Base 2-1 front.',
                static fn (string $text, Unit $unit): string => FreePieces::parse($text, $unit)->written($unit),
                '',
            ),
            Parameter::text(
                'lines',
                'Further lines',
                'Slanted scores, scores that stop half way, slits, slanted edges. One a line, from the upper left corner across × down: '
                    .'slit: 2 × 0 to 2 × 1 1/2; cut away: 0 × 0 to 1 × 0 to 0 × 1.',
                static fn (string $text, Unit $unit): string => FreeLines::parse($text, $unit)->written($unit),
                '',
            ),
            Parameter::choice(
                'print',
                'Print',
                'Whether it matters which way up the base lies on its sheet.',
                ['upright' => 'must stand upright', 'any' => 'any way'],
                'any',
            ),
        ];
    }

    public function defaultMats(): MatRule
    {
        return MatRule::none();
    }

    public function refusals(Values $values, Notation $notation): array
    {
        try {
            $base = $this->base($values, $notation->unit);
        } catch (UnreadableLayout $refusal) {
            return ['cut-away' => $refusal->getMessage()];
        }
        try {
            $lines = $this->lines($values, $base, $notation);
        } catch (UnreadableLayout $refusal) {
            return ['lines' => $refusal->getMessage()];
        }
        if ($base->cells($lines) === []) {
            return ['lines' => UnreadableLayout::nothingLeft($base->name)->getMessage()];
        }
        foreach (FreePieces::parse($values->text('pieces'), $notation->unit)->pieces as $piece) {
            [$name, $column, $row] = $piece->onto ?? ['', 1, 1];
            if (mb_strtolower($name) !== 'base') {
                continue;
            }
            if ($column < 1 || $row < 1 || $column > $base->columns->count() || $row > $base->rows->count()) {
                return [
                    'pieces' => UnreadableLayout::noSuchCell(
                        "{$column}-{$row}",
                        $base->columns->count(),
                        $base->rows->count(),
                    )->getMessage(),
                ];
            }
            if ($base->cutAway->has($column, $row) || $lines->takes($base->cell($column, $row))) {
                return ['pieces' => "“{$piece->name}” is glued to {$column}-{$row} of the base, which is cut away."];
            }
        }

        return [];
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
        $unit = $brief->notation->unit;
        $base = $this->base($brief->values, $unit);
        $lines = $this->lines($brief->values, $base, $brief->notation);
        $none = FreeLines::parse('', $unit);
        $pieces = ['base' => $base, ...FreePieces::parse($brief->values->text('pieces'), $unit)->pieces];
        $reading = new ReadingOrder($draft);
        $upright = $brief->values->choice('print') === 'upright';
        foreach ($pieces as $piece) {
            $own = $piece === $base ? $lines : $none;
            $this->addPart($draft, $brief, $piece, $own, $upright);
            $faces = $this->addFaces($draft, $reading, $piece, $own);
            if ($piece === $base) {
                $draft->add(new Pose(Pose::OPENED, 'Flat, front', $faces[0]));
                $draft->add(new Pose(Pose::CLOSED, 'Flat, back', $faces[1]));
            }
        }
        foreach ($pieces as $piece) {
            $this->glue($draft, $piece, $pieces);
        }
        $keys = array_map(static fn (FreePiece $piece): string => $piece->key(), array_values($pieces));
        $draft->task(new Task(
            'close',
            Phase::Finish,
            'Close it once, in order',
            'Narrow panels first, broad ones over them; mark which lies on top. Nothing may bind or stand proud.',
            'Base',
            parts: ['base'],
            after: array_map(static fn (string $key): string => "glue-{$key}", $keys),
            acts: [Handling::dryFit(...$keys)],
        ));
        $card = $brief->stock(StockRole::StructureCard)->caliper;
        $draft->add(new Bare($card->times(array_sum(array_map(static fn (FreePiece $piece): int => $piece->count, $pieces)))));
        $draft->add(new Reason('columns', "blank {$base->grid()->inWords($brief->notation)}"));

        return $draft;
    }

    private function base(Values $values, Unit $unit): FreePiece
    {
        return new FreePiece(
            'Base',
            FreePanels::parse($values->text('columns'), $unit),
            FreePanels::parse($values->text('rows'), $unit),
            FreeCells::parse($values->text('cut-away')),
        );
    }

    /** @throws UnreadableLayout */
    private function lines(Values $values, FreePiece $base, Notation $notation): FreeLines
    {
        return FreeLines::parse($values->text('lines'), $notation->unit)->within($base->size(), $notation);
    }

    private function addPart(Draft $draft, Brief $brief, FreePiece $piece, FreeLines $lines, bool $upright): void
    {
        $grid = $piece->grid();
        $cutAways = [];
        foreach ($piece->cutAway->ranges as [$column, $toColumn, $row, $toRow]) {
            $first = $piece->cell($column, $row);
            $last = $piece->cell($toColumn, $toRow);
            $cutAways[] = Polygon::of(
                Rectangle::between($first->left()->ticks, $first->top()->ticks, $last->right()->ticks, $last->bottom()->ticks),
            );
        }
        $glue = [];
        foreach ($piece->cells($lines) as [$column, $row]) {
            if ($piece->columns->tabs[$column - 1] || $piece->rows->tabs[$row - 1]) {
                $glue[] = new GlueZone($piece->cell($column, $row), Side::B, Adhesive::Tape);
            }
        }
        $draft->part(new Part(
            key: $piece->key(),
            name: $piece->name,
            section: $piece->key() === 'base' ? 'Base' : 'Pieces',
            size: $piece->size(),
            role: StockRole::StructureCard,
            quantity: $piece->count,
            creases: [...$piece->creases(), ...$lines->creases()],
            slits: $lines->slits(),
            glueZones: $glue,
            panels: $piece->panels(),
            upright: $upright,
            cutAways: [...$cutAways, ...$lines->cutAways()],
            why: "As you laid it out: {$grid->inWords($brief->notation)}.",
        ));
    }

    /** @return array{list<Seen>, list<Seen>} as it lies flat, front and back */
    private function addFaces(Draft $draft, ReadingOrder $reading, FreePiece $piece, FreeLines $lines): array
    {
        $front = [];
        $back = [];
        $width = $piece->size()->width;
        foreach ($piece->cells($lines) as [$column, $row]) {
            $area = $piece->cell($column, $row);
            $key = "{$piece->key()}-{$column}-{$row}";
            $one = $reading->named(
                $key,
                "{$piece->name} {$column}-{$row}",
                $area->size(),
                new PanelRef($piece->key(), $piece->panelKey($column, $row), Side::A),
            );
            $other = $reading->named(
                "{$key}-back",
                "{$piece->name} {$column}-{$row}, back",
                $area->size(),
                new PanelRef($piece->key(), $piece->panelKey($column, $row), Side::B),
            );
            $front[] = Seen::face($one)->at($area->left(), $area->top());
            $back[] = Seen::face($other)->at($width->minus($area->right()), $area->top());
        }

        return [$front, $back];
    }

    /** @param array<string, FreePiece> $pieces */
    private function glue(Draft $draft, FreePiece $piece, array $pieces): void
    {
        if ($piece->onto === null) {
            return;
        }
        [$name, $column, $row, $side] = $piece->onto;
        $onto = $pieces[mb_strtolower($name)];
        $where = new PanelRef($onto->key(), $onto->panelKey($column, $row), $side);
        $area = $onto->cell($column, $row)->size();
        $task = "glue-{$piece->key()}";
        $draft->add(
            new Joint(
                new PanelRef($piece->key(), 'whole', Side::B),
                $where,
                Rectangle::centred($piece->size(), $area),
                Adhesive::WetGlue,
                Layer::Structure,
                $task,
            ),
        );
        $draft->task(
            new Task(
                $task,
                Phase::Assemble,
                'Glue on '.lcfirst($piece->name),
                sprintf(
                    'Onto the %s of %s, area %d-%d; glue only what lies on it, up to the scores.',
                    $side === Side::A ? 'front' : 'back',
                    lcfirst($onto->name),
                    $column,
                    $row,
                ),
                'Pieces',
                Adhesive::WetGlue,
                [$piece->key(), $onto->key()],
                $onto->onto === null ? [] : ["glue-{$onto->key()}"],
            ),
        );
    }
}
