<?php

declare(strict_types=1);

namespace App\History;

use App\Models\Project;
use App\Planning\Ticking;

/** What is ticked of one step: the step, and its places. */
final readonly class TickSlice implements Slice
{
    public const KIND = 'tick';

    public function __construct(private Ticking $ticking)
    {
    }

    public function kind(): string
    {
        return self::KIND;
    }

    public function put(Project $project, array $state): void
    {
        $keys = is_array($state['keys'] ?? null) ? array_values(array_filter($state['keys'], is_string(...))) : [];
        $this->ticking->put($project, is_string($state['step'] ?? null) ? $state['step'] : '', $keys);
    }
}
