<?php

declare(strict_types=1);

namespace Ephemeron;

use Ephemeron\Bench\PhotoCount;
use Ephemeron\Design\Allowances;
use Ephemeron\Design\Design;
use Ephemeron\Design\Parameter;
use Ephemeron\Fit\Finding;
use Ephemeron\Folding\Profile;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\PhotoSize;
use Ephemeron\Structure\Catalogue;
use Ephemeron\Structure\Sizing;
use Ephemeron\Structure\Structure;

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

    public function __construct(private Catalogue $catalogue, private Workshop $workshop)
    {
    }

    /**
     * @param int $number at least 1
     *
     * @throws DoesNotFit
     */
    public function toHold(Design $design, PhotoSize $photo, int $number): Fitted
    {
        $sizing = $this->sizing($design);
        [$fewest, $mostPages] = $this->counts($design, $sizing);
        $most = 0;
        $offers = [];
        for ($step = 0; $step <= self::MOST_STEPS && count($offers) < self::MOST_PLANNED; $step++) {
            $by = $this->step($design)->times($step);
            $grown = $this->resized($design, $sizing, $by, $by);
            $held = $grown === null ? 0 : $this->holds($this->counted($grown, $sizing, $mostPages), $photo);
            $most = max($most, $held);
            if ($grown === null || $held < $number) {
                continue;
            }
            $offers[] = $offer = $this->planned($design, $this->leastPages($grown, $sizing, $fewest, $mostPages, $photo, $number));
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
        $largest ??= throw DoesNotFit::inside($notation->size($outer), $notation->size($this->closed($design)));

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

    private function structure(Design $design): Structure
    {
        return $this->catalogue->get($design->structure);
    }

    private function sizing(Design $design): Sizing
    {
        $sizing = $this->structure($design)->about()->sizing;

        return $sizing->broader === [] ? throw DoesNotFit::fixed() : $sizing;
    }

    private function leastPages(Design $grown, Sizing $sizing, int $low, int $high, PhotoSize $photo, int $number): Design
    {
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if ($this->holds($this->counted($grown, $sizing, $middle), $photo) >= $number) {
                $high = $middle;
            } else {
                $low = $middle + 1;
            }
        }

        return $this->counted($grown, $sizing, $low) ?? $grown;
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
        $closed = $this->closed($design);
        $across = $outer->width->minus($closed->width);
        $down = $outer->height->minus($closed->height);
        // Where one measure settles both, the tighter side counts.
        $across = $sizing->taller === [] ? Length::shortest($across, $down) : $across;
        $step = $this->step($design);
        for ($less = 0; $less <= self::MOST_STEPS; $less++) {
            foreach ($sizing->taller === [] ? [$less] : range(0, $less) as $narrower) {
                $tried = $this->resized(
                    $design,
                    $sizing,
                    $across->minus($step->times($narrower)),
                    $down->minus($step->times($less - $narrower)),
                );
                if ($tried !== null && $this->closed($tried)->fitsIn($outer)) {
                    yield $tried;
                }
            }
        }
    }

    /** @throws DoesNotFit */
    private function noThicker(Design $design, Sizing $sizing, Length $thick): Design
    {
        [$fewest] = $this->counts($design, $sizing);
        $now = $sizing->longer === null ? $fewest : $design->parameters->count($sizing->longer);
        $least = null;
        for ($count = $now; $count >= $fewest; $count--) {
            $tried = $this->counted($design, $sizing, $count);
            $least = $tried === null ? $least : Profile::of($this->workshop->blueprint($tried), $tried->papers())->thickest(true);
            if ($tried !== null && $least !== null && $thick->isAtLeast($least)) {
                return $tried;
            }
        }
        $notation = $design->notation();

        throw DoesNotFit::tooThick($notation->text($thick), $notation->text($notation->grid->up($least ?? $thick)));
    }

    /** To the tool’s marks, downwards; null where a size is beyond its range, or sizes cannot be built together. */
    private function resized(Design $design, Sizing $sizing, Length $across, Length $down): ?Design
    {
        $values = $design->parameters;
        foreach ([...array_fill_keys($sizing->broader, $across), ...array_fill_keys($sizing->taller, $down)] as $key => $more) {
            $values = $more->isZero() ? $values : $values->with($key, $design->tools->grid->down($values->length($key)->plus($more)));
        }

        return $this->buildable($design->with(parameters: $values));
    }

    private function counted(Design $design, Sizing $sizing, int $count): ?Design
    {
        return $sizing->longer === null ? $design : $this->buildable(
            $design->with(parameters: $design->parameters->with($sizing->longer, $count)),
        );
    }

    private function buildable(Design $design): ?Design
    {
        $structure = $this->structure($design);
        foreach ($structure->parameters() as $parameter) {
            if (! $parameter->takes($design->parameters->values[$parameter->key] ?? null)) {
                return null;
            }
        }

        return $structure->refusals($design->parameters, $design->notation()) === [] ? $design : null;
    }

    /** @return array{int, int} fewest pages and most */
    private function counts(Design $design, Sizing $sizing): array
    {
        $longer = array_filter(
            $this->structure($design)->parameters(),
            static fn (Parameter $parameter): bool => $parameter->key === $sizing->longer,
        );
        $parameter = reset($longer);

        return $parameter !== false && is_int($parameter->minimum) && is_int($parameter->maximum)
            ? [$parameter->minimum, $parameter->maximum] : [1, 1];
    }

    private function holds(?Design $design, PhotoSize $photo): int
    {
        return $design === null ? 0 : PhotoCount::of($photo, $this->workshop->blueprint($design))->total();
    }

    private function closed(Design $design): Size
    {
        return $this->workshop->blueprint($design)->closedSize();
    }

    private function step(Design $design): Length
    {
        return (new Allowances($design->unit))->quarter();
    }
}
