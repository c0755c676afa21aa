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
use Ephemeron\Design\Parameter;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;

/**
 * What holds a book or a flap shut and is bought, not cut: a ribbon under the mats, lace through eyelets, a hook-and-loop dot, a clip, a cord, a loop of elastic.
 * Each has a length or a count, a thickness and its moment in the work. Source: common practice, no published source.
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
        $length = static fn (int $inches, int $millimetres, string $meaning): Parameter => Parameter::length('length', 'Length', $meaning, Length::inches(4), Length::inches(80), Length::inches($inches), Length::millimetres($millimetres));

        return [
            new self('ribbon-tie', 'Ribbon tie', 'A ribbon under the mats, tied in a bow.', 'Its ends are equal beyond the edges.', Phase::Closure, 300, 1, $length(30, 760, 'For both sides and the bow together; 25 to 30 in (64 to 76 cm).')),
            new self('eyelet-lace', 'Lace through eyelets', 'Two eyelets and a lace or ribbon through them.', 'Punch the two holes, at least 1 in (25 mm) from the ends, set the eyelets from the front on a mat, and thread the lace when the book is done.', Phase::Closure, 1000, 1, $length(25, 640, 'Of the lace.'), Caution::Needle),
            new self('hook-and-loop-dot', 'Hook-and-loop dot', 'A pair of dots under the free edge.', 'Stick both dots together, peel the lower one, close the flap squared up and press: both sit where they belong. Over the mats.', Phase::Finish, 1500, 1),
            new self('paper-clip', 'Paper clip', 'A clip glued under a strip, over the edge.', 'Glue the clip under a scrap of card at the edge, its open end outwards, before the mat: the mat covers what holds it.', Phase::Closure, 1000, 1),
            new self('cord', 'Cord', 'A cord wrapped round, or round a button.', 'By one end; it goes round the filled book or the waterfall twice.', Phase::Closure, 1000, 1, $length(24, 600, 'Of the cord.')),
            new self('loop-band', 'Elastic loop', 'A loop round the filled album.', 'Measure it round the filled album, a little shorter than all round, knot it and fasten the knot under the back mat or leave it loose.', Phase::Finish, 1000, 1, $length(16, 400, 'Of the elastic.')),
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
        $length = $this->length === null ? null : $spot->values->length('length');
        $spot->draft->add(new Loose($this->name, $length, $this->pieces, 'Closure', $length === null ? Sundry::Fastener : Sundry::Ribbon));
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
            acts: [$this->act($spot)],
        ));

        return new Placement($spot->area(Size::inches(0.5, 0.5)));
    }

    /** What finishes the book lies over the mats, the rest under them; what sits on a flap waits for the flap. */
    private function act(Spot $spot): Fasten
    {
        return new Fasten(
            "the {$this->lower()}",
            $spot->face->key,
            $this->key === 'ribbon-tie' ? null : $spot->area(Size::inches(0.5, 0.5)),
            $this->phase === Phase::Finish ? Depth::Upon : Depth::UnderMat,
            $this->key === 'ribbon-tie' ? Adhesive::Tape : Adhesive::None,
            on: $spot->face->turns ? [$spot->face->paper->part] : [],
        );
    }

    private function lower(): string
    {
        return lcfirst($this->name);
    }
}
