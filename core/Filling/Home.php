<?php

declare(strict_types=1);

namespace Ephemeron\Filling;

use Ephemeron\Blueprint\Pouch;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;

/** One place of a book that takes a photo, a card or an envelope. */
final readonly class Home
{
    /**
     * @param string $key of the pouch, the thing or the face
     * @param string $page key of the page of the book on which it is
     * @param Size $room of a mount its print, of a page its upper mat, of a pouch the largest that goes in, as seen
     * @param bool $isTaken whether something of the book itself is kept there already
     */
    public function __construct(
        public string $key,
        public string $name,
        public HomeKind $kind,
        public string $page,
        public Size $room,
        public ?Pouch $pouch = null,
        public bool $isTaken = false,
    ) {
    }

    /** How a keepsake goes in there, given what is there already; null where it does not. */
    public function takes(Keepsake $one, Keepsake ...$there): ?Fitting
    {
        if ($this->kind !== HomeKind::Page && $there !== []) {
            return null;
        }
        if ($this->kind === HomeKind::Mount && $one->kind !== KeepsakeKind::Print) {
            return null;
        }
        foreach ([false, true] as $turned) {
            foreach ([false, true] as $trimmed) {
                $seen = $turned ? $one->size->turned() : $one->size;
                $cut = $trimmed ? $this->trimmed($one, $seen) : $seen;
                if ($cut !== null && $this->holds($cut, $there)) {
                    return new Fitting($cut->equals($seen) ? null : ($turned ? $cut->turned() : $cut), $turned && ! $one->isSquare());
                }
            }
        }

        return null;
    }

    /** @return Size|null what it must be trimmed to; only photos are, and never by more than a third of a side */
    private function trimmed(Keepsake $one, Size $seen): ?Size
    {
        if ($one->kind !== KeepsakeKind::Print) {
            return null;
        }
        $rim = $this->kind === HomeKind::Page ? self::rim() : Length::zero();
        $room = new Size($this->room->width->minus($rim), $this->room->height->minus($rim));
        $cut = new Size(Length::shortest($seen->width, $room->width), Length::shortest($seen->height, $room->height));
        $keeps = static fn (Length $is, Length $was): bool => $is->times(3)->isAtLeast($was->times(2));

        return $keeps($cut->width, $seen->width) && $keeps($cut->height, $seen->height) ? $cut : null;
    }

    /** @param array<Keepsake> $there */
    private function holds(Size $seen, array $there): bool
    {
        return match ($this->kind) {
            HomeKind::Mount => $seen->equals($this->room),
            HomeKind::Pouch => $this->pouch?->holdsAsItLies($seen) === true,
            HomeKind::Page => $this->fitInRows([
                $seen,
                ...array_values(array_map(static fn (Keepsake $each): Size => $each->size, $there)),
            ]),
        };
    }

    /** A photo on a page has a mat, or lets so much of the page be seen: ¼ in (common practice, no published source). */
    private static function rim(): Length
    {
        return Length::inches(0, 1, 4);
    }

    /**
     * In rows, the tallest first, each as wide as the page allows.
     *
     * @param list<Size> $sizes
     */
    private function fitInRows(array $sizes): bool
    {
        $rim = self::rim();
        usort($sizes, static fn (Size $one, Size $other): int => $other->height->ticks <=> $one->height->ticks);
        $top = Length::zero();
        $left = Length::zero();
        $row = Length::zero();
        foreach ($sizes as $size) {
            $size = $size->plus($rim);
            if ($left->plus($size->width)->isMoreThan($this->room->width)) {
                [$top, $left, $row] = [$top->plus($row), Length::zero(), Length::zero()];
            }
            $row = Length::longest($row, $size->height);
            $left = $left->plus($size->width);
            if ($left->isMoreThan($this->room->width) || $top->plus($row)->isMoreThan($this->room->height)) {
                return false;
            }
        }

        return true;
    }
}
