<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Ephemeron\Paper\UnusablePaper;
use Ephemeron\Selling\Currency;
use Illuminate\Contracts\Validation\ValidationRule;

/** A sum of money, with no more digits than its currency has. */
final readonly class InThisCurrency implements ValidationRule
{
    public function __construct(private Currency $currency, private bool $isMoreThanNothing = false)
    {
    }

    public function validate(string $attribute, mixed $value, \Closure $fail): void
    {
        try {
            $price = $this->currency->read(is_string($value) ? $value : '');
        } catch (UnusablePaper $refusal) {
            $fail($refusal->getMessage());

            return;
        }
        if ($this->isMoreThanNothing && $price->mills === 0) {
            $fail('More than nothing is asked for.');
        }
    }
}
