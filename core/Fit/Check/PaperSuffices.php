<?php

declare(strict_types=1);

namespace Ephemeron\Fit\Check;

use Ephemeron\Fit\Check;
use Ephemeron\Fit\Finding;
use Ephemeron\Fit\Mend;
use Ephemeron\Fit\Severity;
use Ephemeron\Fit\Workings;

/** Running out of a pattern one piece before the end. */
final readonly class PaperSuffices implements Check
{
    public function examine(Workings $workings): iterable
    {
        foreach ($workings->stocks as $stock) {
            $missing = array_diff_key($stock->cuts->missing, array_flip($stock->cuts->oversize));
            if ($missing === []) {
                continue;
            }
            $pieces = [];
            foreach ($missing as $letter => $count) {
                $pieces[] = "{$count} of {$letter}";
            }
            yield new Finding(
                Severity::Stop,
                'paper-runs-out',
                sprintf(
                    'You have %d %s of %s; the pieces want at least %d. Left without paper: %s.',
                    $stock->stock->available ?? 0,
                    $stock->stock->available === 1 ? 'sheet' : 'sheets',
                    $stock->stock->name,
                    max($stock->cuts->lowerBound, ($stock->stock->available ?? 0) + 1),
                    implode(', ', $pieces),
                ),
                mend: $stock->roles === [] ? null : new Mend(
                    'Plan as if more were bought',
                    array_fill_keys(array_map(static fn (string $role): string => "materials.{$role}.count", $stock->roles), ''),
                ),
            );
        }
    }
}
