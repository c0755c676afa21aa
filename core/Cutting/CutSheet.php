<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Size;

/** A sheet, or some alike, of which some cuts or all have been made: what has come off it, and what still hangs together. */
final readonly class CutSheet
{
    private SheetState $state;

    /** @param int $done cuts made, from the first */
    public function __construct(public SheetPattern $pattern, public int $done)
    {
        $this->state = SheetState::after($pattern, $done);
    }

    /** @return list<Blank> pieces that have come off, one for each place on a sheet */
    public function pieces(): array
    {
        // Of a sheet that is used whole the piece is there when the sheet is in hand.
        return array_values(array_filter($this->state->fallen, static fn (Piece $piece): bool => $piece instanceof Blank));
    }

    /** Where one of these pieces lay on the sheet; null where none has come off. */
    public function areaOf(string $piece, CutWork $work): ?Rectangle
    {
        foreach ($this->pieces() as $blank) {
            foreach ($blank->demands as $letter) {
                if ($work->demand($letter)?->piece === $piece) {
                    return $blank->area();
                }
            }
        }

        return null;
    }

    /** @return list<Size> what still hangs together and can be cut another way, one for each place on a sheet */
    public function rests(): array
    {
        return array_map(static fn (Cut $cut): Size => $cut->area()->size(), [...$this->state->inHand, ...$this->state->waiting]);
    }

    /** @return list<Size> what has come off and is no piece */
    public function offcuts(): array
    {
        $offcuts = array_filter($this->state->fallen, static fn (Piece $piece): bool => $piece instanceof Offcut && ! $piece->selvage);

        return array_values(array_map(static fn (Piece $piece): Size => $piece->area()->size(), $offcuts));
    }

    /**
     * The sheet as it lies there: only the cuts that were made, only the pieces that are wanted.
     *
     * @param array<string, non-empty-list<string>> $letters of the pieces that are wanted, by the corner they have on the sheet
     * @param array<string, int> $gives
     */
    public function asCut(array $letters, array $gives): SheetPattern
    {
        $made = array_map(
            static fn (CutStep $step): string => $step->cut->signature(),
            array_slice($this->pattern->steps(), 0, $this->done),
        );

        return new SheetPattern(
            $this->pattern->supply,
            $this->pattern->count,
            $this->lying($this->pattern->tree, $made, $letters),
            $gives,
            $this->pattern->key,
            isCut: true,
        );
    }

    public static function corner(Rectangle $area): string
    {
        return "{$area->left()->ticks},{$area->top()->ticks}";
    }

    /**
     * @param list<string> $made
     * @param array<string, non-empty-list<string>> $letters
     */
    private function lying(Piece $piece, array $made, array $letters): Piece
    {
        if ($piece instanceof Cut) {
            return in_array($piece->signature(), $made, true)
                ? new Cut(
                    $piece->area(),
                    $piece->along,
                    $piece->at,
                    $this->lying($piece->first, $made, $letters),
                    $this->lying($piece->second, $made, $letters),
                )
                : new Offcut($piece->area());
        }
        $wanted = $letters[self::corner($piece->area())] ?? null;

        return match (true) {
            $piece instanceof Blank && $wanted !== null => new Blank($piece->area(), $wanted, $piece->turned),
            $piece instanceof Offcut => $piece,
            default => new Offcut($piece->area()),
        };
    }
}
