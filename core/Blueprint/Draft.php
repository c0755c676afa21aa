<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

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

    /** @var array<string, Task> as each was named first */
    private array $tasks = [];

    /** @var array<string, array<string, true>> parts in hand, by task */
    private array $hands = [];

    /** @var array<string, array<string, true>> what must be done before, by task */
    private array $waits = [];

    /** @var array<string, list<string>> places, by task */
    private array $spots = [];

    public function __construct(private readonly Ledger $ledger = new Ledger)
    {
    }

    public function add(Fact $fact): void
    {
        $this->ledger->add($fact);
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

        return new Blueprint($this->lettered(), $faces, array_map($this->whole(...), $this->tasks), $this->ledger);
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
