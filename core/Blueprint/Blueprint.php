<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;

/** What a design comes to: parts, faces, joints, tasks, pouches. It knows no sheets and no order of work. */
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
     * @param list<Joint> $joints
     * @param array<string, Task> $tasks by key
     * @param array<string, Pouch> $pouches by key
     * @param list<Loose> $loose
     * @param array<string, string> $openings pairs of faces seen together: left (or only) face key to right face key
     * @param list<Mount> $mounts photos with a place of their own
     * @param list<Gusset> $gussets
     * @param list<Filling> $fillings
     * @param Length $bare thickness of the closed book before anything is put on its faces
     * @param list<Pose> $poses how the book lies closed and opened
     * @param array<string, Flap> $flaps by key
     * @param array<string, list<string>> $reasons how sizes follow from a parameter, by its key
     * @param list<string> $homeless places in the design file of things whose face is not there
     * @param list<Magnet> $magnets
     * @param list<Slide> $slides
     * @param list<string> $closings what holds the finished book shut
     * @param array<string, Thing> $things what the maker has put on its faces, by key
     * @param list<Lump> $lumps
     * @param list<Band> $bands
     * @param list<Remark> $remarks
     * @param Posted|null $posted the envelope it is to go into
     */
    public function __construct(
        public array $parts,
        public array $faces,
        public array $joints,
        public array $tasks,
        public array $pouches,
        public array $loose,
        public array $openings,
        public array $mounts,
        public array $gussets,
        public array $fillings,
        public Length $bare,
        public array $poses = [],
        public array $flaps = [],
        public array $reasons = [],
        public array $homeless = [],
        public array $magnets = [],
        public array $slides = [],
        public array $closings = [],
        public array $things = [],
        public array $lumps = [],
        public array $bands = [],
        public array $remarks = [],
        public ?Posted $posted = null,
    ) {
        $onFaces = [];
        foreach ($joints as $joint) {
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
        foreach ($flaps as $flap) {
            $flapsOver[$flap->over][] = $flap;
        }
        $this->flapsOver = $flapsOver;
        $thingsLying = [];
        foreach ($things as $thing) {
            $thingsLying[$thing->on][] = $thing;
        }
        $this->thingsLying = $thingsLying;
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
        foreach ($this->poses as $pose) {
            if ($pose->key === Pose::CLOSED) {
                return $pose->bounds()->size;
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
