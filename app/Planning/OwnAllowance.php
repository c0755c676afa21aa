<?php

declare(strict_types=1);

namespace App\Planning;

use Ephemeron\Blueprint\Pouch;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\ToolGrid;

/** What a maker's trimmer does every time, once they have taken it for an allowance: pieces come so much larger, or smaller. */
final readonly class OwnAllowance
{
    private const KEY = 'own-allowance';

    private const PLAY = 'own-insert-play';

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

    /** How much less than their pockets inserts are wanted in new books; null: as usual. */
    public function play(): ?Length
    {
        $kept = (int) $this->settings->get(self::PLAY);

        return $kept === 0 ? null : Length::ofTicks($kept);
    }

    /** @param Length|null $more than usual, to the next sixteenth of an inch that is not less; null: as usual */
    public function keepPlay(?Length $more): void
    {
        $wanted = $more === null ? null : ToolGrid::Sixteenth->up(Pouch::play()->plus($more));
        $wanted === null ? $this->settings->forget(self::PLAY)
            : $this->settings->put(self::PLAY, (string) Length::longest(Length::inches(0, 1, 8), $wanted)->ticks);
    }
}
