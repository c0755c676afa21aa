<?php

declare(strict_types=1);

namespace Ephemeron\Assembly;

use Ephemeron\Blueprint\Face;
use Ephemeron\Folding\PosedLeaf;
use Ephemeron\Folding\SceneBuilder;
use Ephemeron\Folding\ScenePose;

/**
 * Whether the prints of a book that is glued together stand as its faces say, across all pieces between them. Looked at while the book
 * lies open and nothing is folded; where a fold that lies level is between a face and what all else hangs on, the folding itself tells,
 * and it is left out.
 */
final readonly class Uprights
{
    /** Of the last rule: what is told is not what comes about. */
    private const RULE = 8;

    public function __construct(private SceneBuilder $scenes)
    {
    }

    /**
     * @param iterable<Face> $faces
     * @return list<Complaint>
     */
    public function lookAt(iterable $faces): array
    {
        $scene = $this->scenes->scene(SceneBuilder::BOOK);
        if ($scene === null) {
            return [];
        }
        $glued = count(array_filter($scene->steps, static fn ($step): bool => $step->kind === 'glue'));
        $leaves = [];
        foreach (ScenePose::of($scene, $glued)->leaves as $leaf) {
            $leaves["{$leaf->node->part->key}/{$leaf->node->panel}"][] = $leaf;
        }
        $ups = [];
        foreach ($faces as $face) {
            // What turns about a level line of its own is read the other way up on its other side.
            if ($face->turns && $face->hinge?->isUpright() === false) {
                continue;
            }
            $ups[] = [$face, array_unique(array_map(
                static fn (PosedLeaf $leaf): ?array => $leaf->up($face->paper->side, $face->lie),
                $leaves["{$face->paper->part}/{$face->paper->panel}"] ?? [],
            ), SORT_REGULAR)];
        }
        $known = array_values(array_filter($ups, static fn (array $each): bool => $each[1] !== [] && ! in_array(null, $each[1], true)));
        // As a face of which there is one is held, all are. Of several alike one is that of this face.
        $single = array_values(array_filter($known, static fn (array $each): bool => count($each[1]) === 1));
        $book = array_values($single[0][1] ?? $known[0][1] ?? [null])[0];
        $fallen = array_filter($known, static fn (array $each): bool => ! in_array($book, $each[1], true));

        return array_map(static fn (array $each): Complaint => new Complaint(
            self::RULE,
            null,
            sprintf('The print of %s is said to lie %s, and does not.', lcfirst($each[0]->name), $each[0]->lie->label()),
        ), array_values($fallen));
    }
}
