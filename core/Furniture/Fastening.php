<?php

declare(strict_types=1);

namespace Ephemeron\Furniture;

use Ephemeron\Blueprint\Act\Depth;
use Ephemeron\Blueprint\Act\Fasten;
use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Caution;
use Ephemeron\Blueprint\Closing;
use Ephemeron\Blueprint\Loose;
use Ephemeron\Blueprint\Lump;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Sundry;
use Ephemeron\Blueprint\Task;
use Ephemeron\Blueprint\Tie;
use Ephemeron\Design\Parameter;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\ToolGrid;

/**
 * What holds a book or a flap shut and is bought, not cut: a ribbon under the mats, lace through eyelets, a hook-and-loop dot, a clip, a
 * cord, a loop of elastic. Each has a length or a count, a thickness and its moment in the work. Source: common practice, no published
 * source.
 */
final readonly class Fastening implements Furniture
{
    private function __construct(
        private string $key,
        private string $name,
        private string $summary,
        private string $text,
        private Phase $phase,
        private int $thickness,
        private int $pieces,
        private ?Parameter $length = null,
        private Caution|null $caution = null,
    ) {
    }

    /** @return list<self> */
    public static function all(): array
    {
        $length = static fn (string $meaning): Parameter => Parameter::length(
            'length',
            'Length',
            $meaning,
            Length::inches(4),
            Length::inches(80),
        );

        return [
            new self(
                'ribbon-tie',
                'Ribbon tie',
                'A ribbon under the mats, tied in a bow.',
                'Its ends are equal beyond the edges.',
                Phase::Closure,
                300,
                1,
                $length('Empty: once round the filled book, and a bow.'),
            ),
            new self(
                'eyelet-lace',
                'Lace through eyelets',
                'Two eyelets and a lace or ribbon through them.',
                'Punch the two holes, at least 1 in (25 mm) from the ends, and set the eyelets from the front, something soft under the '
                    .'work. The lace goes through when the book is done.',
                Phase::Closure,
                1000,
                1,
                $length('Of the lace; empty: once round the filled book, and a bow.'),
                Caution::Needle,
            ),
            new self(
                'hook-and-loop-dot',
                'Hook-and-loop dot',
                'A pair of dots under the free edge.',
                'Stick both dots together, peel the lower one, close the flap squared up and press: both sit where they belong. Over the '
                    .'mats.',
                Phase::Finish,
                1500,
                1,
            ),
            new self(
                'paper-clip',
                'Paper clip',
                'A clip glued under a strip, over the edge.',
                'Glue the clip under a scrap of card at the edge, its open end outwards, before the mat: the mat covers what holds it.',
                Phase::Closure,
                1000,
                1,
            ),
            new self(
                'cord',
                'Cord',
                'A cord wrapped round, or round a button.',
                'By one end; it goes round the filled book or the waterfall twice.',
                Phase::Closure,
                1000,
                1,
                $length('Of the cord; empty: twice round what it holds, and a knot.'),
            ),
            new self(
                'loop-band',
                'Elastic loop',
                'A loop round the filled album.',
                'Measure it round the filled album, a little shorter than all round, knot it and fasten the knot under the back mat or '
                    .'leave it loose.',
                Phase::Finish,
                1000,
                1,
                $length('Of the elastic; empty: a little less than once round the filled book.'),
            ),
        ];
    }

    public function key(): string
    {
        return $this->key;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function summary(): string
    {
        return $this->summary;
    }

    public function kin(): Kin
    {
        return Kin::Closures;
    }

    public function parameters(): array
    {
        return [...($this->length === null ? [] : [$this->length]), ...Position::parameters()];
    }

    public function place(Spot $spot): Placement
    {
        $length = $this->length === null ? null : $spot->length('length', $this->usual($spot));
        $spot->draft->add(new Loose($this->name, $length, $this->pieces, 'Closure', $length === null ? Sundry::Fastener : Sundry::Ribbon));
        if ($length !== null) {
            $spot->draft->add(
                new Tie(lcfirst($this->name), $length, $this->around($spot), $this->most(), $spot->face->key, $spot->placeOf('length')),
            );
        }
        $spot->draft->add(new Lump(lcfirst($this->name), $spot->face->key, Length::micrometres($this->thickness)));
        $spot->draft->add(new Closing(lcfirst($this->name)));
        $spot->draft->task(new Task(
            $this->key,
            $this->phase,
            $length === null ? "Fasten the {$this->lower()}" : "Fasten the {$this->lower()}, {$spot->notation->text($length)}",
            $this->text,
            'Closure',
            places: [$spot->face->name],
            face: $spot->face->key,
            caution: $this->caution,
            acts: $this->acts($spot),
        ));

        return new Placement($spot->area(Size::inches(0.5, 0.5)));
    }

    /**
     * What finishes the book lies over the mats, the rest under them; what sits on a flap waits for the flap. Eyelets go through the mat
     * of their own face, and the lace is taped behind them, under the mat of the other side.
     *
     * @return list<Fasten>
     */
    private function acts(Spot $spot): array
    {
        $area = $spot->area(Size::inches(0.5, 0.5));
        $reverse = $spot->draft->reverseOf($spot->face);
        if ($this->key === 'eyelet-lace') {
            return [
                new Fasten('the eyelets', $spot->face->key, $area, Depth::Upon),
                ...($reverse === null ? [] : [new Fasten('the lace', $reverse->key, null, Depth::UnderMat, Adhesive::Tape)]),
            ];
        }

        return [new Fasten(
            "the {$this->lower()}",
            $spot->face->key,
            $this->key === 'ribbon-tie' ? null : $area,
            $this->phase === Phase::Finish ? Depth::Upon : Depth::UnderMat,
            $this->key === 'ribbon-tie' ? Adhesive::Tape : Adhesive::None,
            on: $spot->face->turns ? [$spot->face->paper->part] : [],
        )];
    }

    /** What follows for the length: round the book and a bow (14 in, 36 cm), twice round and a knot, elastic a tenth less than round. */
    private function usual(Spot $spot): Length
    {
        $thick = $spot->allowances->either(Length::inches(1), Length::millimetres(25));
        $round = $this->around($spot)->plus($thick)->times(2);
        $up = static fn (Length $length): Length => ToolGrid::usualGroovesFor($spot->notation->unit)->up($length);

        return match ($this->key) {
            'cord' => $up($round->times(2)->plus($spot->allowances->either(Length::inches(4), Length::millimetres(100)))),
            'loop-band' => $up($round->portion(9, 10)),
            default => $up($round->plus($spot->allowances->either(Length::inches(14), Length::millimetres(360)))),
        };
    }

    /** Breadth of what it goes round. */
    private function around(Spot $spot): Length
    {
        return $spot->size()->width;
    }

    /** How far it gives, in hundredths of its length: elastic stretches to half as much again. */
    private function most(): int
    {
        return $this->key === 'loop-band' ? 150 : 100;
    }

    private function lower(): string
    {
        return lcfirst($this->name);
    }
}
