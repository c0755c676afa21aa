<?php

declare(strict_types=1);

namespace Ephemeron\Fit\Check;

use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\Thing;
use Ephemeron\Design\MatRule;
use Ephemeron\Fit\Check;
use Ephemeron\Fit\Finding;
use Ephemeron\Fit\Mend;
use Ephemeron\Fit\Severity;
use Ephemeron\Fit\Workings;

/** Magnets, ribbons and clips that are set before the mat, on a face that has none: they would stay in sight. */
final readonly class ClosuresGoUnderMats implements Check
{
    private const UNDER = ['magnets', 'ribbon-tie', 'paper-clip', 'swing-tab', 'sleeve-closure'];

    public function examine(Workings $workings): iterable
    {
        foreach ($workings->blueprint->all(Thing::class) as $thing) {
            if (! in_array($thing->kind, self::UNDER, true) || $this->isMatted($workings, $thing->on)) {
                continue;
            }
            yield new Finding(
                Severity::Note,
                'closure-in-sight',
                sprintf(
                    '%s on %s: a mat should cover what is set there, and this face has none. Mat the face, or cover it with a scrap.',
                    $thing->name,
                    lcfirst($workings->blueprint->face($thing->on)->name),
                ),
                face: $thing->on,
                mend: $this->takesMat($workings, $thing->on) ? new Mend('Mat this face', ["mats.faces.{$thing->on}.layers" => 1]) : null,
            );
        }
    }

    /** Whether a mat there would be more than its border. */
    private function takesMat(Workings $workings, string $face): bool
    {
        $mats = $workings->design->mats;
        $size = $workings->blueprint->face($face)->size;
        $one = new MatRule($mats->ruleFor($face)[0], 1);

        return $workings->blueprint->face($face)->takesMat && $one->matsFor($face, $size, $workings->design->unit) !== [];
    }

    private function isMatted(Workings $workings, string $face): bool
    {
        foreach ($workings->blueprint->on($face) as $joint) {
            if ($joint->layer === Layer::Mat || $joint->layer === Layer::Pocket) {
                return true;
            }
        }

        return $workings->stockOf($workings->blueprint->part($workings->blueprint->face($face)->paper->part))->doubleSided === false;
    }
}
