<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

use Ephemeron\Blueprint\Act\Act;
use Ephemeron\Blueprint\Act\Depth;
use Ephemeron\Blueprint\Act\Glue;
use Ephemeron\Blueprint\Act\SetMagnet;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\Choice;
use Ephemeron\Paper\Choices;

/**
 * A blueprint while it is being drawn: structures and furniture add to it, equal pieces of one section
 * become one part with a count, and at the end the parts get their letters.
 */
final class Draft
{
    /** @var array<string, Part> */
    private array $parts = [];

    /** @var array<string, list<string>> keys of parts by what tells most of them apart */
    private array $alike = [];

    /** @var array<string, Face> */
    private array $faces = [];

    /** @var array<string, list<Joint>> */
    private array $onFaces = [];

    /** @var array<string, Task> as each was named first */
    private array $tasks = [];

    /** @var array<string, array<string, true>> parts in hand, by task */
    private array $hands = [];

    /** @var array<string, array<string, true>> what must be done before, by task */
    private array $waits = [];

    /** @var array<string, list<Act>> what hands do, by task */
    private array $acts = [];

    /** @var array<string, list<string>> places, by task */
    private array $spots = [];

    /** @var array<string, true> places of choices that something was cut by */
    private array $heeded = [];

    /** @var array<string, array{Size, Size}> sizes of parts as they were planned and as they are made, by key */
    private array $remade = [];

    /** @param array<string, Made> $made pieces that are to come otherwise, by the name each was laid out by */
    public function __construct(
        private readonly Choices $choices = new Choices,
        private readonly Ledger $ledger = new Ledger,
        private readonly array $made = [],
    ) {
    }

    public function add(Fact $fact): void
    {
        $fact = $fact instanceof Joint ? $this->asMade($fact) : $fact;
        $this->ledger->add($fact);
        if ($fact instanceof Joint && $fact->face !== null) {
            $this->onFaces[$fact->face][] = $fact;
        }
    }

    /** @return list<Joint> what lies on a face so far, lowest first */
    public function on(string $face): array
    {
        return $this->onFaces[$face] ?? [];
    }

    /**
     * @template T of Fact
     * @param class-string<T> $kind
     * @return list<T> told so far
     */
    public function all(string $kind): array
    {
        return $this->ledger->all($kind);
    }

    /**
     * @template T of Fact
     * @param class-string<T> $kind
     * @return T|null the fact known under this name so far
     */
    public function find(string $kind, string $mark): ?Fact
    {
        return $this->ledger->find($kind, $mark);
    }

    /**
     * @param string ...$wider places by which its print may be chosen as well, from the narrowest to the widest: the face it is seen on
     * @return string the key under which the piece is known: that of the first equal one
     */
    public function part(Part $part, string ...$wider): string
    {
        $part = $this->resized($this->dressed($part, $part->key, ...$wider, ...$this->rules($part)));
        $mark = "{$part->name}|{$part->section}|{$part->size->width->ticks}|{$part->size->height->ticks}";
        foreach ($this->alike[$mark] ?? [] as $key) {
            if ($this->parts[$key]->isSamePieceAs($part)) {
                $this->add(new Ply($part->key, $key, $part->quantity));
                $this->parts[$key] = $this->parts[$key]->and($part);

                return $key;
            }
        }
        $this->add(new Ply($part->key, $part->key, $part->quantity));
        $this->alike[$mark][] = $part->key;
        $this->parts[$part->key] = $part;

        return $part->key;
    }

    /** A plain piece that is to come otherwise than planned. */
    private function resized(Part $part): Part
    {
        $made = $this->made[$part->key] ?? null;
        if ($made === null || ! $part->isPlain()) {
            return $part;
        }
        $size = $made->on($part->size);
        $this->remade[$part->key] = [$part->size, $size];

        return $part->resized($size);
    }

    /** What came out otherwise lies in the middle of where it was to lie. */
    private function asMade(Joint $joint): Joint
    {
        [$planned, $size] = $this->remade[$joint->from->part] ?? [null, null];
        if ($planned === null || $size === null || $joint->from->panel !== 'whole') {
            return $joint;
        }
        $area = $joint->area->size();

        return match (true) {
            $area->equals($planned) => $joint->lying(Rectangle::about($joint->area, $size)),
            $area->equals($planned->turned()) => $joint->lying(Rectangle::about($joint->area, $size->turned())),
            default => $joint,
        };
    }

