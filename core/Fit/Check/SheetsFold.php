<?php

declare(strict_types=1);

namespace Ephemeron\Fit\Check;

use Ephemeron\Blueprint\Panel;
use Ephemeron\Blueprint\Part;
use Ephemeron\Fit\Check;
use Ephemeron\Fit\Finding;
use Ephemeron\Fit\Severity;
use Ephemeron\Fit\Workings;
use Ephemeron\Folding\CreasePattern;
use Ephemeron\Folding\Folder;

/**
 * A fold in the wrong order or direction, layers that would have to pass through each other, a panel wider than what it must lie in:
 * found by folding the piece.
 */
final readonly class SheetsFold implements Check
{
    public function examine(Workings $workings): iterable
    {
        foreach ($workings->blueprint->parts as $part) {
            if ($this->foldsForSure($part)) {
                continue;
            }
            foreach ((new Folder)->fold(CreasePattern::of($part))->problems as $problem) {
                yield new Finding(Severity::Watch, 'does-not-fold', "{$part->letter}, {$part->name}: {$problem}", $part->key);
            }
        }
    }

    /** One fold, or a gusset between two leaves: nothing can be in its way. */
    private function foldsForSure(Part $part): bool
    {
        if ($part->slits !== [] || $part->cutAways !== []) {
            return false;
        }
        $stands = array_filter($part->panels, static fn (Panel $panel): bool => $panel->kind->stands());

        return count($part->creases) <= 1
            || (count($part->creases) === 2 && $stands !== [] && $part->creases[0]->along() !== null
            && $part->creases[0]->along() === $part->creases[1]->along());
    }
}
