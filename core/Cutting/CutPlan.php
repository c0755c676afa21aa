<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/** How the pieces of one stock come out of its sheets. */
final readonly class CutPlan
{
    /**
     * @param list<SheetPattern> $patterns
     * @param int $lowerBound fewer sheets than this are impossible
     * @param array<string, int> $missing pieces that did not come out, by demand key: too large for the sheet, or no sheet left
     * @param list<string> $oversize demand keys of pieces that no sheet of this kind can give
     * @param list<string> $loosePins numbers of the pinned sheets on which the pins cannot be kept: beyond the sheet, on each other, or
     *   no straight cuts set them free
     */
    public function __construct(
        public array $patterns,
        public int $lowerBound,
        public array $missing = [],
        public array $oversize = [],
        public array $loosePins = [],
    ) {
    }

    /** With a bound that somebody else has proved, where it is better. */
    public function boundedBy(int $bound): self
    {
        return new self(
            $this->patterns,
            max($this->lowerBound, min($bound, $this->sheets())),
            $this->missing,
            $this->oversize,
            $this->loosePins,
        );
    }

    /** @param array<string, string> $letters of now by those of then */
    public function lettered(array $letters): self
    {
        foreach ($letters as $then => $now) {
            if ((string) $then !== $now) {
                $patterns = array_map(static fn (SheetPattern $pattern): SheetPattern => $pattern->lettered($letters), $this->patterns);
                $oversize = array_map(static fn (string $letter): string => $letters[$letter] ?? $letter, $this->oversize);

                return new self($patterns, $this->lowerBound, SheetPattern::renamed($this->missing, $letters), $oversize, $this->loosePins);
            }
        }

        return $this;
    }

    /** @param list<SheetPattern> $patterns */
    public function withPatterns(array $patterns): self
    {
        return new self($patterns, $this->lowerBound, $this->missing, $this->oversize, $this->loosePins);
    }

    /** @param list<string> $sheets */
    public function withLoosePins(array $sheets): self
    {
        return new self($this->patterns, $this->lowerBound, $this->missing, $this->oversize, $sheets);
    }

    /** New sheets; leftovers do not count. */
    public function sheets(): int
    {
        return array_sum(
            array_map(static fn (SheetPattern $pattern): int => $pattern->supply->isLeftover ? 0 : $pattern->count, $this->patterns),
        );
    }

    /** Price of the new sheets. */
    public function mills(): int
    {
        return array_sum(
            array_map(
                static fn (SheetPattern $pattern): int => $pattern->supply->isLeftover ? 0 : $pattern->count * $pattern->supply->mills,
                $this->patterns,
            ),
        );
    }

    /** Of earlier books and earlier sheets; pieces that are cut again do not count. */
    public function leftovers(): int
    {
        return array_sum(
            array_map(
                static fn (SheetPattern $pattern): int => $pattern->supply->isLeftover && ! $pattern->supply->isCutBefore()
                    ? $pattern->count : 0,
                $this->patterns,
            ),
        );
    }

    /** Whether no plan does with fewer sheets. */
    public function isProved(): bool
    {
        return $this->sheets() === $this->lowerBound;
    }
}
