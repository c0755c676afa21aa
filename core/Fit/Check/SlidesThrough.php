<?php

declare(strict_types=1);

namespace Ephemeron\Fit\Check;

use Ephemeron\Blueprint\Slide;
use Ephemeron\Fit\Check;
use Ephemeron\Fit\Finding;
use Ephemeron\Fit\Mend;
use Ephemeron\Fit\Severity;
use Ephemeron\Fit\Workings;

/** Something that is too broad for the band, sleeve or anchor it moves through. */
final readonly class SlidesThrough implements Check
{
    public function examine(Workings $workings): iterable
    {
        $notation = $workings->notation();
        foreach ($workings->blueprint->all(Slide::class) as $slide) {
            $most = $slide->room->minus($slide->play);
            if ($most->isAtLeast($slide->breadth)) {
                continue;
            }
            yield new Finding(
                Severity::Stop,
                'does-not-slide',
                sprintf(
                    '%s is %s, %s leaves %s: it will not slide. Make it %s.',
                    $slide->what,
                    $notation->text($slide->breadth),
                    $slide->through,
                    $notation->text($slide->room),
                    $notation->text($most),
                ),
                face: $slide->face,
                mend: $slide->place === null || ! $most->isPositive() ? null : new Mend(
                    "Make it {$notation->text($most)}",
                    [$slide->place => $notation->exact($most)],
                ),
            );
        }
    }
}
