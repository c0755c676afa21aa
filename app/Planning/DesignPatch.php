<?php

declare(strict_types=1);

namespace App\Planning;

use Illuminate\Support\Arr;

/** A change to a stored design by places, `parameters.step` => `3/8`; null takes the place out. */
final readonly class DesignPatch
{
    /** @param array<string, mixed> $changes */
    public function __construct(private array $changes)
    {
    }

    /**
     * @param array<string, mixed> $design
     * @return array<string, mixed>
     */
    public function applyTo(array $design): array
    {
        foreach ($this->changes as $place => $value) {
            if ($value === null) {
                Arr::forget($design, $place);
            } else {
                Arr::set($design, $place, $value);
            }
        }
        if (isset($design['furniture']) && is_array($design['furniture'])) {
            $design['furniture'] = array_values($design['furniture']);
        }

        return $design;
    }
}
