<?php

declare(strict_types=1);

namespace Ephemeron\Furniture;

use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Draft;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Filling;
use Ephemeron\Blueprint\GlueZone;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\Notch;
use Ephemeron\Blueprint\PanelRef;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Pouch;
use Ephemeron\Blueprint\Task;
use Ephemeron\Design\Parameter;
use Ephemeron\Design\PocketOrder;
use Ephemeron\Design\Values;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\ToolGrid;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\PhotoSize;
use Ephemeron\Paper\Side;
use Ephemeron\Paper\StockRole;

/**
 * A flat pocket glued on three edges: open at the top, open at one side, or a short one on a tall one.
 * Source: common practice, no published source.
 *
 * Where the maker gives no size it is ⅛ in (3 mm) narrower than the face and, as a share of the face that reproduces
 * the handed-down 3⅞ and 2 on a face 8½ tall, 5⁄11 of its height; the short one is half as deep. Both go up to the next
 * mark of the scoring board.
 */
final readonly class Pocket implements CoversFoot, Furniture
{
    public function key(): string
    {
        return 'pocket';
    }

    public function name(): string
    {
        return 'Pocket';
    }

    public function summary(): string
    {
        return 'A front glued on three edges; things slip in at the fourth.';
    }

    public function kin(): Kin
    {
        return Kin::Pockets;
    }

    public function parameters(): array
    {
        $least = Length::inches(0, 1, 2);
        $most = Length::inches(24);
        $cards = ['none' => 'none'];
        foreach (PhotoSize::cases() as $photo) {
            $cards[$photo->value] = "for a {$photo->label()} print";
        }

        return [
            Parameter::choice('style', 'Kind', 'Which edge stays open.', ['top-load' => 'top-load', 'side-load' => 'side-load', 'double' => 'double: a short one on a tall one'], 'top-load'),
            Parameter::length('width', 'Width', 'Of the pocket’s front; empty: nearly the width of the face.', $least, $most),
            Parameter::length('depth', 'Depth', 'From its foot to its top edge; empty: a little under half the face.', $least, $most),
            Parameter::length('short-depth', 'Short depth', 'Of the front one of a double pocket; empty: half of the tall one.', $least, $most),
            Parameter::length('up', 'From the foot', 'How far above the foot of the face it sits; empty: a hairline.', Length::zero(), $most),
            Parameter::length('across', 'From the left', 'How far from the left edge of the face; empty: in the middle.', Length::zero(), $most),
            Parameter::choice('opens', 'Side that opens', 'For side-load pockets; away from the hinge, so that cards cannot slide out into the fold.', ['outward' => 'away from the hinge', 'left' => 'left', 'right' => 'right'], 'outward'),
            Parameter::choice('notched', 'Thumb notch', 'A 1 in (25 mm) half circle at the middle of the opening.', ['yes' => 'yes', 'no' => 'no'], 'yes'),
            Parameter::choice('paper', 'Made of', 'Patterned paper stays as it is; card is matted like the faces.', ['patterned' => 'patterned paper', 'card' => 'structure card, matted'], 'patterned'),
            Parameter::choice('order', 'Mat or pocket first', 'The mat first is easier; the pocket first saves the paper under it, and the mat tucks in behind.', ['usual' => 'as everywhere in this book', 'mat-first' => 'mat first', 'pocket-first' => 'pocket first'], 'usual'),
            Parameter::choice('card', 'Loose card', 'A photo mat to keep in it, with a writing card on its back.', $cards, 'none'),
        ];
    }

    public function place(Spot $spot): Placement
    {
        [$draft, $face, $key, $values, $notation] = [$spot->draft, $spot->face, $spot->key, $spot->values, $spot->notation];
        $front = $values->choice('style') === 'double'
            ? $this->placeDouble($draft, $face, $key, $values, $notation)
            : $this->placeSingle($draft, $face, $key, $values, $notation);
        $this->addCard($draft, $face, $key, $values, $notation);

        return Placement::withFront($this->area($face, $values, $notation), $front);
    }

    public function covers(Spot $spot): ?Length
    {
        $order = PocketOrder::tryFrom($spot->values->choice('order')) ?? $spot->pockets;
        if ($order === PocketOrder::MatFirst) {
            return null;
        }

        return $spot->size()->height->minus($this->area($spot->face, $spot->values, $spot->notation)->top());
    }

    private function placeSingle(Draft $draft, Face $face, string $key, Values $values, Notation $notation): Face
    {
        $area = $this->area($face, $values, $notation);
        $opening = $values->choice('style') === 'side-load' ? $this->sideOpening($face, $values) : Edge::Top;
        $task = $opening === Edge::Top ? 'pockets-top' : 'pockets-side';
        $front = $this->addPocket($draft, $face, $key, $opening === Edge::Top ? 'Top-load pocket' : 'Side-load pocket', $area, $opening, $values, $notation, $task);
        $this->addTask($draft, $task, $face, $front->paper->part, $opening);

        return $front;
    }

    private function placeDouble(Draft $draft, Face $face, string $key, Values $values, Notation $notation): Face
    {
        $area = $this->area($face, $values, $notation);
        $tall = $this->addPocket($draft, $face, $key, 'Tall pocket', $area, Edge::Top, $values, $notation, 'pockets-top');
        $depth = $values->lengthOr('short-depth', $this->grid($notation)->up($area->size->height->half()));
        $shortSize = new Size($area->size->width, $depth);
        $onTall = Rectangle::at(Length::zero(), $area->size->height->minus($depth), $shortSize);
        $short = $this->addPocket($draft, $tall, "{$key}/short", 'Short pocket', $onTall, Edge::Top, $values, $notation, 'short-on-tall', $area->bottom());

        $draft->task(new Task(
            'short-on-tall',
            Phase::Pocket,
            'Glue the short pockets onto the tall ones',
            'First the short one, while the tall one still lies flat on the table: glue along its sides and foot, feet and sides level. The top stays open.',
            'Pockets',
            Adhesive::WetGlue,
            [$tall->paper->part, $short->paper->part],
            places: [$face->name],
            face: $face->key,
        ));
        $this->addTask($draft, 'pockets-top', $face, $tall->paper->part, Edge::Top, ['short-on-tall']);

        return $short;
    }

    private function addPocket(
        Draft $draft,
        Face $face,
        string $key,
        string $name,
        Rectangle $area,
        Edge $opening,
        Values $values,
        Notation $notation,
        string $task,
        ?Length $reach = null,
    ): Face {
        $whole = Rectangle::whole($area->size);
        $glued = $opening->others();
        $notch = $notation->unit === Unit::Inch ? Length::inches(1) : Length::millimetres(25);
        $part = $draft->part(new Part(
            key: $key,
            name: $name,
            section: 'Pockets',
            size: $area->size,
            role: $values->choice('paper') === 'card' ? StockRole::StructureCard : StockRole::PocketPaper,
            notches: $values->choice('notched') === 'yes' ? [new Notch($whole->middleOf($opening), $opening, $notch)] : [],
            glueZones: array_map(static fn (Edge $edge): GlueZone => new GlueZone($whole->strip($edge, Pouch::glueLoss()), Side::B, Adhesive::WetGlue), $glued),
            places: [$face->name],
            why: isset($values->values['depth']) ? 'As you chose.' : sprintf('Nearly the width of the face, %s; a little under half of its height.', $notation->size($face->size)),
        ));
        $draft->add(new Joint(new PanelRef($part, 'whole', Side::B), $face->paper, $area, Adhesive::WetGlue, Layer::Pocket, $task, $face->key));
        $draft->add(new Pouch(
            key: $key,
            name: "{$name} on ".lcfirst($face->name),
            face: $face->key,
            size: $area->size,
            glued: $glued,
            opening: $opening,
            reach: match ($opening) {
                Edge::Top => $reach ?? $area->bottom(),
                Edge::Left => $area->right(),
                default => $face->size->width->minus($area->left()),
            },
        ));
        $front = $face->front("{$key}/front", "{$face->name}, ".lcfirst($name), $area->size, new PanelRef($part, 'whole', Side::A), $values->choice('paper') === 'card');
        $draft->face($front);

        return $front;
    }

    /** @param list<string> $after */
    private function addTask(Draft $draft, string $task, Face $face, string $part, Edge $opening, array $after = []): void
    {
        $draft->task(new Task(
            $task,
            Phase::Pocket,
            $opening === Edge::Top ? 'Glue the top-load pockets onto the pages' : 'Glue the side-load pockets onto the pages',
            $opening === Edge::Top
                ? 'Thin beads along both sides and the foot; the notched top stays open. Press, wipe the ooze, slide a card in and out once before it sets.'
                : 'Thin beads along the top, the foot and one side; the notched side stays open. Press, wipe the ooze, slide a card in and out once before it sets.',
            'Pockets',
            Adhesive::WetGlue,
            [$part],
            $after,
            [$face->name],
            $face->key,
        ));
    }

    private function addCard(Draft $draft, Face $face, string $key, Values $values, Notation $notation): void
    {
        $photo = PhotoSize::tryFrom($values->choice('card'));
        if ($photo === null) {
            return;
        }
        $place = $face->name;
        $mat = $draft->part(new Part("{$key}/card", "Photo mat for {$photo->label()}", 'Loose cards', $photo->mat(), StockRole::InsertCard, upright: false, places: [$place], why: 'The print and ¼ in (½ cm) each way.'));
        $writing = $draft->part(new Part("{$key}/writing", 'Writing card', 'Loose cards', $photo->size(), StockRole::InsertCard, upright: false, places: [$place], why: 'As large as the print: it goes onto the back of its mat.'));
        $draft->add(new Filling($mat, $key));
        $draft->task(new Task(
            "cards-{$photo->value}",
            Phase::Fill,
            'Make the loose cards and slip them in',
            sprintf('A writing card (%s) goes onto the back of each photo mat (%s); the print comes onto its front later.', $notation->size($photo->size()), $notation->size($photo->mat())),
            'Loose cards',
            Adhesive::WetGlue,
            [$mat, $writing],
            places: [$place],
            face: $face->key,
        ));
    }

    private function area(Face $face, Values $values, Notation $notation): Rectangle
    {
        $hairline = $notation->unit === Unit::Inch ? Length::inches(0, 1, 16) : Length::micrometres(1500);
        $grid = $this->grid($notation);
        $size = new Size(
            $values->lengthOr('width', $face->size->width->minus($hairline->times(2))),
            $values->lengthOr('depth', Length::shortest($grid->up($face->size->height->portion(5, 11)), $face->size->height)),
        );
        $left = $values->lengthOr('across', $face->size->width->minus($size->width)->half());
        $up = $values->lengthOr('up', $hairline);

        return Rectangle::at($left, $face->size->height->minus($up, $size->height), $size);
    }

    private function sideOpening(Face $face, Values $values): Edge
    {
        return match ($values->choice('opens')) {
            'left' => Edge::Left,
            'right' => Edge::Right,
            default => $face->hinge?->isUpright() === true ? $face->hinge->opposite() : Edge::Right,
        };
    }


    private function grid(Notation $notation): ToolGrid
    {
        return ToolGrid::usualGroovesFor($notation->unit);
    }
}
