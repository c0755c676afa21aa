<?php

declare(strict_types=1);

namespace Tests\Core;

use Brick\Math\BigRational;
use Ephemeron\Blueprint\Sundry;
use Ephemeron\Fit\Requisite;
use Ephemeron\Measure\Length;
use Ephemeron\Paper\Price;
use Ephemeron\Paper\UnusablePaper;
use Ephemeron\Selling\Costs;
use Ephemeron\Selling\Currency;
use Ephemeron\Selling\Pricing;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What books cost and what is asked for them. */
final class SellingTest extends TestCase
{
    use Designs;

    /**
     * Ten wallets, worked by hand: 20 magnets at 0.22 are 4.40, 3 m of tape at 0.12 are 0.36, 250 minutes at 12.00 are 50.00, a table of
     * 45.00 over 30 pieces is 15.00 for ten: 69.76, 6.976 each. With 30 % on it 9.0688, rounded up to a half 9.50; eight must be sold.
     */
    public function test_ten_wallets_by_hand(): void
    {
        $costs = (new Costs([]))
            ->besides(new Requisite('Magnets', Sundry::Magnet, 20, null), new Price(220))
            ->besides(new Requisite('Tape', Sundry::Tape, 1, Length::millimetres(3000)), new Price(120))
            ->time(250 * 60, new Price(12_000))
            ->fee(new Price(45_000), 30, 10);
        $this->assertSame(
            ['4.40', '0.36', '50.00', '15.00'],
            array_map(static fn ($line): string => (new Currency('EUR'))->money($line->mills), $costs->lines),
        );
        $this->assertSame('69.76', (new Currency('EUR'))->money($costs->total()));
        $one = $costs->total()->dividedBy(10);
        $this->assertSame('6.98', (new Currency('EUR'))->money($one));
        $price = (new Pricing(false, BigRational::of(30), 500))->of($one);
        $this->assertSame('9.50', $price->text());
        $this->assertSame(8, Pricing::even($costs->total(), $price), '7 bring 66.50');
        $this->assertNull(Pricing::even($costs->total(), new Price(0)));
    }

    /** ISO 4217:2015, table A.1, from memory. */
    #[TestWith(['EUR', '12.35'])]
    #[TestWith(['JPY', '12'])]
    #[TestWith(['KWD', '12.345'])]
    public function test_money_has_the_digits_of_its_currency(string $code, string $said): void
    {
        $this->assertSame($said, (new Currency($code))->money(BigRational::of(12345)));
    }

    #[TestWith(['JPY', '250', '250', '250.5'])]
    #[TestWith(['JPY', '250.00', '250', '0.5'])]
    #[TestWith(['EUR', '0.5', '0.50', '0.855'])]
    #[TestWith(['KWD', '0.8550', null, '0.8555'])]
    #[TestWith(['KWD', '0.855', '0.855', '0.0001'])]
    public function test_money_is_typed_with_the_digits_of_its_currency(string $code, string $typed, ?string $said, string $refused): void
    {
        $currency = new Currency($code);
        if ($said !== null) {
            $this->assertSame($said, $currency->text($currency->read($typed)));
        }
        $this->expectException(UnusablePaper::class);
        $currency->read($refused);
    }

    /** At the step nothing is put on; the least beyond it is the next. */
    #[TestWith([false, '0', 5000, '5.00'])]
    #[TestWith([false, '0', 5001, '5.50'])]
    #[TestWith([true, '2.5', 2000, '5.00'])]
    #[TestWith([true, '3', 1667, '5.50'])]
    public function test_prices_are_rounded_up(bool $isFactor, string $margin, int $cost, string $price): void
    {
        $this->assertSame($price, (new Pricing($isFactor, BigRational::of($margin), 500))->of(BigRational::of($cost))->text());
    }

    /** Begun sheets cost what they cost; by what is used, the area of the pieces: never more. */
    public function test_paper_by_what_is_begun_and_by_what_is_used(): void
    {
        $plan = $this->plan(
            'waterfall-wallet',
            ['materials' => ['structure-card' => ['price' => '0.80'], 'mat-base' => ['price' => '0.60']]],
        );
        $begun = (new Costs([]))->paper($plan->stocks, false)->total();
        $used = (new Costs([]))->paper($plan->stocks, true)->total();
        $this->assertTrue($begun->isEqualTo($plan->price()->mills));
        $this->assertTrue($used->isPositive() && $used->isLessThan($begun));
        $area = BigRational::zero();
        foreach ($plan->blueprint->parts as $part) {
            $stock = $plan->stockOf($part->key);
            $area = $area->plus(BigRational::nd($part->size->area() * $part->quantity * $stock->price->mills, $stock->asBought()->area()));
        }
        $this->assertTrue($area->isEqualTo($used), 'the area of all pieces at the price of their paper');
    }
}
