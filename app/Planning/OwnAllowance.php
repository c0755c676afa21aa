<?php

declare(strict_types=1);

namespace App\Planning;

use Ephemeron\Measure\Length;

/** What a maker's trimmer does every time, once they have taken it for an allowance: pieces come so much larger, or smaller. */
final readonly class OwnAllowance
{
    private const KEY = 'own-allowance';

    public function __construct(private Settings $settings)
    {
    }

    public function kept(): ?Length
    {
        $kept = (int) $this->settings->get(self::KEY);

        return $kept === 0 ? null : Length::ofTicks($kept);
    }

    /** @param Length|null $more how much larger pieces come; less than nothing: smaller; null: reckoned with no more */
    public function keep(?Length $more): void
    {
        $more === null ? $this->settings->forget(self::KEY) : $this->settings->put(self::KEY, (string) $more->ticks);
    }
}
