<?php

declare(strict_types=1);

namespace Ephemeron\Gathering;

/** From a heap of papers to signatures in order. */
final readonly class Gatherer
{
    /** @param array<string, SheetWay> $ways by the key of a paper */
    public function __construct(
        private Template $template,
        private MeetingSchool $school,
        private Ordering $ordering = new Ordering,
        private array $ways = [],
    ) {
    }

    /**
     * Kinds are dealt out to the signatures one by one, so that each gets its share; then every signature is put in order, the second
     * knowing with which leaf the first one ends.
     *
     * @param list<LeafPaper> $heap
     * @param int $signatures 1 to 12
     * @param int $sheets in each
     * @param (\Closure(int, int): void)|null $told signatures done, and all of them
     * @return list<Proposal> one for each signature; fewer sheets where the heap runs out, none where it is empty
     */
    public function gather(
        array $heap,
        int $signatures,
        int $sheets,
        ?Mix $mix = null,
        Wishes $wishes = new Wishes,
        ?\Closure $told = null,
    ): array {
        $mix ??= Mix::from($heap, $signatures * $sheets);
        $dealt = array_fill(0, $signatures, []);
        foreach ($mix->pick($heap, $signatures) as $number => $paper) {
            $way = $this->ways[$paper->key] ?? new SheetWay;
            $dealt[$number % $signatures][] = new Sheet(
                Meeting::of($paper, $this->template, $this->school, $way->height, $way->width, $way->seat),
            );
        }
        $proposals = [];
        $last = null;
        foreach ($dealt as $number => $hand) {
            if ($hand === []) {
                continue;
            }
            $proposal = $this->ordering->propose($this->spread($hand), $number === 0 ? $wishes : new Wishes, $last);
            $proposals[] = $proposal;
            $told?->__invoke($number + 1, $signatures);
            $leaves = $proposal->signature->leaves();
            $last = $leaves[array_key_last($leaves)] ?? $last;
        }

        return $proposals;
    }

    /**
     * Single leaves hang in front of the middle and behind it by turns, so that a signature is as thick on both sides.
     *
     * @param list<Sheet> $sheets
     * @return list<Sheet>
     */
    private function spread(array $sheets): array
    {
        $isAtBack = true;

        return array_map(static function (Sheet $sheet) use (&$isAtBack): Sheet {
            $isAtBack = $sheet->isSingle() ? ! $isAtBack : $isAtBack;

            return $sheet->isSingle() ? new Sheet($sheet->meeting, $sheet->isTurned, $isAtBack) : $sheet;
        }, $sheets);
    }
}
