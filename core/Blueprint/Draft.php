<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;

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

    /** @var list<Joint> */
    private array $joints = [];

    /** @var array<string, Task> as each was named first */
    private array $tasks = [];

    /** @var array<string, array<string, true>> parts in hand, by task */
    private array $hands = [];

    /** @var array<string, array<string, true>> what must be done before, by task */
    private array $waits = [];

    /** @var array<string, list<string>> places, by task */
    private array $spots = [];

    /** @var array<string, Pouch> */
    private array $pouches = [];

    /** @var list<Loose> */
    private array $loose = [];

    /** @var array<string, string> */
    private array $openings = [];

    /** @var list<Mount> */
    private array $mounts = [];

    /** @var list<Gusset> */
    private array $gussets = [];

    /** @var list<Filling> */
    private array $fillings = [];

    /** @var list<Pose> */
    private array $poses = [];

    /** @var array<string, Flap> */
    private array $flaps = [];

    /** @var array<string, list<string>> */
    private array $reasons = [];

    /** @var list<string> */
    private array $homeless = [];

    /** @var list<Magnet> */
    private array $magnets = [];

    /** @var list<Slide> */
    private array $slides = [];

    /** @var array<string, string> */
    private array $closings = [];

    /** @var array<string, Thing> */
    private array $things = [];

    /** @var list<Lump> */
    private array $lumps = [];

    /** @var list<Band> */
    private array $bands = [];

    /** @var list<Remark> */
    private array $remarks = [];

    private ?Posted $posted = null;

    private Length $bare;

    public function __construct()
    {
        $this->bare = Length::zero();
    }

    /** @return string the key under which the piece is known: that of the first equal one */
    public function part(Part $part): string
    {
        $mark = "{$part->name}|{$part->section}|{$part->size->width->ticks}|{$part->size->height->ticks}";
        foreach ($this->alike[$mark] ?? [] as $key) {
            if ($this->parts[$key]->isSamePieceAs($part)) {
                $this->parts[$key] = $this->parts[$key]->and($part);

                return $key;
            }
        }
        $this->alike[$mark][] = $part->key;
        $this->parts[$part->key] = $part;

        return $part->key;
    }

    public function face(Face $face): void
    {
        $this->faces[$face->key] = $face;
    }

    public function joint(Joint $joint): void
    {
        $this->joints[] = $joint;
    }

    /** The same task named twice is one task with the places and pieces of both. */
    public function task(Task $task): void
    {
        $this->tasks[$task->key] ??= $task;
        $this->hands[$task->key] = ($this->hands[$task->key] ?? []) + array_fill_keys($task->parts, true);
        $this->waits[$task->key] = ($this->waits[$task->key] ?? []) + array_fill_keys($task->after, true);
        foreach ($task->places as $place) {
            $this->spots[$task->key][] = $place;
        }
    }

    public function pouch(Pouch $pouch): void
    {
        $this->pouches[$pouch->key] = $pouch;
    }

    public function loose(Loose $loose): void
    {
        $this->loose[] = $loose;
    }

    /** Two faces that lie open side by side. */
    public function opening(string $left, string $right): void
    {
        $this->openings[$left] = $right;
    }

    public function mount(Mount $mount): void
    {
        $this->mounts[] = $mount;
    }

    public function gusset(Gusset $gusset): void
    {
        $this->gussets[] = $gusset;
    }

    /** This part goes into that pouch, loose. */
    public function filling(string $part, string $pouch): void
    {
        $this->fillings[] = new Filling($part, $pouch);
    }

    /** How thick the closed book is before anything is put on its faces. */
    public function bare(Length $thickness): void
    {
        $this->bare = $thickness;
    }

    /** The book lying before the reader in one state: closed, opened, opened further. */
    public function pose(Pose $pose): void
    {
        $this->poses[] = $pose;
    }

    public function flap(Flap $flap): void
    {
        $this->flaps[$flap->key] = $flap;
    }

    /** How something follows from a parameter, in words and numbers: `gusset 3 = 3 × ¼ = ¾ in`. */
    public function explain(string $parameter, string $sentence): void
    {
        $this->reasons[$parameter][] = $sentence;
    }

    /** A thing whose face is not there (any more): where in the design file it stands. */
    public function homeless(string $place): void
    {
        $this->homeless[] = $place;
    }

    public function magnet(Magnet $magnet): void
    {
        $this->magnets[] = $magnet;
    }

    /** What holds the finished book shut. */
    public function closing(string $with): void
    {
        $this->closings[$with] = $with;
    }

    public function slide(Slide $slide): void
    {
        $this->slides[] = $slide;
    }

    public function remark(Remark $remark): void
    {
        $this->remarks[] = $remark;
    }

    public function posted(Posted $posted): void
    {
        $this->posted = $posted;
    }

    public function thing(Thing $thing): void
    {
        $this->things[$thing->key] = $thing;
    }

    public function lump(Lump $lump): void
    {
        $this->lumps[] = $lump;
    }

    public function band(Band $band): void
    {
        $this->bands[] = $band;
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

    /** @throws UnknownPiece */
    public function sizeOf(string $part): Size
    {
        return ($this->parts[$part] ?? throw UnknownPiece::part($part))->size;
    }

    /** The pocket known under this key, if there is one. */
    public function pouchOf(string $key): ?Pouch
    {
        return $this->pouches[$key] ?? null;
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

        $this->poses = $this->poses === [] ? $this->usualPoses($faces) : $this->poses;

        return new Blueprint(
            $this->lettered(),
            $faces,
            $this->joints,
            array_map($this->whole(...), $this->tasks),
            $this->pouches,
            $this->loose,
            $this->openings,
            $this->mounts,
            $this->gussets,
            $this->fillings,
            $this->bare,
            $this->poses,
            $this->flaps,
            $this->reasons,
            $this->homeless,
            $this->magnets,
            $this->slides,
            array_values($this->closings),
            $this->things,
            $this->lumps,
            $this->bands,
            $this->remarks,
            $this->posted,
        );
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
        foreach ($this->openings as $left => $right) {
            return [...$poses, Pose::row(Pose::OPENED, 'Opened', Seen::face($faces[$left]), Seen::face($faces[$right]))];
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
