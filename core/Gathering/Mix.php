<?php

declare(strict_types=1);

namespace Ephemeron\Gathering;

/**
 * How many sheets of each kind. What is usual is a guide and no law: of twenty sheets five plain, three or four lined, six specialty, three
 * from books, one to three extras; most from the first three (common practice, no published source).
 */
final readonly class Mix
{
    /** Of twenty sheets: at least, usual, at most. */
    private const OF_TWENTY = [
        'plain' => [4, 5, 7],
        'lined' => [3, 4, 5],
        'specialty' => [5, 6, 8],
        'book' => [1, 3, 3],
        'extra' => [1, 2, 3],
    ];

    /** @param array<string, int> $counts sheets by kind */
    private function __construct(private array $counts)
    {
    }

    /** @param array<string, int> $counts by kind; kinds that are not named: none */
    public static function of(array $counts): self
    {
        return new self(array_filter($counts, static fn (int $count): bool => $count > 0));
    }

    /** The usual shares of so many sheets, largest remainders first. */
    public static function usual(int $sheets): self
    {
        $counts = array_fill_keys(array_keys(self::OF_TWENTY), 0);
        $rests = [];
        foreach (self::OF_TWENTY as $kind => [, $usual]) {
            $counts[$kind] = intdiv($usual * $sheets, 20);
            $rests[$kind] = $usual * $sheets % 20;
        }
        arsort($rests);
        foreach (array_slice(array_keys($rests), 0, $sheets - array_sum($counts)) as $kind) {
            $counts[$kind]++;
        }

        return self::of($counts);
    }

    /**
     * The usual shares of what there is; what is missing of one kind is made up from those of which most is left, extras and book pages
     * last.
     *
     * @param list<LeafPaper> $heap
     * @param array<string, int> $wanted sheets by kind, where the maker has said so: as many of it as there are
     */
    public static function from(array $heap, int $sheets, array $wanted = []): self
    {
        $there = array_fill_keys(array_keys(self::OF_TWENTY), 0);
        foreach ($heap as $paper) {
            $there[$paper->kind->value] += $paper->count;
        }
        foreach ($wanted as $kind => $count) {
            $there[$kind] = min($count, $there[$kind]);
        }
        $counts = self::usual($sheets)->counts;
        foreach ($there as $kind => $count) {
            $counts[$kind] = isset($wanted[$kind]) ? $count : min($count, $counts[$kind] ?? 0);
        }
        // What is wanted comes first; the others share what it leaves.
        for ($over = array_sum($counts) - $sheets; $over > 0; $over--) {
            $open = array_diff_key(array_filter($counts), $wanted) ?: $counts;
            arsort($open);
            $counts[(string) array_key_first($open)]--;
        }
        $order = array_keys(self::OF_TWENTY);
        while (array_sum($counts) < min($sheets, array_sum($there))) {
            $open = array_filter($order, static fn (string $kind): bool => $counts[$kind] < $there[$kind]);
            $writable = array_filter($open, static fn (string $kind): bool => ! in_array($kind, ['book', 'extra'], true));
            $kinds = array_values($writable === [] ? $open : $writable);
            usort($kinds, static fn (string $one, string $other): int => $there[$other] - $counts[$other] <=> $there[$one] - $counts[$one]);
            $counts[$kinds[0]]++;
        }

        return self::of($counts);
    }

    public function count(LeafKind $kind): int
    {
        return $this->counts[$kind->value] ?? 0;
    }

    public function total(): int
    {
        return array_sum($this->counts);
    }

    /** @return array{int, int} what is usual of so many sheets, at least and at most */
    public static function range(LeafKind $kind, int $sheets): array
    {
        [$least, , $most] = self::OF_TWENTY[$kind->value];

        return [intdiv($least * $sheets, 20), intdiv($most * $sheets + 19, 20)];
    }

    /**
     * Sheets for it from the heap, evenly from the papers of a kind; of dictionaries and the like one a signature.
     *
     * @param list<LeafPaper> $heap
     * @param int $signatures for which they are
     * @return list<LeafPaper> one entry for each sheet
     */
    public function pick(array $heap, int $signatures = 1): array
    {
        $picked = [];
        foreach (LeafKind::cases() as $kind) {
            $left = [];
            foreach ($heap as $index => $paper) {
                if ($paper->kind === $kind) {
                    $left[$index] = $paper->isReference ? min($signatures, $paper->count) : $paper->count;
                }
            }
            $references = $signatures;
            for ($taken = 0; $taken < $this->count($kind) && array_sum($left) > 0;) {
                foreach ($left as $index => $count) {
                    $isLast = $heap[$index]->isReference && $references === 0;
                    if ($count === 0 || $isLast || $taken === $this->count($kind)) {
                        $left[$index] = $isLast ? 0 : $count;

                        continue;
                    }
                    $references -= $heap[$index]->isReference ? 1 : 0;
                    $picked[] = $heap[$index];
                    $left[$index]--;
                    $taken++;
                }
            }
        }

        return $picked;
    }
}
