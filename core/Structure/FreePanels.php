<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

use Ephemeron\Blueprint\Fold;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Unit;
use Ephemeron\Refusal;

/**
 * Panels of a blank along one side: `1 1/2 + 1/2 ^ 8*`. A + is a valley, a ^ a mountain, a | a border without a score of its own, a star
 * marks a tab that is glued.
 */
final readonly class FreePanels
{
    private const MOST = 24;

    /**
     * @param non-empty-list<Length> $lengths
     * @param list<Fold|null> $folds between them; null: no score
     * @param list<bool> $tabs
     */
    private function __construct(public array $lengths, public array $folds, public array $tabs)
    {
    }

    /** @throws Refusal */
    public static function parse(string $text, Unit $unit): self
    {
        $tokens = preg_split('/([+^|])/u', $text, -1, PREG_SPLIT_DELIM_CAPTURE) ?: [];
        $lengths = [];
        $folds = [];
        $tabs = [];
        foreach ($tokens as $index => $token) {
            if ($index % 2 === 1) {
                $folds[] = match ($token) {
                    '+' => Fold::Valley,
                    '^' => Fold::Mountain,
                    default => null,
                };

                continue;
            }
            $isTab = str_ends_with(trim($token), '*');
            try {
                $length = Length::parse(rtrim(trim($token), '* '), $unit);
            } catch (Refusal) {
                throw UnreadableLayout::panels($text);
            }
            $lengths[] = $length->isPositive() ? $length : throw UnreadableLayout::notPositive($text);
            $tabs[] = $isTab;
        }
        if ($lengths === []) {
            throw UnreadableLayout::panels($text);
        }
        if (count($lengths) > self::MOST) {
            throw UnreadableLayout::tooMany(self::MOST);
        }
        $panels = new self($lengths, $folds, $tabs);

        return $panels->total()->isMoreThan(Length::inches(48)) ? throw UnreadableLayout::tooLarge('48 in (122 cm)') : $panels;
    }

    /** @return list<Length> where the panels end but the last, from the beginning */
    public function scores(): array
    {
        $scores = [];
        $at = Length::zero();
        foreach (array_slice($this->lengths, 0, -1) as $length) {
            $scores[] = $at = $at->plus($length);
        }

        return $scores;
    }

    /** Number of the panel in which a place lies, from 1; none where it lies on a score, or outside. */
    public function panelAt(Length $at): ?int
    {
        $from = Length::zero();
        foreach ($this->lengths as $index => $length) {
            $to = $from->plus($length);
            if ($at->isMoreThan($from) && $at->isLessThan($to)) {
                return $index + 1;
            }
            $from = $to;
        }

        return null;
    }

    /**
     * With one score more.
     *
     * @param Fold|null $fold null: a border without a score
     *
     * @throws UnreadableLayout where one is there already, or where there is no panel
     */
    public function split(Length $at, ?Fold $fold): self
    {
        $panel = $this->panelAt($at) ?? throw UnreadableLayout::noPlaceForAScore();
        if ($this->count() === self::MOST) {
            throw UnreadableLayout::tooMany(self::MOST);
        }
        $from = $this->scores()[$panel - 2] ?? Length::zero();
        $length = $this->lengths[$panel - 1];
        $one = $at->minus($from);

        return new self(
            self::spliced($this->lengths, $panel - 1, 1, [$one, $length->minus($one)]),
            self::spliced($this->folds, $panel - 1, 0, [$fold]),
            self::spliced($this->tabs, $panel - 1, 1, [$this->tabs[$panel - 1], $this->tabs[$panel - 1]]),
        );
    }

    /**
     * One score further along; it does not pass its neighbours.
     *
     * @param int $score from 1
     *
     * @throws UnreadableLayout
     */
    public function moved(int $score, Length $to): self
    {
        $this->check($score);
        $from = $this->scores()[$score - 2] ?? Length::zero();
        $next = $this->scores()[$score] ?? $this->total();
        if (! $to->isMoreThan($from) || ! $to->isLessThan($next)) {
            throw UnreadableLayout::noPlaceForAScore();
        }

        return new self(
            self::spliced($this->lengths, $score - 1, 2, [$to->minus($from), $next->minus($to)]),
            $this->folds,
            $this->tabs,
        );
    }

    /** @throws UnreadableLayout */
    public function folding(int $score, ?Fold $fold): self
    {
        $this->check($score);

        return new self($this->lengths, self::spliced($this->folds, $score - 1, 1, [$fold]), $this->tabs);
    }

    /**
     * Without a score: its two panels are one.
     *
     * @throws UnreadableLayout
     */
    public function joined(int $score): self
    {
        $this->check($score);

        return new self(
            self::spliced($this->lengths, $score - 1, 2, [$this->lengths[$score - 1]->plus($this->lengths[$score])]),
            self::spliced($this->folds, $score - 1, 1, []),
            self::spliced($this->tabs, $score - 1, 2, [$this->tabs[$score - 1] && $this->tabs[$score]]),
        );
    }

    /** A panel that is a tab to be glued, or is none any more. */
    public function tabbed(int $panel): self
    {
        return isset($this->tabs[$panel - 1])
            ? new self($this->lengths, $this->folds, self::spliced($this->tabs, $panel - 1, 1, [! $this->tabs[$panel - 1]])) : $this;
    }

    /**
     * As long as that in all: its last panel takes the rest.
     *
     * @throws UnreadableLayout where nothing would be left of it
     */
    public function inAll(Length $total): self
    {
        $last = $total->minus(Length::zero()->plus(...array_slice($this->lengths, 0, -1)));
        if (! $last->isPositive() || $total->isMoreThan(Length::inches(48))) {
            throw $last->isPositive() ? UnreadableLayout::tooLarge('48 in (122 cm)') : UnreadableLayout::noPlaceForAScore();
        }

        return new self(self::spliced($this->lengths, $this->count() - 1, 1, [$last]), $this->folds, $this->tabs);
    }

    private function check(int $score): void
    {
        if ($score < 1 || $score >= $this->count()) {
            throw UnreadableLayout::noPlaceForAScore();
        }
    }

    /**
     * @template T
     *
     * @param list<T> $list
     * @param list<T> $with
     * @return ($list is non-empty-list<Length> ? non-empty-list<T> : list<T>)
     */
    private static function spliced(array $list, int $at, int $taken, array $with): array
    {
        return [...array_slice($list, 0, $at), ...$with, ...array_slice($list, $at + $taken)];
    }

    public function total(): Length
    {
        return Length::zero()->plus(...$this->lengths);
    }

    public function count(): int
    {
        return count($this->lengths);
    }

    public function written(Unit $unit): string
    {
        $notation = Notation::usual($unit);
        $text = '';
        foreach ($this->lengths as $index => $length) {
            $join = $index === 0 ? '' : match ($this->folds[$index - 1]) {
                Fold::Mountain => ' ^ ',
                null => ' | ',
                default => ' + ',
            };
            $text .= $join.$notation->exact($length).($this->tabs[$index] ? '*' : '');
        }

        return $text;
    }

    /** @return non-empty-array<string, Length> by number, from 1 */
    public function numbered(string $letter): array
    {
        $spans = [];
        foreach ($this->lengths as $index => $length) {
            $spans[$letter.($index + 1)] = $length;
        }

        return $spans;
    }
}
