<?php

declare(strict_types=1);

namespace Ephemeron\Furniture;

use Ephemeron\Blueprint\Act\Depth;
use Ephemeron\Blueprint\Act\Slip;
use Ephemeron\Blueprint\Adhesive;
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
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
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
 *
 * Of two scraps that together cover a face the lower one is the pocket: as large as the upper one, over which it laps ¾ in (4¼ × 7¾ twice
 * on 8 × 8, common practice, no published source).
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
            Parameter::choice(
                'style',
                'Kind',
                'Which edge stays open.',
                [
                    'top-load' => 'top-load',
                    'side-load' => 'side-load',
                    'double' => 'double: a short one on a tall one',
                    'scraps' => 'two scraps: the lower one is the pocket',
                ],
                'top-load',
            ),
            Parameter::length('width', 'Width', 'Of the pocket’s front; empty: nearly the width of the face.', $least, $most),
            Parameter::length('depth', 'Depth', 'From its foot to its top edge; empty: a little under half the face.', $least, $most),
            Parameter::length(
                'short-depth',
                'Short depth',
                'Of the front one of a double pocket; empty: half of the tall one.',
                $least,
                $most,
            ),
            Parameter::length(
                'lap',
                'Lap over the upper scrap',
                'Of two scraps: how far the pocket goes over the mat above it; empty: ¾ in (2 cm).',
                Length::inches(0, 1, 8),
                $most,
            ),
            Parameter::length(
                'up',
                'From the foot',
                'How far above the foot of the face it sits; empty: a hairline.',
                Length::zero(),
                $most,
            ),
            Parameter::length(
                'across',
                'From the left',
                'How far from the left edge of the face; empty: in the middle.',
                Length::zero(),
                $most,
            ),
            Parameter::choice(
                'opens',
                'Side that opens',
                'For side-load pockets; away from the hinge, so that cards cannot slide out into the fold.',
                ['outward' => 'away from the hinge', 'left' => 'left', 'right' => 'right'],
                'outward',
            ),
            Parameter::choice(
                'notched',
                'Thumb notch',
                'A 1 in (25 mm) half circle at the middle of the opening.',
                ['yes' => 'yes', 'no' => 'no'],
                'yes',
            ),
            Parameter::choice(
                'paper',
                'Made of',
                'Patterned paper stays as it is; card is matted like the faces.',
                ['patterned' => 'patterned paper', 'card' => 'structure card, matted'],
                'patterned',
            ),
            Parameter::choice(
                'order',
                'Mat or pocket first',
                'The mat first is easier; the pocket first saves the paper under it, and the mat tucks in behind.',
                ['usual' => 'as everywhere in this book', 'mat-first' => 'mat first', 'pocket-first' => 'pocket first'],
                'usual',
            ),
            Parameter::choice('card', 'Loose card', 'A photo mat to keep in it, with a writing card on its back.', $cards, 'none'),
        ];
    }

    public function place(Spot $spot): Placement
    {
        $area = $this->area($spot);
        $front = match ($spot->values->choice('style')) {
            'double' => $this->placeDouble($spot, $area),
            'side-load' => $this->placeSingle($spot, $area, $this->sideOpening($spot)),
            default => $this->placeSingle($spot, $area, Edge::Top),
        };
        $this->addCard($spot);

        return Placement::withFront($area, $front);
    }

    public function covers(Spot $spot): ?Length
    {
        $covered = $spot->size()->height->minus($this->area($spot)->top());

        return match (true) {
            $this->isOfScraps($spot) => Length::longest(
                Length::zero(),
                $covered->plus($spot->allowances->fine())->minus($this->lap($spot)),
            ),
            $this->isFirst($spot) => $covered,
            default => null,
        };
    }

    private function lap(Spot $spot): Length
    {
        return $spot->length('lap', $spot->allowances->lap());
    }

    private function isOfScraps(Spot $spot): bool
    {
        return $spot->values->choice('style') === 'scraps';
    }

    private function isFirst(Spot $spot): bool
    {
        $order = PocketOrder::tryFrom($spot->values->choice('order')) ?? $spot->pockets;

        return ! $this->isOfScraps($spot) && $order === PocketOrder::PocketFirst;
    }

    private function placeSingle(Spot $spot, Rectangle $area, Edge $opening): Face
    {
        $task = $this->task($spot, $opening);
        $front = $this->addPocket(
            $spot,
            $spot->face,
            $spot->key,
            $opening === Edge::Top ? 'Top-load pocket' : 'Side-load pocket',
            $area,
            $opening,
            $task,
        );
        $this->addTask($spot, $task, $front->paper->part);

        return $front;
    }

    private function placeDouble(Spot $spot, Rectangle $area): Face
    {
        $task = $this->task($spot, Edge::Top);
        $tall = $this->addPocket($spot, $spot->face, $spot->key, 'Tall pocket', $area, Edge::Top, $task);
        $depth = $spot->length('short-depth', $spot->grooves()->up($area->height()->half()));
        $onTall = Rectangle::at(Length::zero(), $area->height()->minus($depth), new Size($area->width(), $depth));
        $short = $this->addPocket($spot, $tall, "{$spot->key}/short", 'Short pocket', $onTall, Edge::Top, 'short-on-tall', $area->bottom());
        $spot->draft->task(new Task(
            'short-on-tall',
            Phase::Pocket,
            'Glue the short pockets onto the tall ones',
            'While the tall one still lies flat on the table.',
            'Pockets',
            Adhesive::WetGlue,
            [$tall->paper->part, $short->paper->part],
            places: [$spot->face->name],
            face: $spot->face->key,
        ));
        $this->addTask($spot, $task, $tall->paper->part);

        return $short;
    }

    private function task(Spot $spot, Edge $opening): string
    {
        $task = $opening === Edge::Top ? 'pockets-top' : 'pockets-side';

        return $this->isFirst($spot) ? "{$task}-first" : $task;
    }

    private function addPocket(
        Spot $spot,
        Face $face,
        string $key,
        string $name,
        Rectangle $area,
        Edge $opening,
        string $task,
        ?Length $reach = null,
    ): Face {
        $whole = Rectangle::whole($area->size());
        $glued = $opening->others();
        $isCard = $spot->values->choice('paper') === 'card';
        $part = $spot->draft->part(new Part(
            key: $key,
            name: $name,
            section: 'Pockets',
            size: $area->size(),
            role: $isCard ? StockRole::StructureCard : StockRole::PocketPaper,
            notches: $spot->values->choice('notched') === 'yes' ? [
                new Notch($whole->middleOf($opening), $opening, $spot->allowances->notch()),
            ] : [],
            glueZones: array_map(
                static fn (Edge $edge): GlueZone => new GlueZone($whole->strip($edge, Pouch::glueLoss()), Side::B, Adhesive::WetGlue),
                $glued,
            ),
            places: [$spot->face->name],
            why: isset($spot->values->values['depth'])
                ? 'As you chose.'
                : sprintf('Nearly the width of the face, %s; a little under half of its height.', $spot->notation->size($face->size)),
        ));
        $spot->draft->add(new Joint(
            new PanelRef($part, 'whole', Side::B),
            $face->paper,
            $area,
            Adhesive::WetGlue,
            Layer::Pocket,
            $task,
            $face->key,
            depth: $this->isFirst($spot) ? Depth::Hinge : null,
            pouch: $key,
        ));
        $spot->draft->add(new Pouch(
            key: $key,
            name: "{$name} on ".lcfirst($face->name),
            face: $face->key,
            size: $area->size(),
            glued: $glued,
            opening: $opening,
            reach: match ($opening) {
                Edge::Top => $reach ?? $area->bottom(),
                Edge::Left => $area->right(),
                default => $face->size->width->minus($area->left()),
            },
            front: new PanelRef($part, 'whole', Side::A),
        ));
        $front = $face->front(
            "{$key}/front",
            "{$face->name}, ".lcfirst($name),
            $area->size(),
            new PanelRef($part, 'whole', Side::A),
            $isCard,
        );
        $spot->draft->face($front);

        return $front;
    }

    private function addTask(Spot $spot, string $task, string $part): void
    {
        $isFirst = $this->isFirst($spot);
        $spot->draft->task(new Task(
            $task,
            $isFirst ? Phase::Mat : Phase::Pocket,
            (str_starts_with($task, 'pockets-top') ? 'Glue the top-load pockets onto the pages' : 'Glue the side-load pockets onto the '
                .'pages')
                .($isFirst ? ', before their mats' : ''),
            'Slide a card in and out once before it sets.',
            'Pockets',
            Adhesive::WetGlue,
            [$part],
            places: [$spot->face->name],
            face: $spot->face->key,
        ));
    }

    private function addCard(Spot $spot): void
    {
        $photo = PhotoSize::tryFrom($spot->values->choice('card'));
        if ($photo === null) {
            return;
        }
        $place = $spot->face->name;
        $task = "cards-{$photo->value}";
        $card = static fn (string $key, string $name, Size $size, string $why): string => $spot->draft->part(
            new Part(
                "{$spot->key}/{$key}",
                $name,
                'Loose cards',
                $size,
                StockRole::InsertCard,
                upright: false,
                places: [$place],
                why: $why,
            ),
        );
        $mat = $card('card', "Photo mat for {$photo->label()}", $photo->mat(), 'The print and ¼ in (½ cm) each way.');
        $writing = $card('writing', 'Writing card', $photo->size(), 'As large as the print: it goes onto the back of its mat.');
        $back = new PanelRef($mat, 'whole', Side::B);
        $middle = Rectangle::centred($photo->size(), $photo->mat());
        $spot->draft->add(new Joint(new PanelRef($writing, 'whole', Side::B), $back, $middle, Adhesive::WetGlue, Layer::Insert, $task));
        $spot->draft->add(new Filling($mat, $spot->key));
        $spot->draft->task(new Task(
            $task,
            Phase::Fill,
            'Make the loose cards and slip them in',
            'The print comes onto the front of the mat later.',
            'Loose cards',
            Adhesive::WetGlue,
            [$mat, $writing],
            places: [$place],
            face: $spot->face->key,
            acts: [new Slip($mat, $spot->key)],
        ));
    }

    private function area(Spot $spot): Rectangle
    {
        $face = $spot->size();
        $isOfScraps = $this->isOfScraps($spot);
        // A scrap lies like the mat it carries on, and two of one size cover it.
        $margin = $isOfScraps ? $spot->allowances->fine() : $spot->allowances->hairline();
        $depth = $isOfScraps ? $face->height->minus($margin->times(2))->plus($this->lap($spot))->half() : $face->height->portion(5, 11);
        $size = new Size(
            $spot->length('width', $face->width->minus($margin->times(2))),
            $spot->length('depth', Length::shortest($spot->grooves()->up($depth), $face->height)),
        );
        $left = $spot->length('across', $face->width->minus($size->width)->half());
        $up = $spot->length('up', $margin);

        return Rectangle::at($left, $face->height->minus($up, $size->height), $size);
    }

    private function sideOpening(Spot $spot): Edge
    {
        return Edge::tryFrom($spot->values->choice('opens')) ?? $spot->outward();
    }
}
