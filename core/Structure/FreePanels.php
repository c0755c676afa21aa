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
