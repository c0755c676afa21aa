<?php

declare(strict_types=1);

namespace Ephemeron\Gathering;

/** What a maker has said about the leaves of a journal; the rest follows from the heap. */
final readonly class Gathering
{
    /** So many places are looked at for an order nobody has chosen; it is made up at every reading. */
    private const GLANCE = 400;

    /**
     * @param list<LeafPaper> $heap empty: all sheets are of one paper
     * @param list<list<string>> $order keys of papers, signature by signature, from the outermost in; empty: as it is proposed
     * @param array<string, SheetWay> $ways by the key of a paper
     * @param array<string, int> $mix sheets of a kind, all signatures together; kinds that are left out: the usual share
     */
    public function __construct(
        public array $heap = [],
        public array $order = [],
        public array $ways = [],
        public Wishes $wishes = new Wishes,
        public array $mix = [],
    ) {
    }

    /**
     * @param list<LeafPaper>|null $heap
     * @param list<list<string>>|null $order
     * @param array<string, SheetWay>|null $ways
     * @param array<string, int>|null $mix
     */
    public function with(
        ?array $heap = null,
        ?array $order = null,
        ?array $ways = null,
        ?Wishes $wishes = null,
        ?array $mix = null,
    ): self {
        return new self(
            $heap ?? $this->heap,
            $order ?? $this->order,
            $ways ?? $this->ways,
            $wishes ?? $this->wishes,
            $mix ?? $this->mix,
        );
    }

    public function paper(string $key): ?LeafPaper
    {
        foreach ($this->heap as $paper) {
            if ($paper->key === $key) {
                return $paper;
            }
        }

        return null;
    }

    /** The order is the maker's own, fits so many signatures and sheets, and the heap has all that it takes. */
    public function isSaid(int $signatures, int $sheets): bool
    {
        $taken = array_count_values(array_merge([], ...$this->order));
        foreach ($taken as $key => $count) {
            if ($count > ($this->paper((string) $key)->count ?? 0)) {
                return false;
            }
        }

        $there = array_sum(array_map(static fn (LeafPaper $paper): int => $paper->count, $this->heap));
        $isShort = $there < $signatures * $sheets;

        return count($this->order) === $signatures && array_filter(
            $this->order,
            static fn (array $signature): bool => $isShort ? count($signature) > $sheets : count($signature) !== $sheets,
        ) === [];
    }

    /**
     * The signatures: in the order that was said, or else in a good one.
     *
     * @param LeafPaper $plain what the sheets are of when there is no heap
     */
    public function block(Template $template, MeetingSchool $school, int $signatures, int $sheets, LeafPaper $plain): TextBlock
    {
        if ($this->heap === []) {
            $sheet = new Sheet(Meeting::of($plain->lying($template), $template, $school));

            return new TextBlock(array_fill(0, $signatures, new Signature(
                array_map(static fn (): Sheet => clone $sheet, range(1, $sheets)),
            )));
        }
        if (! $this->isSaid($signatures, $sheets)) {
            return new TextBlock(array_map(
                static fn (Proposal $proposal): Signature => $proposal->signature,
                $this->proposed($template, $school, $signatures, $sheets, self::GLANCE),
            ));
        }

        return new TextBlock(array_map(fn (array $keys): Signature => new Signature(array_values(array_filter(array_map(
            fn (string $key): ?Sheet => $this->sheet($key, $template, $school),
            $keys,
        )))), $this->order));
    }

    /**
     * @param int $patience see {@see Ordering}
     * @param (\Closure(int, int): void)|null $told signatures done, and all of them
     * @return list<Proposal> one for each signature
     */
    public function proposed(
        Template $template,
        MeetingSchool $school,
        int $signatures,
        int $sheets,
        int $patience,
        ?\Closure $told = null,
    ): array {
        $gatherer = new Gatherer($template, $school, new Ordering($patience), $this->ways);

        return $gatherer->gather(
            array_map(static fn (LeafPaper $paper): LeafPaper => $paper->lying($template), $this->heap),
            $signatures,
            $sheets,
            Mix::from($this->heap, $signatures * $sheets, $this->mix),
            $this->wishes,
            $told,
        );
    }

    private function sheet(string $key, Template $template, MeetingSchool $school): ?Sheet
    {
        $paper = $this->paper($key)?->lying($template);
        $way = $this->ways[$key] ?? new SheetWay;

        return $paper === null ? null : new Sheet(Meeting::of($paper, $template, $school, $way->height, $way->width, $way->seat));
    }
}
