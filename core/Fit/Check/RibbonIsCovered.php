<?php

declare(strict_types=1);

namespace Ephemeron\Fit\Check;

use Ephemeron\Blueprint\Layer;
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
        if (! isset($workings->blueprint->tasks['ribbon'])) {
            return;
        }
        foreach (['front-cover', 'back-cover'] as $cover) {
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
}
