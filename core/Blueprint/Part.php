<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

use Ephemeron\Geometry\Polygon;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\Choice;
use Ephemeron\Paper\OnePicture;
use Ephemeron\Paper\SheetSpot;
use Ephemeron\Paper\Side;
use Ephemeron\Paper\StockRole;

/**
 * A named, lettered piece to cut, with all that is done to it before it is glued.
 *
 * It is drawn with side A towards you and the print (if it has a right way up) standing upright.
 */
final readonly class Part
{
    /**
     * @param string $key stable name inside a blueprint, such as `sheet-3`
     * @param string $section the pieces that belong together on the table
     * @param int $quantity at least 1
     * @param list<Crease> $creases
     * @param list<Slit> $slits
     * @param list<Notch> $notches
     * @param list<GlueZone> $glueZones
     * @param list<Panel> $panels
     * @param Side $shows the side that is seen in the finished book
     * @param bool $upright false where no one will ever see which way the print lies
     * @param list<string> $places where each of them goes, in words; empty or as many as there are pieces
     * @param string $letter given by the blueprint
     * @param list<Corner> $corners corners that are rounded, clipped or scalloped after folding
     * @param list<Polygon> $cutAways areas that are cut out after scoring, with knife or scissors
     * @param string $why how its size follows, in words and numbers
     * @param OnePicture|null $picture parts with the same one carry it on: they are cut as neighbours from one place of a sheet
     * @param list<Hole> $holes for sewing, coil or strap
     * @param bool $isScored false for paper so light that it is folded without a score
     * @param string|null $leaf key of the paper of the heap it is a sheet of, where it is one
     * @param string|null $print key of the print it is cut from, where one was chosen
     * @param bool $isOver whether its side A is side B of the paper
     * @param int|null $turn quarters by which the print is turned clockwise on it, where that was said
     * @param array<int, Choice> $byPiece what was chosen for single ones of its pieces, from 0
     * @param SheetSpot|null $spot place of the sheet that the first of them is cut from
     */
    public function __construct(
        public string $key,
        public string $name,
        public string $section,
        public Size $size,
        public StockRole $role,
        public int $quantity = 1,
        public array $creases = [],
        public array $slits = [],
        public array $notches = [],
        public array $glueZones = [],
        public array $panels = [],
        public Side $shows = Side::A,
        public bool $upright = true,
        public array $places = [],
        public string $letter = '',
        public array $corners = [],
        public array $cutAways = [],
        public string $why = '',
        public ?OnePicture $picture = null,
        public ?string $leaf = null,
        public array $holes = [],
        public bool $isScored = true,
        public ?string $print = null,
        public bool $isOver = false,
        public ?int $turn = null,
        public array $byPiece = [],
        public ?SheetSpot $spot = null,
    ) {
    }

    /** Its name within a sentence; one that begins with a single letter keeps it: L page. */
    public function called(): string
    {
        return ($this->name[1] ?? '') === ' ' ? $this->name : lcfirst($this->name);
    }

    /** By which its paper is known in the design: that of its role, one of the heap, or a print that was chosen. */
    public function paper(): string
    {
        return match (true) {
            $this->print !== null => "print:{$this->print}",
            $this->leaf !== null => "leaf:{$this->leaf}",
            default => $this->role->value,
        };
    }

    /**
     * The papers its pieces are cut from: most parts have one, of some every piece has its own.
     *
     * @return array<string, non-empty-list<int>> numbers of the pieces, from 0, by their paper
     */
    public function papers(): array
    {
        if ($this->byPiece === []) {
            return [$this->paper() => range(0, $this->quantity - 1)];
        }
        $papers = [];
        for ($piece = 0; $piece < $this->quantity; $piece++) {
            $papers[$this->paperOf($piece)][] = $piece;
        }

        return $papers;
    }

    /** @param int $piece from 0 */
    public function paperOf(int $piece): string
    {
        $print = ($this->byPiece[$piece] ?? null)?->paper;

        return $print === null ? $this->paper() : "print:{$print}";
    }

    /** Whether side A of a piece is side B of its paper. */
    public function isOverAt(int $piece): bool
    {
        $side = ($this->byPiece[$piece] ?? null)?->side;

        return $side === null ? $this->isOver : $side !== $this->shows;
    }

    /** @param array<int, Choice> $byPiece */
    public function pieceByPiece(array $byPiece): self
    {
        return $this->with(byPiece: $byPiece);
    }

    /**
     * The same piece, cut by choice.
     *
     * @param string|null $print null: from the paper it would be cut from anyway
     * @param string $name of the print
     * @param Side $showing the side of the paper that shows
     */
    public function dressed(
        ?string $print,
        string $name,
        Side $showing,
        ?int $turn,
        ?OnePicture $picture = null,
        ?SheetSpot $spot = null,
    ): self {
        return $this->with(
            picture: $picture,
            spot: $spot,
            name: $print === null ? $this->name : self::named($this->name, $name),
            print: $print,
            isOver: $showing !== $this->shows,
            turn: $turn,
        );
    }

    /** `Page mat in Dew point, second layer`. */
    private static function named(string $name, string $print): string
    {
        [$what, $more] = [...explode(', ', $name, 2), ''];

        return "{$what} in {$print}".($more === '' ? '' : ", {$more}");
    }

    /** The side that most of its folds run along, null where none does or both do alike. */
    public function foldsAlong(): ?Axis
    {
        $upright = 0.0;
        $level = 0.0;
        foreach ($this->creases as $crease) {
            $length = $crease->line->length()->inMillimetres();
            match ($crease->along()) {
                Axis::Width => $upright += $length,
                Axis::Height => $level += $length,
                null => null,
            };
        }

        return match (true) {
            abs($upright - $level) < 0.5 => null,
            $upright > $level => Axis::Height,
            default => Axis::Width,
        };
    }

    /** Whether it is nothing but a piece of paper, so that its size can change by itself. */
    public function isPlain(): bool
    {
        return $this->creases === [] && $this->panels === [] && $this->slits === [] && $this->cutAways === [] && $this->holes === []
            && $this->notches === [];
    }

    public function resized(Size $size): self
    {
        return $this->with(size: $size);
    }

    /** @param list<Hole> $holes all that are in it */
    public function pierced(array $holes): self
    {
        return $this->with(holes: $holes);
    }

    public function lettered(string $letter): self
    {
        return $this->with(letter: $letter);
    }

    /** One more batch of the same piece. */
    public function and(self $other): self
    {
        $byPiece = $this->byPiece;
        foreach ($other->byPiece as $piece => $choice) {
            $byPiece[$this->quantity + $piece] = $choice;
        }

        return $this->with(
            quantity: $this->quantity + $other->quantity,
            places: [...$this->places, ...$other->places],
            byPiece: $byPiece,
        );
    }

    public function isSamePieceAs(self $other): bool
    {
        return $this->name === $other->name
            && $this->section === $other->section
            && $this->paper() === $other->paper()
            && $this->isOver === $other->isOver
            && $this->turn === $other->turn
            && $this->shows === $other->shows
            && $this->upright === $other->upright
            && $this->size->equals($other->size)
            && $this->creases == $other->creases
            && $this->slits == $other->slits
            && $this->notches == $other->notches
            && $this->glueZones == $other->glueZones
            && $this->corners == $other->corners
            && $this->cutAways == $other->cutAways
            && $this->holes == $other->holes
            && $this->picture == $other->picture
            && $this->spot == $other->spot;
    }

    /**
     * One of its panels; `whole` is the piece itself.
     *
     * @throws UnknownPiece
     */
    public function panel(string $key): Panel
    {
        if ($key === 'whole') {
            return new Panel('whole', $this->name, Rectangle::whole($this->size));
        }
        foreach ($this->panels as $panel) {
            if ($panel->key === $key) {
                return $panel;
            }
        }

        throw UnknownPiece::panel($this->key, $key);
    }

    /**
     * @param list<string>|null $places
     * @param list<Hole>|null $holes
     * @param array<int, Choice>|null $byPiece
     */
    private function with(
        ?string $name = null,
        ?int $quantity = null,
        ?array $places = null,
        ?string $letter = null,
        ?array $holes = null,
        ?string $print = null,
        ?bool $isOver = null,
        ?int $turn = null,
        ?array $byPiece = null,
        ?OnePicture $picture = null,
        ?SheetSpot $spot = null,
        ?Size $size = null,
    ): self {
        return new self(
            $this->key,
            $name ?? $this->name,
            $this->section,
            $size ?? $this->size,
            $this->role,
            $quantity ?? $this->quantity,
            $this->creases,
            $this->slits,
            $this->notches,
            $this->glueZones,
            $this->panels,
            $this->shows,
            $this->upright,
            $places ?? $this->places,
            $letter ?? $this->letter,
            $this->corners,
            $this->cutAways,
            $this->why,
            $picture ?? $this->picture,
            $this->leaf,
            $holes ?? $this->holes,
            $this->isScored,
            $print ?? $this->print,
            $isOver ?? $this->isOver,
            $turn ?? $this->turn,
            $byPiece ?? $this->byPiece,
            $spot ?? $this->spot,
        );
    }
}
