<?php

declare(strict_types=1);

namespace App\Planning;

use Brick\Math\BigRational;
use Ephemeron\Paper\Price;
use Ephemeron\Selling\Currency;
use Ephemeron\Selling\Pricing;

/** How a maker reckons, chosen once for all books. */
final readonly class Asking
{
    /** What is asked for, with what it is at first. */
    public const USUAL = [
        'currency' => 'EUR', 'rate' => '12.00', 'fee' => '0', 'pieces' => '20', 'way' => 'plus', 'margin' => '30', 'step' => '0.50',
        'paper' => 'begun', 'minutes' => '',
    ];

    private const KEY = 'asking.';

    /** @param array<string, string> $said */
    private function __construct(public array $said)
    {
    }

    public static function kept(Settings $settings): self
    {
        return new self([...self::USUAL, ...$settings->beginning(self::KEY)]);
    }

    /** @param array<string, string> $said */
    public static function keep(Settings $settings, array $said): void
    {
        foreach (array_intersect_key($said, self::USUAL) as $key => $value) {
            $settings->put(self::KEY.$key, $value);
        }
    }

    public function price(string $key): Price
    {
        return Price::parse($this->said[$key] ?? '0');
    }

    public function pricing(): Pricing
    {
        return new Pricing(
            $this->said['way'] === 'factor',
            BigRational::of(str_replace(',', '.', $this->said['margin'])),
            max(1, $this->price('step')->mills),
        );
    }

    public function currency(): Currency
    {
        return new Currency($this->said['currency']);
    }

    public function isByUse(): bool
    {
        return $this->said['paper'] === 'used';
    }
}
