<?php

declare(strict_types=1);

namespace Ephemeron\Fit\Check;

use Ephemeron\Fit\Check;
use Ephemeron\Fit\Finding;
use Ephemeron\Fit\Mend;
use Ephemeron\Fit\Severity;
use Ephemeron\Fit\Workings;

/** Things left on pages that the book no longer has: nothing is thrown away without asking. */
final readonly class EveryThingHasAPage implements Check
{
    public function examine(Workings $workings): iterable
    {
        $pages = $workings->blueprint->pages();
        foreach ($workings->design->furniture as $index => $placed) {
            if (! isset($pages[$placed->on])) {
                yield new Finding(
                    Severity::Stop,
                    'no-such-page',
                    "A {$placed->kind} is meant for “{$placed->on}”, and this book has no such page any more.",
                    mend: new Mend('Take it out', ["furniture.{$index}" => null]),
                );

                return;
            }
        }
    }
}
