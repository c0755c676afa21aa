<?php

declare(strict_types=1);

namespace Ephemeron\Folding;

/** A part, or the parts of a book that are glued to each other, as what folds before one's eyes. */
final readonly class Scene
{
    /**
     * @param list<SceneStep> $steps
     * @param list<string> $problems why it does not fold, in words
     */
    public function __construct(
        public string $key,
        public string $name,
        public SceneNode $root,
        public array $steps,
        public array $problems,
    ) {
    }
}