    /**
     * What nobody chose follows a rule: that of its role, of the opening it is seen in, of the book.
     *
     * @return list<string>
     */
    private function rules(Part $part): array
    {
        if (! $part->role->takesAPrint() || $this->choices->said === []) {
            return [];
        }
        $face = explode('/', $part->key)[0];
        $opening = array_filter(
            $this->all(Opening::class),
            static fn (Opening $each): bool => $each->left === $face || $each->right === $face,
        );

        return [
            "role/{$part->role->value}",
            ...array_values(array_map(static fn (Opening $each): string => "opening/{$each->left}", $opening)),
            'book',
        ];
    }

    /** The print that shows, where it was chosen: some things lie the other way up for another side. */
    public function choice(string ...$places): Choice
    {
        return $this->choices->for(...$places);
    }

    private function dressed(Part $part, string ...$places): Part
    {
        $part = $this->pieceByPiece($part);
        $choice = $this->choices->for(...$places);
        if (! $choice->saysSomething()) {
            return $part;
        }
        $this->heeded += array_fill_keys($places, true);
        $paper = $choice->paper === null ? null : $this->choices->papers[$choice->paper] ?? null;

        return $part->dressed(
            $paper === null ? null : $choice->paper,
            $paper->name ?? '',
            $choice->side ?? $part->shows,
            $choice->turn,
            $choice->picture,
            $choice->spot,
        );
    }

    /** Of equal pieces each may be cut from a print of its own: `leaf#2`. */
    private function pieceByPiece(Part $part): Part
    {
        $byPiece = [];
        for ($piece = 0; $piece < $part->quantity && $part->quantity > 1; $piece++) {
            $place = $part->key.'#'.($piece + 1);
            $choice = $this->choices->said[$place] ?? null;
            if ($choice !== null) {
                $byPiece[$piece] = $choice;
                $this->heeded[$place] = true;
            }
        }

        return $byPiece === [] ? $part : $part->pieceByPiece($byPiece);
    }

    /** @param list<Hole> $holes all that are in a part */
    public function pierce(string $part, array $holes): void
    {
        $this->parts[$part] = $this->partOf($part)->pierced($holes);
    }

    public function face(Face $face): void
    {
        $this->faces[$face->key] = $face;
    }

    /** The same task named twice is one task with the places and pieces of both. */
    public function task(Task $task): void
    {
        $key = $task->key;
        $this->tasks[$key] ??= $task;
        foreach ($task->parts as $part) {
            $this->hands[$key][$part] = true;
        }
        foreach ($task->after as $before) {
            $this->waits[$key][$before] = true;
        }
        foreach ($task->acts as $act) {
            $this->acts[$key][] = $act;
        }
        foreach ($task->places as $place) {
            $this->spots[$key][] = $place;
        }
    }

    /** @return array<string, Face> */
    public function faces(): array
    {
        return $this->faces;
    }

    /** @return list<string> keys of the numbered pages, in the order in which they were added */
    public function pageKeys(): array
    {
        return array_values(
            array_filter(
                array_map(strval(...), array_keys($this->faces)),
                static fn (string $key): bool => preg_match('/^page-\d+$/', $key) === 1,
            ),
        );
    }

    /** @return array<string, Part> by key, so far */
    public function parts(): array
    {
        return $this->parts;
    }

    /** @throws UnknownPiece */
    public function partOf(string $part): Part
    {
        return $this->parts[$part] ?? throw UnknownPiece::part($part);
    }

    /** @throws UnknownPiece */
    public function sizeOf(string $part): Size
    {
        return $this->partOf($part)->size;
    }

    public function has(string $part): bool
    {
        return isset($this->parts[$part]);
    }

    public function hasTask(string $key): bool
    {
        return isset($this->tasks[$key]);
    }

    public function finish(): Blueprint
    {
        $faces = $this->faces;
        uasort($faces, static fn (Face $one, Face $other): int => $one->order <=> $other->order);

        if ($this->ledger->all(Pose::class) === []) {
            array_map($this->add(...), $this->usualPoses($faces));
        }

        foreach (array_diff_key($this->choices->said, $this->heeded) as $place => $choice) {
            $this->add(new Unheeded((string) $place));
        }

        foreach ($this->ledger->all(Joint::class) as $joint) {
            $this->acts[$joint->task][] = new Glue($joint);
        }

        foreach ($this->ledger->all(Magnet::class) as $magnet) {
            foreach ($this->set($magnet) as $act) {
                $this->acts[$magnet->task][] = $act;
            }
        }

        return new Blueprint($this->lettered(), $faces, array_map($this->whole(...), $this->tasks), $this->ledger);
    }

