<?php

declare(strict_types=1);

namespace Ephemeron\Fit;

use Ephemeron\Cutting\CutPlan;
use Ephemeron\Cutting\Demand;
use Ephemeron\Cutting\SheetPattern;
use Ephemeron\Design\Design;
use Ephemeron\Geometry\Pin;

/**
 * Another book that is cut with this one, from one pile and with every fence setting once. At the trimmer its pieces are called by its
 * number and their letter, `2A`; the pieces of the first book keep theirs.
 */
final readonly class Guest
{
    /** Pinned sheets of one book are not those of another; more than a book has. */
    private const SHEETS = 1000;

    /**
     * @param int $number what it is called by, 2 or more
     * @param int $known which book it is, however they are numbered: 1 or more, the same as long as it is cut with this one
     * @param int $copies 1 or more
     */
    public function __construct(public int $number, public int $known, public Design $design, public int $copies = 1)
    {
    }

    /** What a piece of it is known by at the trimmer. */
    public static function piece(int $known, string $piece): string
    {
        return "@{$known}/{$piece}";
    }

    /** Whether a letter of the trimmer is one of its pieces. */
    public function asksFor(string $letter): bool
    {
        return preg_match("/^{$this->number}[A-Z]/", $letter) === 1;
    }

    /** As it is asked for at the trimmer. */
    public function demand(Demand $demand): Demand
    {
        return new Demand(
            $this->number.$demand->key,
            $demand->size,
            $demand->quantity,
            $demand->turnable,
            $demand->picture,
            array_map(fn (Pin $pin): Pin => new Pin($pin->sheet + self::SHEETS * $this->known, $pin->corner, $pin->turned), $demand->pins),
            self::piece($this->known, $demand->piece),
        );
    }

    /**
     * The sheets that give something for it, in its own letters; the pieces of the first book are called `1A` there.
     *
     * @param StockPlan $stock of all of them
     */
    public function seen(StockPlan $stock): CutPlan
    {
        $letters = [];
        foreach ($stock->demands as $demand) {
            if (! str_starts_with($demand->piece, '@')) {
                $letters[$demand->key] = "1{$demand->key}";
            }
        }
        $own = [];
        $mark = self::piece($this->known, '');
        foreach ($stock->demands as $demand) {
            if (str_starts_with($demand->piece, $mark)) {
                $own[$demand->key] = $letters[$demand->key] = substr($demand->key, strlen((string) $this->number));
            }
        }
        $isOwn = static fn (SheetPattern $pattern): bool => array_intersect_key($pattern->gives, $own) !== [];
        $patterns = array_values(array_filter($stock->cuts->patterns, $isOwn));
        $cuts = new CutPlan(
            $patterns,
            0,
            array_intersect_key($stock->cuts->missing, $own),
            array_values(array_intersect($stock->cuts->oversize, array_map(strval(...), array_keys($own)))),
            $this->loosePins($stock->cuts->loosePins),
        );

        return $cuts->lettered($letters)->boundedBy($cuts->sheets());
    }

    /**
     * @param list<string> $sheets
     * @return list<string> those of this book, as it numbers them
     */
    private function loosePins(array $sheets): array
    {
        $own = array_filter($sheets, fn (string $sheet): bool => intdiv((int) $sheet, self::SHEETS) === $this->known);

        return array_values(array_map(static fn (string $sheet): string => (string) ((int) $sheet % self::SHEETS), $own));
    }
}
