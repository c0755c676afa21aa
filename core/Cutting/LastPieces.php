<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/**
 * Where only a few pieces have no place yet, looks through every way ({@see EveryWay}) in which they come out of some of the sheets, with
 * all that lies there. That is dear, so it is done only when nearly as little is missing as ever was, and takes a small part of the effort.
 * (Leaving most as it is and solving the rest exactly: P. Shaw, CP 1998; cited from memory.)
 */
final class LastPieces
{
    /** That are laid out anew: of more there are too many ways. */
    private const TOGETHER = 22;

    /** Units for one look; most that find something take less. */
    private const LOOK = Effort::A_SECOND >> 6;

    /** One unit of so many. */
    private const SHARE = 7;

    /** Times the least that ever was missing. */
    private const NEARLY = 2;

    private readonly int $began;

    private int $spent = 0;

    private int $least = PHP_INT_MAX;

    public function __construct(
        private readonly Measured $task,
        private readonly \Random\Randomizer $chance,
        private readonly Effort $effort,
    ) {
        $this->began = $effort->spent();
    }

    /**
     * @param list<Slab> $sheets changed where all pieces have a place then
     * @param non-empty-list<int> $missing kinds
     */
    public function find(array $sheets, array $missing): bool
    {
        $area = $this->task->areaOf($missing);
        $this->least = min($this->least, $area);
        if ($area > self::NEARLY * $this->least || self::SHARE * $this->spent > $this->effort->spent() - $this->began) {
            return false;
        }
        $pieces = $missing;
        $free = -$area;
        $chosen = [];
        $ofFirstSupply = fn (Slab $sheet): bool => [$sheet->width, $sheet->height] === $this->task->sheets[0];
        foreach ($this->chance->shuffleArray(array_filter($sheets, $ofFirstSupply)) as $sheet) {
            $there = Measured::each($sheet->pieces());
            if (count($pieces) + count($there) <= self::TOGETHER) {
                array_push($pieces, ...$there);
                $free += $sheet->width * $sheet->height - $this->task->areaOf($there);
                $chosen[] = $sheet;
            }
        }
        if ($free < 0) {
            return false;
        }
        $effort = Effort::of(min(self::LOOK, $this->effort->left()));
        $found = (new EveryWay($this->task, $pieces, [], $effort))->within(count($chosen));
        $this->effort->spend($effort->spent());
        $this->spent += $effort->spent();
        // If fewer sheets will do, the plan is another one.
        if ($found === null || count($found) < count($chosen) || ! Slab::allComeOff($found, $this->task->narrowest)) {
            return false;
        }
        array_map(static fn (Slab $sheet, Slab $anew) => $sheet->becomes($anew), $chosen, $found);

        return true;
    }
}
