<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/** The parts of sheets that hold few pieces, and which of them are filled anew next: rather the emptier ones. */
final class Corners
{
    /** Pieces in two parts. */
    public const TOGETHER = 8;

    private const IN_ONE = 7;

    /** @var array<int, non-empty-list<array{Slab, int, int}>> by sheet: part, pieces, free area */
    private array $known = [];

    /** @var list<int> sheets whose parts were chosen last */
    private array $chosen = [];

    /** @param non-empty-list<Slab> $sheets */
    public function __construct(
        private readonly array $sheets,
        private readonly \Random\Randomizer $chance,
        private readonly Effort $effort,
    ) {
    }

    /**
     * Two parts of one or two sheets, or the emptier one where they hold too much or one is a part of the other.
     *
     * @return non-empty-list<Slab>
     */
    public function choose(): array
    {
        $last = count($this->sheets) - 1;
        [$sheet, $sheetToo] = [$this->chance->getInt(0, $last), $this->chance->getInt(0, $last)];
        $this->chosen = $sheet === $sheetToo ? [$sheet] : [$sheet, $sheetToo];
        $here = $this->of($sheet);
        $there = $sheet === $sheetToo ? [] : $this->of($sheetToo);
        [$one, $pieces, $free] = $this->draw($here, $there);
        [$other, $piecesToo, $freeToo] = $this->draw($here, $there);
        if ($pieces + $piecesToo > self::TOGETHER || $one->contains($other) || $other->contains($one)) {
            return [$free >= $freeToo ? $one : $other];
        }

        return [$one, $other];
    }

    /** What was chosen last is cut otherwise now. */
    public function areChanged(): void
    {
        foreach ($this->chosen as $sheet) {
            unset($this->known[$sheet]);
        }
    }

    /** Cuts all sheets otherwise into what lies on them, where every strip comes off then. */
    public function regroup(Regrouping $regrouping, int $narrowest): void
    {
        foreach ($this->sheets as $sheet => $slab) {
            $other = $regrouping->of($slab);
            if ($other->comesOff($narrowest)) {
                $slab->becomes($other);
                unset($this->known[$sheet]);
            }
        }
    }

    /**
     * The emptier one of two that lie here or there.
     *
     * @param non-empty-list<array{Slab, int, int}> $here
     * @param list<array{Slab, int, int}> $there
     * @return array{Slab, int, int}
     */
    private function draw(array $here, array $there): array
    {
        $many = count($here);
        $last = $many + count($there) - 1;
        [$at, $atToo] = [$this->chance->getInt(0, $last), $this->chance->getInt(0, $last)];
        $one = $here[$at] ?? $there[$at - $many];
        $other = $here[$atToo] ?? $there[$atToo - $many];

        return $one[2] >= $other[2] ? $one : $other;
    }

    /** @return non-empty-list<array{Slab, int, int}> */
    private function of(int $sheet): array
    {
        if (! isset($this->known[$sheet])) {
            $corners = [];
            $this->find($this->sheets[$sheet], $corners);
            $this->known[$sheet] = $corners === [] ? throw new \LogicException('A piece alone is a part, too.') : $corners;
        }

        return $this->known[$sheet];
    }

    /**
     * @param list<array{Slab, int, int}> $corners they are put in, one at the least
     * @return array{int, int} pieces in the slab, and free area
     */
    private function find(Slab $slab, array &$corners): array
    {
        $this->effort->spend(8);
        if ($slab->first !== null && $slab->second !== null) {
            [$pieces, $free] = $this->find($slab->first, $corners);
            [$piecesToo, $freeToo] = $this->find($slab->second, $corners);
            $pieces += $piecesToo;
            $free += $freeToo;
        } else {
            [$pieces, $free] = $slab->kind === null ? [0, $slab->width * $slab->height] : [1, 0];
        }
        if ($pieces <= self::IN_ONE) {
            $corners[] = [$slab, $pieces, $free];
        }

        return [$pieces, $free];
    }
}
