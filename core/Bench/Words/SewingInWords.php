<?php

declare(strict_types=1);

namespace Ephemeron\Bench\Words;

use Ephemeron\Binding\Passage;
use Ephemeron\Binding\Sew;
use Ephemeron\Measure\Notation;

/** Hole by hole: the side the needle goes to, and which hole, counted from the head; a line for every signature it goes through. */
final readonly class SewingInWords
{
    public function __construct(private Notation $notation)
    {
    }

    /** @return list<string> */
    public function lines(Sew $act): array
    {
        $ways = [];
        foreach ($act->walk->passages as $passage) {
            $ways[$passage->signature][] = self::passage($passage);
        }
        $thread = $this->notation->text($act->thread).' of thread'.($act->times > 1 ? ' for each signature' : '');
        $first = implode(', ', array_shift($ways) ?? []);
        if ($ways === []) {
            $end = $this->comesBack($act) ? 'The tails on either side of the long stitch, a knot.' : self::tight();

            return ["{$thread}: {$first}. {$end}"];
        }
        $lines = ["{$thread}. Signature 1: {$first}."];
        foreach ($ways as $index => $way) {
            $lines[] = 'Over to signature '.($index + 2).': '.implode(', ', $way).'.';
        }

        return [...$lines, self::tight()];
    }

    private static function passage(Passage $passage): string
    {
        return ($passage->isOutwards ? 'out' : 'in').' through '.($passage->station + 1);
    }

    /** As a pamphlet stitch does: both tails hang at one hole. */
    private function comesBack(Sew $act): bool
    {
        $passages = $act->walk->passages;

        return $passages[0]->station === $passages[count($passages) - 1]->station;
    }

    private static function tight(): string
    {
        return 'Pull it tight all along; the tails are knotted to their first stitches.';
    }
}
