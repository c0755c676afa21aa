<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/** What has been cut for a book: the plans it was cut by, how far, what was spoiled, and what is left over of it. */
final readonly class AsCut
{
    /**
     * @param list<CutWork> $works the earliest first
     * @param array<string, int> $done cuts made by the key of the sheet; more than there are: all
     * @param array<string, int> $spoiled pieces, by the key of their sheet and what they were cut for: `cut-…-1/page-1/mat-1`
     * @param (\Closure(): array<string, list<Supply>>)|null $leftovers of sheets that are cut to their end, by paper; looked up
     *                                                                only when something is planned anew
     */
    public function __construct(
        public array $works = [],
        public array $done = [],
        public array $spoiled = [],
        private ?\Closure $leftovers = null,
    ) {
    }

    public static function nothing(): self
    {
        return new self;
    }

    /** The same for one paper, where anything of it is cut. */
    public function of(string $paper): ?self
    {
        $works = array_values(array_filter($this->works, static fn (CutWork $work): bool => $work->paper === $paper));
        foreach ($works as $work) {
            foreach ($work->plan->patterns as $pattern) {
                if (isset($this->done[$pattern->key])) {
                    return new self($works, $this->done, $this->spoiled, $this->leftovers);
                }
            }
        }

        return null;
    }

    /**
     * Papers of which something is cut.
     *
     * @return list<string>
     */
    public function papers(): array
    {
        $papers = array_unique(array_map(static fn (CutWork $work): string => $work->paper, $this->works));

        return array_values(array_filter($papers, fn (string $paper): bool => $this->of($paper) !== null));
    }

    /** @return list<Supply> what sheets of a paper that are cut to their end have left over */
    public function leftovers(string $paper): array
    {
        return $this->leftovers === null ? [] : ($this->leftovers)()[$paper] ?? [];
    }

    public function latest(): ?CutWork
    {
        return $this->works[count($this->works) - 1] ?? null;
    }

    /** @return array<string, array{CutSheet, CutWork}> begun sheets with the plan they were begun by, by key */
    public function begun(): array
    {
        $begun = [];
        foreach ($this->works as $work) {
            foreach ($work->plan->patterns as $pattern) {
                if (isset($this->done[$pattern->key]) && ! isset($begun[$pattern->key])) {
                    $begun[$pattern->key] = [new CutSheet($pattern, $this->done[$pattern->key]), $work];
                }
            }
        }

        return $begun;
    }
}
