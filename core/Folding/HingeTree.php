<?php

declare(strict_types=1);

namespace Ephemeron\Folding;

/** What hangs on what, when one panel is held. */
final readonly class HingeTree
{
    /**
     * @param array<int, Hinge> $hinges by edge
     * @return array<int, array{int, Hinge}> the panel every other one hangs on, and by which score; nearer ones first
     */
    public static function from(array $hinges, int $base): array
    {
        $parents = [];
        $seen = [$base => true];
        $queue = [$base];
        while ($queue !== []) {
            $face = array_shift($queue);
            foreach ($hinges as $hinge) {
                if ($hinge->one !== $face && $hinge->other !== $face) {
                    continue;
                }
                $other = $hinge->across($face);
                if (! isset($seen[$other])) {
                    $seen[$other] = true;
                    $parents[$other] = [$face, $hinge];
                    $queue[] = $other;
                }
            }
        }

        return $parents;
    }
}
