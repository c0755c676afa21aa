<?php

declare(strict_types=1);

namespace Ephemeron\Fit\Check;

use Ephemeron\Blueprint\Magnet;
use Ephemeron\Design\Allowances;
use Ephemeron\Fit\Check;
use Ephemeron\Fit\Finding;
use Ephemeron\Fit\Mend;
use Ephemeron\Fit\Severity;
use Ephemeron\Fit\Workings;

/**
 * One pair of magnets leaves the ends of a wide flap lifted: two when it is wider than about 6 in (12½ cm). A small pair pulls through
 * about three layers of card; beyond that it is doubled. Common practice, no published source.
 */
final readonly class MagnetsHold implements Check
{
    private const LAYERS_A_PAIR = 3;

    public function examine(Workings $workings): iterable
    {
        $notation = $workings->notation();
        $wide = (new Allowances($notation->unit))->wideFlap();
        foreach ($workings->blueprint->all(Magnet::class) as $magnet) {
            $place = str_starts_with($magnet->place, 'things.') ? $magnet->place : null;
            if ($magnet->pairs === 1 && $magnet->across->isMoreThan($wide)) {
                yield new Finding(
                    Severity::Watch,
                    'one-magnet',
                    sprintf(
                        '%s: one pair on %s leaves the ends lifted. Take two pairs beyond %s.',
                        $magnet->name,
                        $notation->text($magnet->across),
                        $notation->text($wide),
                    ),
                    face: $magnet->face,
                    mend: $place === null ? null : new Mend('Take two pairs', [$place => 2]),
                );
            }
            $most = self::LAYERS_A_PAIR * $magnet->pairs;
            $layers = intdiv($magnet->between->ticks, max(1, $magnet->layer->ticks));
            if ($layers > $most) {
                $pairs = intdiv($layers + self::LAYERS_A_PAIR - 1, self::LAYERS_A_PAIR);
                yield new Finding(
                    Severity::Watch,
                    'magnets-weak',
                    sprintf(
                        '%s: %d layers lie between the two of a pair, and a small pair pulls through about %d. Double them, or set them '
                            .'nearer.',
                        $magnet->name,
                        $layers,
                        self::LAYERS_A_PAIR,
                    ),
                    face: $magnet->face,
                    mend: $place === null || $pairs > 4 ? null : new Mend("Take {$pairs} pairs", [$place => $pairs]),
                );
            }
        }
    }
}
