<?php

declare(strict_types=1);

namespace Ephemeron\Format;

/** A change to a design file by places, `parameters.step` => `3/8`; null takes the place out. */
final readonly class DesignPatch
{
    /** @param array<string, mixed> $changes */
    public function __construct(private array $changes)
    {
    }

    /**
     * @param array<string, mixed> $design
     * @return array<string, mixed> lists without the gaps that taken-out places leave
     */
    public function applyTo(array $design): array
    {
        foreach ($this->changes as $place => $value) {
            $design = $this->put($design, explode('.', $place), $value);
        }
        if (is_array($design['pins'] ?? null)) {
            $design['pins'] = array_values($design['pins']);
        }
        if (is_array($design['leaves'] ?? null) && is_array($design['leaves']['heap'] ?? null)) {
            $design['leaves']['heap'] = array_values($design['leaves']['heap']);
        }

        return $design;
    }

    /**
     * @param array<array-key, mixed> $into
     * @param non-empty-list<string> $place
     * @return array<array-key, mixed>
     */
    private function put(array $into, array $place, mixed $value): array
    {
        $key = $place[0];
        $rest = array_slice($place, 1);
        if ($rest !== []) {
            $inner = $into[$key] ?? [];
            $into[$key] = $this->put(is_array($inner) ? $inner : [], $rest, $value);
        } elseif ($value === null) {
            unset($into[$key]);
        } else {
            $into[$key] = $value;
        }

        return $into;
    }
}
