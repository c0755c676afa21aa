<?php

declare(strict_types=1);

namespace Ephemeron\Folding;

use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\Face;

/** The finished book as leaves that turn about its spine, each with the page on its front and the one on its back. */
final readonly class PageTurns
{
    /** More leaves than this are not turned one by one. */
    private const MOST_LEAVES = 45;

    /** @param list<array{Face, Face|null}> $leaves front and back */
    private function __construct(public array $leaves)
    {
    }

    /** @return self|null null for a book that opens in another way, by flaps and fold-outs */
    public static function of(Blueprint $blueprint): ?self
    {
        $pages = array_values($blueprint->pages());
        if ($blueprint->openings() === [] || count($pages) > 2 * self::MOST_LEAVES) {
            return null;
        }
        $leaves = [];
        for ($k = 0; $k < count($pages); $k += 2) {
            $back = $pages[$k + 1] ?? null;
            $facing = $pages[$k + 2] ?? null;
            // The back of a leaf faces the front of the next.
            if ($back !== null && $facing !== null && $blueprint->rightOf($back->key) !== $facing->key) {
                return null;
            }
            $leaves[] = [$pages[$k], $back];
        }

        return new self($leaves);
    }

    /** @return list<SceneStep> one for every leaf */
    public function steps(): array
    {
        $steps = [];
        foreach ($this->leaves as $index => [$front, $back]) {
            $next = $this->leaves[$index + 1][0] ?? null;
            $seen = array_values(array_filter([$back?->name, $next?->name]));
            $steps[] = new SceneStep(
                $index + 1,
                'fold',
                sprintf(
                    '%s turns%s.',
                    $index === 0 ? 'The cover' : $front->name,
                    $seen === [] ? ', and the book lies on its face' : ': '.implode(' and ', array_map(lcfirst(...), $seen)),
                ),
            );
        }

        return $steps;
    }
}
