<?php

declare(strict_types=1);

namespace Ephemeron\Fit\Check;

use Ephemeron\Assembly\Complaint;
use Ephemeron\Assembly\Table;
use Ephemeron\Fit\Check;
use Ephemeron\Fit\Finding;
use Ephemeron\Fit\Severity;
use Ephemeron\Fit\Workings;

/** Rehearses the whole book on a table: a step that can not be done in the order in which it is told, a piece that nothing is done with. */
final readonly class ComesTogether implements Check
{
    /** What a leaf’s own fold shuts is judged by itself. */
    private const POUCHES = 6;

    public function examine(Workings $workings): iterable
    {
        $complaints = array_filter(
            Table::rehearse($workings->blueprint, $workings->jobs),
            static fn (Complaint $complaint): bool => $complaint->rule !== self::POUCHES || $complaint->job !== null,
        );
        foreach ($complaints as $complaint) {
            $task = $workings->blueprint->tasks[explode('~', $complaint->job ?? '')[0]] ?? null;
            yield new Finding(
                Severity::Stop,
                'does-not-come-together',
                $task === null ? $complaint->sentence : "“{$task->title}” can not be done when its turn comes. {$complaint->sentence}",
                face: $task?->face,
            );
        }
    }
}
