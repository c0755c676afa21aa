<?php

declare(strict_types=1);

namespace App\History;

use App\Models\Project;
use App\Planning\Shaping;

/** The design: which of its versions is the one that holds, and what was done to pieces that look otherwise in another. */
final readonly class DesignSlice implements Slice
{
    public const KIND = 'design';

    public function kind(): string
    {
        return self::KIND;
    }

    public function put(Project $project, array $state): void
    {
        $number = is_int($state['version'] ?? null) ? $state['version'] : 0;
        $project->goTo($number) || throw CannotTakeBack::tooLongAgo();
        Shaping::put($project, $state);
    }
}
