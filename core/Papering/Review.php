<?php

declare(strict_types=1);

namespace Ephemeron\Papering;

use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Fit\StockPlan;

/** Looks a papered book through: what is missing, hidden, on its head, twice in a row, and what is cut from each print. */
final readonly class Review
{
    /** From so much of a mat under a pocket, a band or a frame its motif is lost (common practice, no published source: "mostly"). */
    private const HIDDEN = 0.7;

    /** @var list<Seat> */
    public array $seats;

    private Crops $crops;

    /** @param list<StockPlan> $stocks */
    public function __construct(private Blueprint $blueprint, private array $stocks)
    {
        $this->seats = Seats::of($blueprint);
        $this->crops = new Crops($blueprint, $stocks);
    }

    /** @return list<PrintUse> of every paper that is seen on faces, in the order of the book */
    public function uses(): array
    {
        $pages = [];
        foreach ($this->seats as $seat) {
            $pages[$this->stockOf($seat)->stock->identity()][$this->opening($seat->page)] = true;
        }
        $uses = [];
        foreach ($this->stocks as $stock) {
            $seen = $pages[$stock->stock->identity()] ?? [];
            if ($seen !== []) {
                $uses[] = new PrintUse($stock, count($seen), array_sum($stock->cuts->missing));
            }
        }

        return $uses;
    }

    /** @return list<Note> in the order of the book */
    public function notes(): array
    {
        $notes = [];
        $last = null;
        foreach ($this->seats as $seat) {
            array_push($notes, ...$this->notesOn($seat));
            if ($seat->kind !== SeatKind::Mat || ! $seat->face->isOfTheBook()) {
                continue;
            }
            $isSame = $last !== null && $last->face->key !== $seat->face->key && $this->print($last) === $this->print($seat)
                && str_starts_with($seat->paper(), 'print:');
            if ($isSame && $this->opening($last->page) !== $this->opening($seat->page)) {
                $notes[] = new Note($seat->page->key, $seat->place, 'twice', "{$this->stockOf($seat)->stock->name} twice in a row");
            }
            $last = $seat;
        }

        return $notes;
    }

    /** @return list<Note> */
    private function notesOn(Seat $seat): array
    {
        $stock = $this->stockOf($seat)->stock;
        $crop = $seat->joint === null ? $this->crops->ofFace($seat->face) : $this->crops->ofJoint($seat->joint);
        $note = static fn (string $kind, string $sentence): Note => new Note($seat->page->key, $seat->place, $kind, $sentence);
        $notes = [];
        if ($crop === null) {
            $notes[] = $note('missing', "{$seat->name()}: no room on {$stock->name}");
        }
        if ($crop !== null && $crop->isFallen() && $seat->part->upright && $stock->isDirectional($crop->side)) {
            $notes[] = $note('fallen', "{$stock->name} ".($crop->quarters === 2 ? 'on its head' : 'on its side'));
        }
        if ($seat->kind === SeatKind::Mat && $seat->joint !== null && $this->hidden($seat->joint, $seat->face) >= self::HIDDEN) {
            $notes[] = $note(
                'hidden',
                sprintf('%d %% of %s is hidden', (int) round(100 * $this->hidden($seat->joint, $seat->face)), $stock->name),
            );
        }

        return $notes;
    }

    /** @return float what of a mat lies under things that are glued over it, 0 to 1; what overlaps is counted twice */
    public function hidden(Joint $mat, Face $face): float
    {
        $covered = 0;
        foreach ($this->blueprint->on($face->key) as $joint) {
            if ($joint->layer !== Layer::Mat && $joint->depth()->value > $mat->depth()->value) {
                $covered += $joint->area->overlap($mat->area)?->size()->area() ?? 0;
            }
        }

        return min(1.0, $covered / max(1, $mat->area->size()->area()));
    }

    public function stockOf(Seat $seat): StockPlan
    {
        $paper = $seat->paper();
        foreach ($this->stocks as $stock) {
            if (in_array($paper, $stock->papers, true)) {
                return $stock;
            }
        }

        throw new \LogicException("No paper is cut for {$seat->part->key}.");
    }

    private function print(Seat $seat): string
    {
        return $this->stockOf($seat)->stock->identity().($seat->isOver() ? ' over' : '').$seat->part->shows->value;
    }

    private function opening(Face $page): string
    {
        return (string) (array_search($page->key, $this->blueprint->openings(), true) ?: $page->key);
    }
}
