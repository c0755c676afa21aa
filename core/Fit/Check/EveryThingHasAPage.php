<?php

declare(strict_types=1);

namespace Ephemeron\Fit\Check;

use Ephemeron\Design\Placed;
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
        foreach ($workings->blueprint->homeless as $place) {
            $placed = $this->at($workings->design->furniture, explode('.', $place));
            if ($placed === null) {
                continue;
            }
            yield new Finding(
                Severity::Stop,
                'no-such-page',
                sprintf('A %s is meant for “%s”, and this book has no such face any more.', str_replace('-', ' ', $placed->kind), $placed->on),
                mend: new Mend('Take it out', [$place => null]),
            );

            return;
        }
    }

    /**
     * @param list<Placed> $furniture
     * @param list<string> $steps `furniture`, index, `children`, index …
     */
    private function at(array $furniture, array $steps): ?Placed
    {
        $placed = $furniture[(int) ($steps[1] ?? -1)] ?? null;

        return $placed === null || count($steps) <= 2 ? $placed : $this->at($placed->children, array_slice($steps, 2));
    }
}
