<?php

declare(strict_types=1);

namespace Ephemeron\Fit\Check;

use Ephemeron\Assembly\PouchEdges;
use Ephemeron\Blueprint\Pouch;
use Ephemeron\Fit\Check;
use Ephemeron\Fit\Finding;
use Ephemeron\Fit\Severity;
use Ephemeron\Fit\Workings;

/** A pocket must not open where it is glued, nor where its own fold is. */
final readonly class LeavesStayOpen implements Check
{
    public function examine(Workings $workings): iterable
    {
        $edges = new PouchEdges($workings->blueprint);
        foreach ($workings->blueprint->all(Pouch::class) as $pouch) {
            $problems = $edges->problems($pouch);
            if ($problems !== []) {
                $text = sprintf('%s does not work: %s.', $pouch->name, implode(', ', $problems));
                yield new Finding(Severity::Stop, 'pocket-sealed', $text, face: $pouch->face);
            }
        }
    }
}
