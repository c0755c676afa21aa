<?php

declare(strict_types=1);

namespace Ephemeron;

use Ephemeron\Bench\PhotoCount;
use Ephemeron\Design\Allowances;
use Ephemeron\Design\Design;
use Ephemeron\Folding\Profile;
use Ephemeron\Format\DesignPatch;
use Ephemeron\Format\DesignReader;
use Ephemeron\Format\DesignWriter;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\PhotoSize;
use Ephemeron\Structure\Catalogue;
use Ephemeron\Structure\Sizing;

/**
 * Makes a design fit: so many prints of a size, or the inside of an envelope or a shelf. It turns the parameters that the structure names for
 * that ({@see Sizing}), as little as it can: first the number of pages, then the size.
 */
final readonly class Tailor
{
    private const MOST_STEPS = 32;

    public function __construct(private Catalogue $catalogue, private DesignReader $reader, private DesignWriter $writer, private Workshop $workshop)
    {
    }

    /**
     * @param int $number at least 1
     * @return array<string, string|int> what to change, by place in the design file
     *
     * @throws DoesNotFit
     */
    public function toHold(Design $design, PhotoSize $photo, int $number): array
    {
        $sizing = $this->sizing($design);
        $most = 0;
        for ($step = 0; $step <= self::MOST_STEPS; $step++) {
            $grown = $this->grown($design, $sizing, $this->step($design)->times($step));
            if ($grown === null) {
                continue;
            }
            $counts = $this->counts($design, $sizing);
            $most = max($most, $this->holds($design, [...$grown, ...$this->count($sizing, $counts[1])], $photo));
            if ($most < $number) {
                continue;
            }

            return $this->leastPages($design, $sizing, $grown, $counts, $photo, $number);
        }

        throw DoesNotFit::photos($photo->label(), $most);
    }

    /**
     * As large as goes into it, or as it is where that is small enough already.
     *
     * @param Length|null $thick how thick the filled book may be
     * @return array<string, string|int>
     *
     * @throws DoesNotFit
     */
    public function toLieIn(Design $design, Size $outer, ?Length $thick = null): array
    {
        $sizing = $this->sizing($design);
        $changes = $this->sizeWithin($design, $sizing, $outer);
        if ($thick === null) {
            return $changes;
        }
        [$fewest, $now] = $this->counts($design, $sizing, false);
        for ($count = $now; $count >= $fewest; $count--) {
            $tried = [...$changes, ...$this->count($sizing, $count)];
            $filled = $this->thickness($design, $tried);
            if ($filled !== null && $thick->isAtLeast($filled)) {
                return $tried;
            }
        }
        $notation = $design->notation();
        $least = $this->thickness($design, [...$changes, ...$this->count($sizing, $fewest)]);

        throw DoesNotFit::tooThick($notation->text($thick), $notation->text($notation->grid->up($least ?? $thick)));
    }

    private function sizing(Design $design): Sizing
    {
        $sizing = $this->catalogue->get($design->structure)->sizing();

        return $sizing->broader === [] ? throw DoesNotFit::fixed() : $sizing;
    }

    /**
     * @param array<string, string> $grown
     * @param array{int, int} $counts
     * @return array<string, string|int>
     */
    private function leastPages(Design $design, Sizing $sizing, array $grown, array $counts, PhotoSize $photo, int $number): array
    {
        [$low, $high] = $counts;
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if ($this->holds($design, [...$grown, ...$this->count($sizing, $middle)], $photo) >= $number) {
                $high = $middle;
            } else {
                $low = $middle + 1;
            }
        }

        return [...$grown, ...$this->count($sizing, $low)];
    }

    /**
     * The largest of the structure's sizes whose closed book lies in the outer one.
     *
     * @return array<string, string>
     */
    private function sizeWithin(Design $design, Sizing $sizing, Size $outer): array
    {
        $closed = $this->workshop->blueprint($design)->closedSize();
        $across = $outer->width->minus($closed->width);
        $down = $outer->height->minus($closed->height);
        // Where one measure settles both, the tighter side counts.
        $growth = $sizing->taller === [] ? [Length::shortest($across, $down), null] : [$across, $down];
        for ($less = 0; $less <= self::MOST_STEPS; $less++) {
            $back = $this->step($design)->times($less);
            $changes = $this->resized($design, $sizing, $growth[0]->minus($back), $growth[1]?->minus($back));
            $tried = $this->patched($design, $changes);
            if ($tried !== null && $this->workshop->blueprint($tried)->closedSize()->fitsIn($outer)) {
                return $changes;
            }
        }
        $notation = $design->notation();

        throw DoesNotFit::inside($notation->size($outer), $notation->size($closed));
    }

    /** @return array<string, string>|null null where a size is beyond its range */
    private function grown(Design $design, Sizing $sizing, Length $by): ?array
    {
        if ($by->isZero()) {
            return [];
        }
        $changes = $this->resized($design, $sizing, $by, $sizing->taller === [] ? null : $by);

        return $this->patched($design, $changes) === null ? null : $changes;
    }

    /** @return array<string, string> to the tool’s marks, downwards */
    private function resized(Design $design, Sizing $sizing, Length $across, ?Length $down): array
    {
        $changes = [];
        $by = [...array_fill_keys($sizing->broader, $across), ...($down === null ? [] : array_fill_keys($sizing->taller, $down))];
        foreach ($by as $key => $more) {
            $changes["parameters.{$key}"] = $design->notation()->exact($design->grid->down($design->parameters->length($key)->plus($more)));
        }

        return $changes;
    }

    /** @return array{int, int} fewest and most; or fewest and as many as there are */
    private function counts(Design $design, Sizing $sizing, bool $toTheMost = true): array
    {
        foreach ($this->catalogue->get($design->structure)->parameters() as $parameter) {
            if ($parameter->key === $sizing->longer && is_int($parameter->minimum) && is_int($parameter->maximum)) {
                return [$parameter->minimum, $toTheMost ? $parameter->maximum : $design->parameters->count($parameter->key)];
            }
        }

        return [1, 1];
    }

    /** @return array<string, int> */
    private function count(Sizing $sizing, int $count): array
    {
        return $sizing->longer === null ? [] : ["parameters.{$sizing->longer}" => $count];
    }

    /** @param array<string, string|int> $changes */
    private function holds(Design $design, array $changes, PhotoSize $photo): int
    {
        $tried = $this->patched($design, $changes);

        return $tried === null ? 0 : PhotoCount::of($photo, $this->workshop->blueprint($tried))->total();
    }

    /** @param array<string, string|int> $changes */
    private function thickness(Design $design, array $changes): ?Length
    {
        $tried = $this->patched($design, $changes);

        return $tried === null ? null : Profile::of($this->workshop->blueprint($tried), $tried->materials)->thickest(true);
    }

    /** @param array<string, string|int> $changes */
    private function patched(Design $design, array $changes): ?Design
    {
        try {
            return $this->reader->fromArray((new DesignPatch($changes))->applyTo($this->writer->toArray($design)));
        } catch (InvalidDesign) {
            return null;
        }
    }

    private function step(Design $design): Length
    {
        return (new Allowances($design->unit))->quarter();
    }
}
