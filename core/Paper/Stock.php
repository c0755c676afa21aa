<?php

declare(strict_types=1);

namespace Ephemeron\Paper;

use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;

/** One kind of paper or card, as the maker has it. */
final readonly class Stock
{
    /**
     * @param Size $sheet without the selvage strip
     * @param bool $doubleSided printed (or dyed through) on both sides; else side B shows the core
     * @param bool $directionA whether the print of side A has a right way up
     * @param bool $directionB the same for side B
     * @param Length $selvage breadth of the maker's strip along the foot of the sheet, zero if there is none
     * @param int|null $available how many sheets there are; null: as many as it takes
     * @param string|null $drawer by what it is known in the drawer it is taken from
     * @param list<Leftover> $leftovers used up first
     * @param Price $price of one sheet
     * @param list<PrintedCard> $cards printed on it, to be cut apart
     */
    public function __construct(
        public string $name,
        public Size $sheet,
        public Grammage $grammage,
        public Length $caliper,
        public bool $doubleSided,
        public bool $directionA,
        public bool $directionB,
        public Length $selvage,
        public ?int $available = null,
        public ?string $drawer = null,
        public array $leftovers = [],
        public Grain $grain = Grain::Unknown,
        public Price $price = new Price(0),
        public ?string $colourA = null,
        public ?string $colourB = null,
        public array $cards = [],
    ) {
    }

    /**
     * @param list<Leftover>|null $leftovers
     * @param list<PrintedCard>|null $cards
     */
    public function with(
        ?string $name = null,
        ?Size $sheet = null,
        ?Grammage $grammage = null,
        ?Length $caliper = null,
        ?bool $doubleSided = null,
        ?bool $directionA = null,
        ?bool $directionB = null,
        ?Length $selvage = null,
        ?array $leftovers = null,
        ?Grain $grain = null,
        ?Price $price = null,
        ?array $cards = null,
    ): self {
        return new self(
            $name ?? $this->name,
            $sheet ?? $this->sheet,
            $grammage ?? $this->grammage,
            $caliper ?? $this->caliper,
            $doubleSided ?? $this->doubleSided,
            $directionA ?? $this->directionA,
            $directionB ?? $this->directionB,
            $selvage ?? $this->selvage,
            $this->available,
            $this->drawer,
            $leftovers ?? $this->leftovers,
            $grain ?? $this->grain,
            $price ?? $this->price,
            $this->colourA,
            $this->colourB,
            $cards ?? $this->cards,
        );
    }

    /** @param int|null $available null: as many as it takes */
    public function counted(?int $available): self
    {
        return $this->known($available, $this->drawer, $this->colourA, $this->colourB);
    }

    /** @param string|null $drawer by what it is known in the drawer; null: it is from none */
    public function from(?string $drawer): self
    {
        return $this->known($this->available, $drawer, $this->colourA, $this->colourB);
    }

    /** What is there when so many sheets have been taken. */
    public function less(int $sheets, bool $withoutLeftovers): self
    {
        return $this->counted(
            $this->available === null ? null : max(0, $this->available - $sheets),
        )->with(leftovers: $withoutLeftovers ? [] : $this->leftovers);
    }

    /**
     * Seen from afar: `#2b3a67`; null where nothing is known.
     *
     * @param string|null $a of side A
     */
    public function coloured(?string $a, ?string $b): self
    {
        return $this->known($this->available, $this->drawer, $a, $b);
    }

    public function colour(Side $side): ?string
    {
        return $side === Side::A ? $this->colourA : $this->colourB;
    }

    /** The same with its sides exchanged, as a piece sees it whose side A is side B of the paper. */
    public function over(): self
    {
        return $this->with(directionA: $this->directionB, directionB: $this->directionA)->coloured($this->colourB, $this->colourA);
    }

    /** Solid-coloured card: any way up, either side. */
    public static function card(string $name, SheetFormat $format, int $grams): self
    {
        $grammage = Grammage::grams($grams);

        return new self($name, $format->size(), $grammage, $grammage->caliper(), true, false, false, Length::zero());
    }

    /** Printed paper, 12×12 and the like. */
    public static function pattern(string $name, SheetFormat $format, int $grams, bool $doubleSided = true): self
    {
        $grammage = Grammage::grams($grams);

        return new self($name, $format->size(), $grammage, $grammage->caliper(), $doubleSided, false, false, Length::zero());
    }

    /** 1 mm and thicker, or heavier than 600 g/m²: cut with knife and metal ruler (common practice, no published source). */
    public function isBoard(): bool
    {
        return $this->caliper->isAtLeast(Length::millimetres(1)) || $this->grammage->inGrams() > 600.0;
    }

    public function isDirectional(Side $side): bool
    {
        return $side === Side::A ? $this->directionA : $this->directionB;
    }

    public function showsCore(Side $side): bool
    {
        return $side === Side::B && ! $this->doubleSided;
    }

    /** The sheet as it comes out of the pad, selvage strip and all. */
    public function asBought(): Size
    {
        return new Size($this->sheet->width, $this->sheet->height->plus($this->selvage));
    }

    /** By what it is known when sheets of it are cut, however many there are. */
    public function identity(): string
    {
        return $this->drawer === null
            ? "{$this->name}|{$this->sheet->width->ticks}x{$this->sheet->height->ticks}"
            : "drawer {$this->drawer}";
    }

    /** Two roles share a pile of sheets when everything about them is the same. */
    public function key(): string
    {
        return implode('|', [
            $this->name, $this->sheet->width->ticks, $this->sheet->height->ticks, $this->grammage->text(),
            $this->caliper->ticks, (int) $this->doubleSided, (int) $this->directionA, (int) $this->directionB,
            $this->selvage->ticks, $this->available ?? '∞', $this->drawer ?? '', $this->grain->value, $this->price->mills,
            ...array_map(static fn (Leftover $leftover): string => $leftover->key(), $this->leftovers),
            ...array_map(static fn (PrintedCard $card): string => $card->key(), $this->cards),
        ]);
    }

    /** What may be unknown: there null says so, where in with() it leaves things as they are. */
    private function known(?int $available, ?string $drawer, ?string $colourA, ?string $colourB): self
    {
        return new self(
            $this->name,
            $this->sheet,
            $this->grammage,
            $this->caliper,
            $this->doubleSided,
            $this->directionA,
            $this->directionB,
            $this->selvage,
            $available,
            $drawer,
            $this->leftovers,
            $this->grain,
            $this->price,
            $colourA,
            $colourB,
            $this->cards,
        );
    }
}
