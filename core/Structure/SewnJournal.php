<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

use Ephemeron\Blueprint\Bare;
use Ephemeron\Blueprint\Draft;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Fold;
use Ephemeron\Blueprint\Gusset;
use Ephemeron\Blueprint\Opening;
use Ephemeron\Blueprint\PanelGrid;
use Ephemeron\Blueprint\PanelRef;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Pose;
use Ephemeron\Blueprint\Reason;
use Ephemeron\Blueprint\Seen;
use Ephemeron\Design\Allowances;
use Ephemeron\Design\MatRule;
use Ephemeron\Design\Parameter;
use Ephemeron\Design\Values;
use Ephemeron\Geometry\Edge;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\ToolGrid;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\SheetFormat;
use Ephemeron\Paper\Side;
use Ephemeron\Paper\Stock;
use Ephemeron\Paper\StockRole;

/**
 * Signatures sewn into a soft cover of one piece. Source: common practice, no published source.
 *
 * The cover is the folded sheet and ¼ in (6 mm) each way, twice, with the spine between: w + s + w by h. The spine is as thick as the sewn
 * block and the room that is chosen; one thin signature is sewn into the fold of the cover and has none. As delivered it is a plain
 * notebook of text paper: sheets folded once, three to five of them a signature, 4 faces each.
 */
final readonly class SewnJournal implements Structure
{
    public function about(): About
    {
        return new About(
            'sewn-journal',
            'Sewn journal',
            'Folded sheets sewn into a soft cover of card: a plain notebook, or a junk journal from a heap of odd papers.',
            Skill::Some,
            new Sizing(['page-width'], ['page-height'], 'signatures'),
        );
    }

    public function parameters(): array
    {
        return [
            ...BoundLeaves::parameters(5, 3, Length::micrometres(150)),
            Parameter::choice(
                'cover',
                'Cover',
                'One piece of card.',
                ['spine' => 'with a scored spine', 'fold' => 'folded once, for one signature'],
                'spine',
            ),
            Parameter::length(
                'tabs',
                'Room for tabs',
                'How much wider the cover is for what stands out of the leaves.',
                Length::zero(),
                Length::inches(1),
                Length::zero(),
                Length::zero(),
            ),
            ...SewnIn::parameters(),
        ];
    }

    public function defaultMats(): MatRule
    {
        return MatRule::none();
    }

    public function refusals(Values $values, Notation $notation): array
    {
        return [
            ...($values->choice('cover') === 'fold' && $values->count('signatures') > 1
                ? ['cover' => sprintf('One fold holds one signature; there are %d.', $values->count('signatures'))] : []),
            ...SewnIn::refusals($values, $values->length('page-height'), $notation),
        ];
    }

    public function defaultFurniture(Values $values, Unit $unit): array
    {
        return [];
    }

    public function materials(Unit $unit): array
    {
        // 31.7 cm wide: A5 leaves want a cover out of A3.
        return $unit === Unit::Inch ? UsualPapers::of($unit)->byRole()
            : UsualPapers::of($unit)->with(StockRole::StructureCard, Stock::card('Kraft dusk', SheetFormat::A3, 220))->byRole();
    }

    public function layOut(Brief $brief): Draft
    {
        $draft = $brief->draft();
        $values = $brief->values;
        $notation = $brief->notation;
        $allow = new Allowances($notation->unit);
        $leaf = new Size($values->length('page-width'), $values->length('page-height'));
        $beyond = $allow->quarter()->plus($values->length('tabs'));
        $leaves = BoundLeaves::of($brief, $leaf, $beyond);
        $block = $leaves->block->filled($values->length('leaf'));
        $half = new Size($leaf->width->plus($beyond), $leaf->height->plus($allow->quarter()));
        $hasSpine = $values->choice('cover') === 'spine';
        $spine = ! $hasSpine ? Length::zero() : Length::longest(
            ToolGrid::usualGroovesFor($notation->unit)->up($block->plus($values->length('room'))),
            $allow->quarter(),
        );
        $columns = ['back' => $half->width, ...($hasSpine ? ['spine' => $spine] : []), 'front' => $half->width];
        $grid = PanelGrid::columns($columns, $half->height);
        $draft->part(new Part(
            'cover',
            'Soft cover',
            'Cover',
            $grid->size(),
            StockRole::StructureCard,
            creases: $grid->creases(Fold::Mountain),
            panels: $grid->panels(),
            places: ['cover'],
            why: sprintf(
                'The folded sheet and %s each way%s, twice%s: %s.',
                $notation->text($allow->quarter()),
                $values->length('tabs')->isPositive() ? " and {$notation->text($values->length('tabs'))} for tabs" : '',
                $hasSpine ? ', and the spine' : '',
                $grid->inWords($notation),
            ),
        ));
        $draft->add(new Reason('page-width', "cover {$grid->inWords($notation)}"));
        $draft->add(new Reason('signatures', sprintf(
            '%d × %d sheets, %d leaves, %d faces; sewn %s%s',
            $values->count('signatures'),
            $values->count('sheets'),
            count($leaves->block->leaves()),
            $leaves->block->faces(),
            $notation->exact($block),
            $hasSpine ? ", spine {$notation->text($spine)}" : '',
        )));
        $reading = new ReadingOrder($draft);
        $front = $reading->frontCover($half, new PanelRef('cover', 'front', Side::A));
        $left = $reading->page($half, new PanelRef('cover', 'front', Side::B), Edge::Right, 'inside the front cover');
        $last = $leaves->addTo($draft, $reading, $left);
        $right = $reading->page($half, new PanelRef('cover', 'back', Side::B), Edge::Left, 'inside the back cover');
        $back = $reading->backCover($half, new PanelRef('cover', 'back', Side::A));
        $draft->add(new Opening($last->key, $right->key));
        $this->pose($draft, $front, $left, $right, $back, $hasSpine ? new Size($spine, $half->height) : null);
        (new SewnIn($brief, $leaves))->addTo(
            $draft,
            'cover',
            new Size(Length::longest($spine, $allow->quarter()), $half->height),
            $hasSpine ? $half->width : $half->width->minus($allow->quarter()->half()),
            $leaf->height,
            ['nest-signatures'],
        );
        $draft->add(new Bare($block->plus($brief->stock(StockRole::StructureCard)->caliper->times(2))));
        if ($hasSpine) {
            $panels = [new PanelRef('cover', 'spine', Side::A)];
            $draft->add(new Gusset('the spine', $spine, $block, $draft->pageKeys(), 'room', 1, $block, $panels));
        }

        return $draft;
    }

    private function pose(Draft $draft, Face $front, Face $left, Face $right, Face $back, ?Size $spine): void
    {
        $seen = static fn (Side $side): array => $spine === null ? [] : [Seen::bare(new PanelRef('cover', 'spine', $side), $spine)];
        $draft->add(Pose::row(Pose::CLOSED, 'Closed', Seen::face($front)));
        $draft->add(Pose::row(Pose::OPENED, 'Opened, without its leaves', Seen::face($left), ...$seen(Side::B), ...[Seen::face($right)]));
        $draft->add(Pose::row('outside', 'Outside', Seen::face($back), ...$seen(Side::A), ...[Seen::face($front)]));
    }
}
