<?php

declare(strict_types=1);

namespace Ephemeron\Fit\Check;

use Ephemeron\Blueprint\Act\Act;
use Ephemeron\Blueprint\Act\Fasten;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\Task;
use Ephemeron\Fit\Check;
use Ephemeron\Fit\Finding;
use Ephemeron\Fit\Mend;
use Ephemeron\Fit\Severity;
use Ephemeron\Fit\Workings;

/** A ribbon under a cover mat that is not there. */
final readonly class RibbonIsCovered implements Check
{
    public function examine(Workings $workings): iterable
    {
        foreach ($this->covers($workings) as $cover) {
            foreach ($workings->blueprint->on($cover) as $joint) {
                if ($joint->layer === Layer::Mat) {
                    continue 2;
                }
            }
            $name = lcfirst($workings->blueprint->face($cover)->name);
            yield new Finding(
                Severity::Watch,
                'ribbon-shows',
                "The ribbon is taped across the {$name}, and no mat covers the tape.",
                face: $cover,
                mend: new Mend("Mat the {$name}", ["mats.faces.{$cover}.layers" => 1]),
            );
        }
    }

    /** @return list<string> covers a ribbon of the structure is taped to */
    private function covers(Workings $workings): array
    {
        $acts = array_merge(...array_map(static fn (Task $task): array => $task->acts, array_values($workings->blueprint->tasks)));
        $ribbons = array_filter($acts, static fn (Act $act): bool => $act instanceof Fasten && $act->what === 'the ribbon');

        return array_values(array_map(static fn (Fasten $act): string => $act->face, $ribbons));
    }
}
