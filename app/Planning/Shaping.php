<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Project;
use Ephemeron\Blueprint\Part;
use Ephemeron\WorkPlan;

/** What is done to a piece on its own, from score to corner, and which of it is ticked. */
final readonly class Shaping
{
    private const STEPS = ['score', 'slit', 'cut-away', 'fold', 'notch', 'trim'];

    /** @return list<string> keys of the steps that shape a part */
    public static function stepsOf(string $part): array
    {
        return array_map(static fn (string $step): string => "{$step}-{$part}", self::STEPS);
    }

    /**
     * @param list<string> $steps
     * @return list<string> those that are ticked
     */
    public static function ticked(Project $project, array $steps): array
    {
        $keys = $project->ticks()->whereIn('key', $steps)->orderBy('key')->pluck('key')->all();

        return array_values(array_filter($keys, is_string(...)));
    }

    /**
     * Steps that were done to pieces which want it elsewhere now.
     *
     * @return list<string> that are ticked
     */
    public static function undoneBy(Project $project, WorkPlan $before, WorkPlan $after): array
    {
        $steps = [];
        foreach ($before->blueprint->parts as $key => $part) {
            $now = $after->blueprint->parts[$key] ?? null;
            if ($now !== null && self::of($part) !== self::of($now)) {
                array_push($steps, ...self::stepsOf($part->key));
            }
        }

        return self::ticked($project, $steps);
    }

    /**
     * Leaves ticked of these steps exactly those.
     *
     * @param array<string, mixed> $state `steps` and `ticked`, as an event keeps them
     */
    public static function put(Project $project, array $state): void
    {
        $steps = is_array($state['steps'] ?? null) ? array_values(array_filter($state['steps'], is_string(...))) : [];
        $ticked = is_array($state['ticked'] ?? null) ? array_values(array_filter($state['ticked'], is_string(...))) : [];
        $project->ticks()->whereIn('key', array_diff($steps, $ticked))->delete();
        foreach ($ticked as $key) {
            $project->ticks()->firstOrCreate(['key' => $key]);
        }
        $project->unsetRelation('ticks');
    }

    private static function of(Part $part): string
    {
        return serialize([$part->size, $part->creases, $part->slits, $part->cutAways, $part->notches, $part->corners]);
    }
}
