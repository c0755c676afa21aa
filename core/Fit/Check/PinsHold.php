<?php

declare(strict_types=1);

namespace Ephemeron\Fit\Check;

use Ephemeron\Design\PinnedPart;
use Ephemeron\Fit\Check;
use Ephemeron\Fit\Finding;
use Ephemeron\Fit\Mend;
use Ephemeron\Fit\Severity;
use Ephemeron\Fit\Workings;

/** A piece pinned to a motif that no straight cut can set free there, or a pin whose piece is not in the book any more. */
final readonly class PinsHold implements Check
{
    public function examine(Workings $workings): iterable
    {
        $pins = $workings->design->pins;
        if ($pins === []) {
            return;
        }
        $gone = array_keys(array_filter($pins, static fn (PinnedPart $pin): bool => ! isset($workings->blueprint->parts[$pin->part])));
        if ($gone !== []) {
            yield new Finding(
                Severity::Note,
                'pin-without-piece',
                count($gone) === 1 ? 'A pin on a paper belongs to a piece that is not in the book any more.' : sprintf(
                    '%d pins on papers belong to pieces that are not in the book any more.',
                    count($gone),
                ),
                mend: new Mend('Take them out', $this->without($pins, $gone)),
            );
        }
        foreach ($workings->stocks as $stock) {
            foreach ($stock->cuts->loosePins as $sheet) {
                yield new Finding(
                    Severity::Watch,
                    'pin-cannot-be-cut',
                    sprintf(
                        '%s: the pieces pinned to sheet %s cannot be cut from there: one lies beyond the sheet, they overlap, or no cut '
                            .'that goes right across sets them free. They are cut from where there is room.',
                        $stock->stock->name,
                        $sheet,
                    ),
                );
            }
        }
    }

    /**
     * @param list<PinnedPart> $pins
     * @param list<int> $gone
     * @return array<string, null>
     */
    private function without(array $pins, array $gone): array
    {
        $changes = [];
        // From the end, so that the places of those before stay what they are.
        foreach (array_reverse($gone) as $index) {
            $changes["pins.{$index}"] = null;
        }

        return $changes;
    }
}
