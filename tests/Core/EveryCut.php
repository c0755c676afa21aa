<?php

declare(strict_types=1);

namespace Tests\Core;

/** Tries all there is, of a few pieces and a small sheet: every way to share the pieces out, and every cut of every rectangle at every mark. */
final readonly class EveryCut
{
    /**
     * @param int $sheet its side
     * @param int $narrowest strip that comes off
     */
    public function __construct(private int $sheet, private bool $turnable, private int $narrowest = 1)
    {
    }

    /** @param list<array{int, int}> $sides width and height of each piece */
    public function least(array $sides): int
    {
        $fits = [];
        $fewest = [0 => 0];
        for ($set = 1; $set < 1 << count($sides); $set++) {
            $fewest[$set] = PHP_INT_MAX;
            for ($part = $set; $part > 0; $part = ($part - 1) & $set) {
                if ($fewest[$set ^ $part] < PHP_INT_MAX - 1
                    && ($fits[$part] ??= $this->comesOut($this->among($sides, $part), $this->sheet, $this->sheet))) {
                    $fewest[$set] = min($fewest[$set], 1 + $fewest[$set ^ $part]);
                }
            }
        }

        return $fewest[(1 << count($sides)) - 1];
    }

    /** @param list<array{int, int}> $pieces */
    private function comesOut(array $pieces, int $width, int $height): bool
    {
        if (array_sum(array_map(static fn (array $piece): int => $piece[0] * $piece[1], $pieces)) > $width * $height) {
            return false;
        }
        if (count($pieces) === 1) {
            [$w, $h] = $pieces[0];

            return $this->isClean($width - $w, $height - $h) || ($this->turnable && $this->isClean($width - $h, $height - $w));
        }
        for ($share = 1; $share < (1 << count($pieces)) - 1; $share += 2) {
            [$these, $those] = [$this->among($pieces, $share), $this->among($pieces, ~$share)];
            for ($at = $this->narrowest; $at <= $width - $this->narrowest; $at++) {
                if ($this->comesOut($these, $at, $height) && $this->comesOut($those, $width - $at, $height)) {
                    return true;
                }
            }
            for ($at = $this->narrowest; $at <= $height - $this->narrowest; $at++) {
                if ($this->comesOut($these, $width, $at) && $this->comesOut($those, $width, $height - $at)) {
                    return true;
                }
            }
        }

        return false;
    }

    private function isClean(int ...$rests): bool
    {
        return array_filter($rests, fn (int $rest): bool => $rest !== 0 && $rest < $this->narrowest) === [];
    }

    /**
     * @param list<array{int, int}> $pieces
     * @return list<array{int, int}>
     */
    private function among(array $pieces, int $set): array
    {
        return array_values(array_filter($pieces, static fn (int $piece): bool => ($set >> $piece & 1) === 1, ARRAY_FILTER_USE_KEY));
    }
}
