<?php

declare(strict_types=1);

namespace Ephemeron;

use Ephemeron\Drawer\Reach;
use Ephemeron\Fit\StockPlan;

/** A book of one kind made for a wish, planned. */
final readonly class Advised
{
    /**
     * @param int $photos prints of the wished size that it holds
     * @param int $missing prints and cards that find no place
     * @param list<string> $lacks what of the wish it does not keep, in sentences; none: it keeps all
     * @param list<string> $wants what it wants besides the sheets in hand, in sentences
     * @param string|null $from name of the sheets in hand, where all is cut from such
     * @param Reach|null $reach how far the drawer goes, where it was asked
     */
    public function __construct(
        public WorkPlan $plan,
        public int $photos,
        public int $missing,
        public array $lacks,
        public array $wants,
        public ?string $from = null,
        public ?Reach $reach = null,
    ) {
    }

    /**
     * The best first: what can be cut, then what keeps most of the wish, then what takes the fewest sheets, then what uses the least of
     * them.
     *
     * @param int $more of what was wished that it does not keep either
     */
    public function worth(int $more = 0): string
    {
        return sprintf(
            '%d %03d %04d %06d %015d',
            (int) ($this->plan->missing() > 0),
            count($this->lacks) + $more,
            $this->missing,
            $this->sheets(),
            $this->paper(),
        );
    }

    /** Sheets in hand that it takes; where all is bought, sheets of all papers. */
    public function sheets(): int
    {
        return array_sum(array_map(
            fn (StockPlan $stock): int => $this->from === null || $stock->stock->name === $this->from ? $stock->cuts->sheets() : 0,
            $this->plan->stocks,
        ));
    }

    /** Of its sheets, what is in no piece: in hundredths. */
    public function left(): int
    {
        $sheets = array_sum(array_map(
            static fn (StockPlan $stock): int => $stock->stock->sheet->area() * $stock->cuts->sheets(),
            $this->plan->stocks,
        ));

        return $sheets === 0 ? 0 : max(0, 100 - (int) round(100 * $this->paper() * $this->plan->workings->copies / $sheets));
    }

    /** Paper in its pieces, in square ticks, for one book. */
    public function paper(): int
    {
        return Adviser::paper($this->plan->blueprint);
    }
}