    /**
     * The first of a pair goes onto what closes, the second where it closes to, found by closing it.
     *
     * @return list<SetMagnet>
     */
    private function set(Magnet $magnet): array
    {
        $flap = $this->flapOf($magnet);
        if ($flap === null) {
            return [
                new SetMagnet($magnet->face, null, null, true, $magnet->pairs, $magnet->depth),
                new SetMagnet($magnet->face, null, null, false, $magnet->pairs, $magnet->depth),
            ];
        }
        $part = $this->faces[$flap->inside]->paper->part;
        $first = $magnet->face === $flap->over ? $flap->inside : $magnet->face;
        $closesOn = $this->edge($flap->area, $flap->hinge->opposite());
        $isOnMat = $this->isOnMat($flap);

        return [
            new SetMagnet($first, $this->freeEdge($this->faces[$first]), $part, true, $magnet->pairs, $magnet->depth),
            // What hangs on the mat can be closed only when the mat is there: its second magnet lies over it, under a scrap.
            new SetMagnet($flap->over, $closesOn, $part, false, $magnet->pairs, $isOnMat ? Depth::Upon : $magnet->depth),
        ];
    }

    /** The flap that magnets on this face hold shut: one hinged under the mat rather than one that hangs on it. */
    private function flapOf(Magnet $magnet): ?Flap
    {
        $found = null;
        foreach ($this->ledger->all(Flap::class) as $flap) {
            $closes = $magnet->flap === null
                ? in_array($magnet->face, [$flap->front, $flap->inside, $flap->over], true)
                : $flap->key === $magnet->flap;
            if ($closes && ($found === null || $this->isOnMat($found))) {
                $found = $flap;
            }
        }

        return $found;
    }

    private function isOnMat(Flap $flap): bool
    {
        $part = $this->faces[$flap->inside]->paper->part;
        foreach ($this->on($flap->over) as $joint) {
            if ($joint->from->part === $part && $joint->depth()->value > Depth::Mat->value) {
                return true;
            }
        }

        return false;
    }

    private function freeEdge(Face $face): ?Rectangle
    {
        return $face->hinge === null ? null : $this->edge(Rectangle::whole($face->size), $face->hinge->opposite());
    }

    /** Where magnets lie: a finger's breadth along an edge. */
    private function edge(Rectangle $area, Edge $edge): Rectangle
    {
        $breadth = $edge->isUpright() ? $area->width() : $area->height();

        return $area->strip($edge, Length::shortest($breadth->half(), Length::inches(1)));
    }

    /** The face on the other side of the leaf or flap, null where there is none to be seen. */
    public function reverseOf(Face $face): ?Face
    {
        foreach ($this->ledger->all(Flap::class) as $flap) {
            if ($flap->front === $face->key || $flap->inside === $face->key) {
                return $this->faces[$flap->front === $face->key ? $flap->inside : $flap->front] ?? null;
            }
        }
        foreach ($this->faces as $other) {
            $isBeside = $this->find(Opening::class, $face->key)?->right === $other->key
                || $this->find(Opening::class, $other->key)?->right === $face->key;
            if ($face->parent === null && $other->parent === null && abs($other->order - $face->order) === 1 && ! $isBeside) {
                return $other;
            }
        }

        return null;
    }

    /** With all that was added to it since it was named first. */
    private function whole(Task $task): Task
    {
        return new Task(
            $task->key,
            $task->phase,
            $task->title,
            $task->text,
            $task->section,
            $task->adhesive,
            array_map(strval(...), array_keys($this->hands[$task->key] ?? [])),
            array_map(strval(...), array_keys($this->waits[$task->key] ?? [])),
            $this->spots[$task->key] ?? [],
            $task->face,
            $task->caution,
            $task->drawn,
            $task->binds,
            $this->acts[$task->key] ?? [],
        );
    }

    /**
     * Closed it shows its front, opened its first two pages.
     *
     * @param array<string, Face> $faces in reading order
     * @return list<Pose>
     */
    private function usualPoses(array $faces): array
    {
        $front = $faces['front-cover'] ?? null;
        $poses = $front === null ? [] : [Pose::row(Pose::CLOSED, 'Closed', Seen::face($front))];
        foreach ($this->ledger->all(Opening::class) as $opening) {
            return [...$poses, Pose::row(Pose::OPENED, 'Opened', Seen::face($faces[$opening->left]), Seen::face($faces[$opening->right]))];
        }

        return $poses;
    }

    /** @return array<string, Part> sections stay together, in the order in which they first appear */
    private function lettered(): array
    {
        $sections = [];
        foreach ($this->parts as $key => $part) {
            $sections[$part->section][$key] = $part;
        }
        $lettered = [];
        foreach (array_merge(...array_values($sections)) as $key => $part) {
            $lettered[$key] = $part->lettered(self::letter(count($lettered)));
        }

        return $lettered;
    }

    /** A … Z, AA, AB … */
    private static function letter(int $index): string
    {
        $last = chr(ord('A') + $index % 26);

        return $index < 26 ? $last : self::letter(intdiv($index, 26) - 1).$last;
    }
}
