<?php

declare(strict_types=1);

namespace Ephemeron;

use Ephemeron\Bench\PhotoCount;
use Ephemeron\Design\Allowances;
use Ephemeron\Design\Design;
use Ephemeron\Fit\Finding;
use Ephemeron\Folding\Profile;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\PhotoSize;
use Ephemeron\Structure\Catalogue;
use Ephemeron\Structure\Sizing;

/**
 * Makes a design fit: so many prints of a size, or the inside of an envelope or a shelf. It turns the parameters that the structure names
 * for that ({@see Sizing}), as little as it can: first the number of pages, then the size. What it offers has been planned: a size that
 * the papers at
 * hand give goes before one that wants another paper.
 */
final readonly class Tailor
{
    private const MOST_STEPS = 32;

    /** Sizes that are planned whole before the first is offered with the paper it wants. */
    private const MOST_PLANNED = 8;

    /** What findings about paper are called. */
    private const ABOUT_PAPER = ['piece-too-large', 'paper-runs-out'];

    private Resizer $resizer;

    public function __construct(Catalogue $catalogue, private Workshop $workshop)
    {
        $this->resizer = new Resizer($catalogue, $workshop);
    }

    /**
     * @param int $number at least 1
     *
     * @throws DoesNotFit
     */
    public function toHold(Design $design, PhotoSize $photo, int $number): Fitted
    {
        $sizing = $this->sizing($design);
        [$fewest, $mostPages] = $this->resizer->counts($design);
        $most = 0;
        $offers = [];
        for ($step = 0; $step <= self::MOST_STEPS && count($offers) < self::MOST_PLANNED; $step++) {
            $by = $this->step($design)->times($step);
            $grown = $this->resizer->resized($design, $by, $by);
            $held = $grown === null ? 0 : $this->holds($this->resizer->counted($grown, $mostPages), $photo);
            $most = max($most, $held);
            if ($grown === null || $held < $number) {
                continue;
            }
            $offers[] = $offer = $this->planned($design, $this->leastPages($grown, $fewest, $mostPages, $photo, $number));
            if ($offer->wants === []) {
                return $offer;
            }
        }

        return $offers[0] ?? throw DoesNotFit::photos($photo->label(), $most);
    }

    /**
     * As large as goes into it, or as it is where that is small enough already.
     *
     * @param Length|null $thick how thick the filled book may be
     *
     * @throws DoesNotFit
     */
    public function toLieIn(Design $design, Size $outer, ?Length $thick = null): Fitted
    {
        $sizing = $this->sizing($design);
        $largest = null;
        $planned = 0;
        foreach ($this->sizesWithin($design, $sizing, $outer) as $sized) {
            $largest ??= $sized;
            if (! $this->sheetsHold($sized)) {
                continue;
            }
            $offer = $this->planned($design, $thick === null ? $sized : $this->noThicker($sized, $sizing, $thick));
            if ($offer->wants === [] || ++$planned === self::MOST_PLANNED) {
                return $offer;
            }
        }
        $notation = $design->notation();
        $largest ??= throw DoesNotFit::inside($notation->size($outer), $notation->size($this->resizer->closed($design)));

        return $this->planned($design, $thick === null ? $largest : $this->noThicker($largest, $sizing, $thick));
    }

    private function planned(Design $before, Design $design): Fitted
    {
        $findings = $this->workshop->plan($design)->report->findings;
        $wants = array_filter($findings, static fn (Finding $finding): bool => in_array($finding->kind, self::ABOUT_PAPER, true));

        return new Fitted(
            $before,
            $design,
            array_values(
                array_map(
                    static fn (Finding $finding): string => trim(
                        $finding->text.($finding->mend === null ? '' : " {$finding->mend->label}."),
                    ),
                    $wants,
                ),
            ),
        );
    }

    private function sizing(Design $design): Sizing
    {
        $sizing = $this->resizer->sizing($design);

        return $sizing->broader === [] ? throw DoesNotFit::fixed() : $sizing;
    }

    private function leastPages(Design $grown, int $low, int $high, PhotoSize $photo, int $number): Design
    {
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if ($this->holds($this->resizer->counted($grown, $middle), $photo) >= $number) {
                $high = $middle;
            } else {
                $low = $middle + 1;
            }
        }

        return $this->resizer->counted($grown, $low) ?? $grown;
    }

    /** Whether every piece fits a sheet of its paper; whether it fits together with the others is for the planner to say. */
    private function sheetsHold(Design $design): bool
    {
        foreach ($this->workshop->blueprint($design)->parts as $part) {
            if (! $part->size->fitsInEitherWay($design->papers()[$part->paper()]->sheet)) {
                return false;
            }
        }

        return true;
    }

    /** @return iterable<Design> from the largest whose closed book lies in the outer one */
    private function sizesWithin(Design $design, Sizing $sizing, Size $outer): iterable
    {
        $closed = $this->resizer->closed($design);
        $across = $outer->width->minus($closed->width);
        $down = $outer->height->minus($closed->height);
        // Where one measure settles both, the tighter side counts.
        $across = $sizing->taller === [] ? Length::shortest($across, $down) : $across;
        $step = $this->step($design);
        for ($less = 0; $less <= self::MOST_STEPS; $less++) {
            foreach ($sizing->taller === [] ? [$less] : range(0, $less) as $narrower) {
                $tried = $this->resizer->resized(
                    $design,
                    $across->minus($step->times($narrower)),
                    $down->minus($step->times($less - $narrower)),
                );
                if ($tried !== null && $this->resizer->closed($tried)->fitsIn($outer)) {
                    yield $tried;
                }
            }
        }
    }

    /** @throws DoesNotFit */
    private function noThicker(Design $design, Sizing $sizing, Length $thick): Design
    {
        [$fewest] = $this->resizer->counts($design);
        $now = $sizing->longer === null ? $fewest : $design->parameters->count($sizing->longer);
        $least = null;
        for ($count = $now; $count >= $fewest; $count--) {
            $tried = $this->resizer->counted($design, $count);
            $least = $tried === null ? $least : Profile::of($this->workshop->blueprint($tried), $tried->papers())->thickest(true);
            if ($tried !== null && $least !== null && $thick->isAtLeast($least)) {
                return $tried;
            }
        }
        $notation = $design->notation();

        throw DoesNotFit::tooThick($notation->text($thick), $notation->text($notation->grid->up($least ?? $thick)));
    }

    private function holds(?Design $design, PhotoSize $photo): int
    {
        return $design === null ? 0 : PhotoCount::of($photo, $this->workshop->blueprint($design))->total();
    }

    private function step(Design $design): Length
    {
        return (new Allowances($design->unit))->quarter();
    }
}
