<?php

declare(strict_types=1);

namespace Ephemeron\Fit\Check;

use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Fit\Check;
use Ephemeron\Fit\Finding;
use Ephemeron\Fit\Severity;
use Ephemeron\Fit\Workings;

/** Borders so wide that nothing of the mat is left. */
final readonly class MatsLeaveSomething implements Check
{
    public function examine(Workings $workings): iterable
    {
        foreach ($workings->blueprint->pages() as $face) {
            [$school, $layers] = $workings->design->mats->ruleFor($face->key);
            $mats = array_filter($workings->blueprint->on($face->key), static fn (Joint $joint): bool => $joint->layer === Layer::Mat);
            if (count($mats) >= $layers) {
                continue;
            }
            yield new Finding(
                Severity::Watch,
                'mat-too-small',
                sprintf(
                    '%s is %s: with a border of %s there is no room for %s.',
                    $face->name,
                    $workings->notation()->size($face->size),
                    $workings->notation()->text($school->border($workings->design->unit)),
                    $mats === [] ? 'a mat' : 'the second mat',
                ),
                face: $face->key,
            );

            return;
        }
    }
}
