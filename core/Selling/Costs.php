<?php

declare(strict_types=1);

namespace Ephemeron\Selling;

use Brick\Math\BigRational;
use Ephemeron\Fit\Requisite;
use Ephemeron\Fit\StockPlan;
use Ephemeron\Measure\Length;
use Ephemeron\Paper\Price;

/**
 * What books cost together: paper by the sheets begun or by what is used of them, what else is wanted, time, the fee of a fair. Common
 * practice, no published source.
 */
final readonly class Costs
{
    /** @param list<CostLine> $lines */
    public function __construct(public array $lines = [], private Currency $currency = new Currency('EUR'))
    {
    }

    public function and(CostLine ...$lines): self
    {
        return new self(
            [...$this->lines, ...array_values(array_filter($lines, static fn (CostLine $line): bool => ! $line->mills->isZero()))],
            $this->currency,
        );
    }

    /**
     * @param list<StockPlan> $stocks of all the books together
     * @param bool $isByUse whether only what is used of the sheets counts
     */
    public function paper(array $stocks, bool $isByUse): self
    {
        $costs = $this;
        foreach ($stocks as $stock) {
            $each = $stock->stock->price->mills;
            $sheets = $stock->cuts->sheets();
            $used = $isByUse ? self::used($stock) : BigRational::of($sheets);
            $costs = $costs->and(new CostLine(
                $stock->stock->name,
                $used->multipliedBy($each),
                sprintf(
                    '%s %s at %s',
                    $isByUse ? $used->toScale(2, \Brick\Math\RoundingMode::HALF_UP) : $sheets,
                    ! $isByUse && $sheets === 1 ? 'sheet' : 'sheets',
                    $this->currency->text($stock->stock->price),
                ),
            ));
        }

        return $costs;
    }

    /** @param Price $price of one, or of a metre */
    public function besides(Requisite $wanted, Price $price): self
    {
        $amount = $wanted->length === null ? BigRational::of($wanted->count)
            : BigRational::nd($wanted->length->ticks, Length::millimetres(1000)->ticks);

        return $this->and(new CostLine($wanted->name, $amount->multipliedBy($price->mills), sprintf(
            '%s at %s',
            $wanted->length === null ? $wanted->count : $amount->toScale(2, \Brick\Math\RoundingMode::HALF_UP).' m',
            $this->currency->text($price),
        )));
    }

    /** @param Price $rate of an hour */
    public function time(int $seconds, Price $rate): self
    {
        $minutes = intdiv($seconds + 30, 60);

        return $this->and(new CostLine(
            'Time',
            BigRational::nd($seconds * $rate->mills, 3600),
            sprintf('%d min at %s an hour', $minutes, $this->currency->text($rate)),
        ));
    }

    /** @param int $pieces all that lie on the table of the fair; these books bear their share */
    public function fee(Price $fee, int $pieces, int $books): self
    {
        return $this->and(new CostLine(
            'Table at the fair',
            BigRational::nd($fee->mills * $books, max(1, $pieces)),
            sprintf('%s over %d pieces', $this->currency->text($fee), max(1, $pieces)),
        ));
    }

    /** In thousandths, exact. */
    public function total(): BigRational
    {
        $total = BigRational::zero();
        foreach ($this->lines as $line) {
            $total = $total->plus($line->mills);
        }

        return $total;
    }

    /** Sheets, by the area of the pieces that come from them. */
    private static function used(StockPlan $stock): BigRational
    {
        $used = BigRational::zero();
        foreach ($stock->cuts->patterns as $pattern) {
            foreach ($pattern->blanks() as $blank) {
                $used = $used->plus(BigRational::nd(
                    $blank->area()->size()->area() * $pattern->count,
                    max(1, $stock->stock->asBought()->area()),
                ));
            }
        }

        return $used;
    }
}
