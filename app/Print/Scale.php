<?php

declare(strict_types=1);

namespace App\Print;

/** How much smaller than life a mock-up is. */
final readonly class Scale
{
    private function __construct(public float $factor, private string $written)
    {
    }

    /** @return self|null `1/4`, `0.3`, `25 %`; null for what is none of these, or not from a twentieth to full size */
    public static function tryParse(string $text): ?self
    {
        $plain = str_replace([',', '¼', '½', '⅓', ' '], ['.', '1/4', '1/2', '1/3', ''], trim($text));
        $factor = match (true) {
            preg_match('~^(\d{1,2})/(\d{1,2})$~', $plain, $found) === 1 && (int) $found[2] > 0 => (int) $found[1] / (int) $found[2],
            preg_match('/^(\d{1,3}(?:\.\d{1,3})?)%$/', $plain, $found) === 1 => (float) $found[1] / 100,
            preg_match('/^\d?(?:\.\d{1,4})?$/', $plain) === 1 && $plain !== '' => (float) $plain,
            default => 0.0,
        };

        return $factor < 0.05 || $factor > 1.0 ? null : new self($factor, $plain);
    }

    public function text(): string
    {
        return $this->factor === 0.25 ? '¼ of its size' : "{$this->written} of its size";
    }
}
