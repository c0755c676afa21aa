<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Setting;
use Ephemeron\Measure\Length;

/** What a maker's trimmer does every time, once they have taken it for an allowance: pieces come so much larger, or smaller. */
final readonly class OwnAllowance
{
    private const KEY = 'own-allowance';

    public static function kept(): ?Length
    {
        $kept = Setting::query()->find(self::KEY);

        return $kept === null || (int) $kept->value === 0 ? null : Length::ofTicks((int) $kept->value);
    }

    /** @param Length|null $more how much larger pieces come; less than nothing: smaller; null: reckoned with no more */
    public static function keep(?Length $more): void
    {
        $more === null ? Setting::query()->whereKey(self::KEY)->delete()
            : Setting::query()->updateOrCreate(['key' => self::KEY], ['value' => (string) $more->ticks]);
    }
}
