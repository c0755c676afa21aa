<?php

declare(strict_types=1);

namespace Ephemeron\Gathering;

/**
 * Puts the sheets of a signature in order so that the rules are broken as little as can be. Sheets are laid from the outside in; each adds
 * a leaf behind the last one in front and one before the last one at the back, so that what it costs is known at once. Branches that
 * cannot become better than what was found are cut off: by what is spent, and by what the sheets that are left must cost whatever their
 * order. When nothing is left to look at the answer is proven.
 */
final class Ordering
{
    private OrderCost $costs;

    /** @var list<Sheet> */
    private array $best = [];

    private int $least = PHP_INT_MAX;

    private int $looked = 0;

    /** @param int $patience so many places are looked at, at most; about as many as take a quarter of a second */
    public function __construct(private readonly int $patience = 30_000)
    {
        $this->costs = new OrderCost;
    }

    /**
     * @param list<Sheet> $sheets in any order, at least one
     * @param Leaf|null $before the leaf that comes before the signature, where there is one
     */
    public function propose(array $sheets, Wishes $wishes = new Wishes, ?Leaf $before = null): Proposal
    {
        [$this->best, $this->least, $this->looked] = [[], PHP_INT_MAX, 0];
        [$outside, $free, $inside] = $this->wished($sheets, $wishes);
        $chain = new Chain($before === null ? [] : [$before], []);
        $cost = 0;
        foreach ($outside as $sheet) {
            [$chain, $more] = $this->laid($chain, $sheet);
            $cost += $more;
        }
        $this->search($outside, $chain, $cost, $free, $inside);
        $signature = new Signature($this->best);

        return new Proposal($signature, $this->least, $this->costs->broken($signature), $this->looked < $this->patience);
    }

    /**
     * @param list<Sheet> $sheets
     * @return array{list<Sheet>, list<Sheet>, list<Sheet>} from the outside in: what is chosen there, what is free, what is chosen for the
     *     middle
     */
    private function wished(array $sheets, Wishes $wishes): array
    {
        $outside = [];
        foreach ([$wishes->first, $wishes->second] as $wish) {
            $sheet = $this->take($sheets, $wish);
            $outside = $sheet === null ? $outside : [...$outside, $sheet];
        }
        $middle = $this->take($sheets, $wishes->middle);

        return [$outside, $sheets, $middle === null ? [] : [$middle]];
    }

    /** @param list<Sheet> $sheets */
    private function take(array &$sheets, ?string $paper): ?Sheet
    {
        foreach ($sheets as $index => $sheet) {
            if ($paper !== null && $sheet->meeting->paper->key === $paper) {
                array_splice($sheets, $index, 1);

                return $sheet;
            }
        }

        return null;
    }

    /**
     * @param list<Sheet> $laid
     * @param list<Sheet> $free
     * @param list<Sheet> $inside
     */
    private function search(array $laid, Chain $chain, int $cost, array $free, array $inside): void
    {
        if ($free === []) {
            foreach ($inside as $sheet) {
                [$chain, $more] = $this->laid($chain, $sheet);
                $cost += $more;
            }
            $cost += $this->shut($chain);
            if ($cost < $this->least) {
                [$this->least, $this->best] = [$cost, [...$laid, ...$inside]];
            }

            return;
        }
        $next = [];
        $seen = [];
        foreach ($free as $index => $sheet) {
            $alike = Likeness::of($sheet);
            if (isset($seen[$alike])) {
                continue;
            }
            $seen[$alike] = true;
            [$longer, $more] = $this->laid($chain, $sheet);
            $next[] = [$more, -$this->commonness($sheet, $free), $index, $longer];
        }
        sort($next);
        foreach ($next as [$more, , $index, $longer]) {
            $rest = $free;
            [$sheet] = array_splice($rest, $index, 1);
            if ($cost + $more + $this->unavoidable($rest, $sheet, $inside) >= $this->least) {
                continue;
            }
            if (++$this->looked >= $this->patience && $this->best !== []) {
                return;
            }
            $this->search([...$laid, $sheet], $longer, $cost + $more, $rest, $inside);
        }
    }

    /** @return array{Chain, int} with the sheet laid into it, and what that costs */
    private function laid(Chain $chain, Sheet $sheet): array
    {
        $cost = 0;
        $front = $sheet->front();
        if ($front !== null) {
            $cost += isset($chain->front[0]) ? $this->costs->facing($chain->front[0], $front) : 0;
            $cost += isset($chain->front[1]) ? $this->costs->apart($chain->front[1], $front) : 0;
        }
        $back = $sheet->back();
        if ($back !== null) {
            $cost += isset($chain->back[0]) ? $this->costs->facing($back, $chain->back[0]) : 0;
            $cost += isset($chain->back[1]) ? $this->costs->apart($back, $chain->back[1]) : 0;
        }

        return [$chain->with($front, $back), $cost];
    }

    /** What it costs that both ends meet in the middle. */
    private function shut(Chain $chain): int
    {
        $cost = isset($chain->front[0], $chain->back[0]) ? $this->costs->facing($chain->front[0], $chain->back[0]) : 0;
        $cost += isset($chain->front[1], $chain->back[0]) ? $this->costs->apart($chain->front[1], $chain->back[0]) : 0;

        return $cost + (isset($chain->front[0], $chain->back[1]) ? $this->costs->apart($chain->front[0], $chain->back[1]) : 0);
    }

    /** @param list<Sheet> $free */
    private function commonness(Sheet $sheet, array $free): int
    {
        $kind = $sheet->meeting->paper->kind;

        return count(array_filter($free, static fn (Sheet $each): bool => $each->meeting->paper->kind === $kind));
    }

    /**
     * What sheets cost whatever their order: of so many of a kind some must follow each other when there are fewer others to part them.
     *
     * @param list<Sheet> $rest
     * @param list<Sheet> $inside
     */
    private function unavoidable(array $rest, Sheet $last, array $inside): int
    {
        $sheets = [...$rest, ...$inside];
        $kinds = [];
        $texts = 0;
        foreach ($sheets as $sheet) {
            if ($sheet->isSingle()) {
                return 0;
            }
            $kind = $sheet->meeting->paper->kind->value;
            $kinds[$kind] = ($kinds[$kind] ?? 0) + 1;
            $texts += $sheet->meeting->paper->hasText ? 1 : 0;
        }
        $must = static fn (int $alike, bool $isLast): int => max(0, $alike - (count($sheets) - $alike) - ($isLast ? 0 : 1));
        $cost = 2 * OrderRule::TextsFacing->weight() * $must($texts, $last->meeting->paper->hasText);
        foreach ($kinds as $kind => $count) {
            $cost += 2 * OrderRule::KindsAlike->weight() * $must($count, $last->meeting->paper->kind->value === $kind);
        }

        return $last->isSingle() ? 0 : $cost;
    }
}
