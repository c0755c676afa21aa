<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\StockRole;

/** What a design comes to: parts, faces, tasks and a ledger of facts. It knows no sheets and no order of work. */
final readonly class Blueprint
{
    /** @var array<string, list<Joint>> */
    private array $onFaces;

    /** @var array<string, list<Face>> */
    private array $fronts;

    /** @var array<string, list<Flap>> */
    private array $flapsOver;

    /** @var array<string, list<Thing>> */
    private array $thingsLying;

    /**
     * @param array<string, Part> $parts by key, in the order of their letters
     * @param array<string, Face> $faces by key, in reading order
     * @param array<string, Task> $tasks by key
     * @param Ledger $ledger all else there is to know
     */
    public function __construct(public array $parts, public array $faces, public array $tasks, private Ledger $ledger)
    {
        $onFaces = [];
        foreach ($ledger->all(Joint::class) as $joint) {
            if ($joint->face !== null) {
                $onFaces[$joint->face][] = $joint;
            }
        }
        $this->onFaces = $onFaces;
        $fronts = [];
        foreach ($faces as $face) {
            if ($face->parent !== null) {
                $fronts[$face->parent][] = $face;
            }
        }
        $this->fronts = $fronts;
        $flapsOver = [];
        foreach ($ledger->all(Flap::class) as $flap) {
            $flapsOver[$flap->over][] = $flap;
        }
        $this->flapsOver = $flapsOver;
        $thingsLying = [];
        foreach ($ledger->all(Thing::class) as $thing) {
            $thingsLying[$thing->on][] = $thing;
        }
        $this->thingsLying = $thingsLying;
    }

    /**
     * @template T of Fact
     * @param class-string<T> $kind
     * @return list<T> in the order in which they were told
     */
    public function all(string $kind): array
    {
        return $this->ledger->all($kind);
    }

    /**
     * @template T of Fact
     * @param class-string<T> $kind
     * @return T|null the one known under this name
     */
    public function find(string $kind, string $mark): ?Fact
    {
        return $this->ledger->find($kind, $mark);
    }

    /**
     * @template T of Fact
     * @param class-string<T> $kind
     * @return T
     *
     * @throws UnknownPiece
     */
    public function get(string $kind, string $mark): Fact
    {
        return $this->find($kind, $mark) ?? throw UnknownPiece::fact($kind, $mark);
    }

    /** Thickness of the closed book before anything is put on its faces. */
    public function bare(): Length
    {
        return $this->find(Bare::class, 'book')->thickness ?? Length::zero();
    }

    /** @return array<string, string> pairs of faces seen together: key of the left (or only) one to key of the right one */
    public function openings(): array
    {
        $openings = $this->all(Opening::class);

        return array_column(array_map(static fn (Opening $opening): array => [$opening->left, $opening->right], $openings), 1, 0);
    }

    /** @return list<string> what holds the finished book shut */
    public function closings(): array
    {
        return array_map(static fn (Closing $closing): string => $closing->with, $this->all(Closing::class));
    }

    /** @return list<string> how sizes follow from a parameter */
    public function reasons(string $parameter): array
    {
        $reasons = array_filter($this->all(Reason::class), static fn (Reason $reason): bool => $reason->parameter === $parameter);

        return array_map(static fn (Reason $reason): string => $reason->sentence, array_values($reasons));
    }

    /** The face that lies beside this one, to its right, when the book is open there. */
    public function rightOf(string $left): ?string
    {
        return $this->find(Opening::class, $left)?->right;
    }

    /** A leaf of a journal: one writes on it, and prints go where somebody puts them. */
    public function isWrittenOn(Face $face): bool
    {
        return $this->part($face->paper->part)->role === StockRole::Leaf;
    }

    /** @throws UnknownPiece */
    public function part(string $key): Part
    {
        return $this->parts[$key] ?? throw UnknownPiece::part($key);
    }

    /** @throws UnknownPiece */
    public function face(string $key): Face
    {
        return $this->faces[$key] ?? throw UnknownPiece::face($key);
    }

    /**
     * The page of the book that a face is, or that it sits on.
     *
     * @throws UnknownPiece
     */
    public function pageOf(string $face): Face
    {
        $page = $this->face($face);
        while ($page->parent !== null) {
            $page = $this->face($page->parent);
        }

        return $page;
    }

    /** @return array<string, Face> the faces of the book itself, in reading order */
    public function pages(): array
    {
        return array_filter($this->faces, static fn (Face $face): bool => $face->isOfTheBook());
    }

    /** @return list<Thing> what the maker has put on a face, lowest first */
    public function thingsOn(string $face): array
    {
        return $this->thingsLying[$face] ?? [];
    }

    /** @return list<Flap> the flaps that turn over a face */
    public function flapsOn(string $face): array
    {
        return $this->flapsOver[$face] ?? [];
    }

    /** @return list<Joint> what lies on a face, lowest first */
    public function on(string $face): array
    {
        return $this->onFaces[$face] ?? [];
    }

    /** @return list<Face> the fronts of the things that lie on a face */
    public function frontsOn(string $face): array
    {
        return $this->fronts[$face] ?? [];
    }

    /** @return array<string, list<Part>> parts by section, in the order of the work */
    public function sections(): array
    {
        $sections = [];
        foreach ($this->parts as $part) {
            $sections[$part->section][] = $part;
        }

        return $sections;
    }

    /** How broad and tall the closed book is, flaps and spine included. */
    public function closedSize(): Size
    {
        foreach ($this->all(Pose::class) as $pose) {
            if ($pose->key === Pose::CLOSED) {
                return $pose->bounds()->size();
            }
        }
        $first = array_values($this->pages())[0] ?? null;

        return $first === null ? new Size(Length::zero(), Length::zero()) : $first->size;
    }

    public function pieces(): int
    {
        return array_sum(array_map(static fn (Part $part): int => $part->quantity, $this->parts));
    }
}
