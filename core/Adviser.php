<?php

declare(strict_types=1);

namespace Ephemeron;

use Ephemeron\Advice\Wish;
use Ephemeron\Bench\PhotoCount;
use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\Caution;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Pouch;
use Ephemeron\Blueprint\Sundry;
use Ephemeron\Blueprint\Task;
use Ephemeron\Design\Allowances;
use Ephemeron\Design\Design;
use Ephemeron\Drawer\Drawer;
use Ephemeron\Drawer\Reach;
use Ephemeron\Fit\Requisite;
use Ephemeron\Fit\Severity;
use Ephemeron\Folding\Profile;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\PhotoSize;
use Ephemeron\Paper\StockRole;
use Ephemeron\Structure\Catalogue;
use Ephemeron\Structure\Skill;

/**
 * Makes a book of a kind for what somebody wishes: its pages are made for the prints that go in, as many to a page as may be tried, with no
 * more pages than that takes; the smallest of them are planned, and the one with the fewest sheets is given. What it says has been cut,
 * folded and filled in the plan, nothing is looked up.
 */
final readonly class Adviser
{
    /** Sizes that are planned whole. */
    private const MOST_PLANNED = 4;

    /** Prints on a page: across and down. */
    private const ON_A_PAGE = [[1, 1], [2, 1], [1, 2], [2, 2]];

    /** Steps by which it is made smaller, and looks at how far it still is from what it is made for. */
    private const MOST_STEPS = 24;

    private const MOST_TRIES = 6;

    private Resizer $resizer;

    public function __construct(Catalogue $catalogue, private Workshop $workshop)
    {
        $this->resizer = new Resizer($catalogue, $workshop);
    }

    /** @param Design $usual of its kind, from the usual papers */
    public function best(Design $usual, Wish $wish): Advised
    {
        $start = $this->inHand($usual, $wish);
        $sizes = [];
        foreach ($this->sizes($start, $wish) as $design) {
            $blueprint = $this->workshop->blueprint($design);
            $short = $this->shortOf($design, $blueprint, $wish);
            $sizes[$short][sprintf('%015d ', self::paper($blueprint)).serialize($design->parameters)] = $design;
        }
        ksort($sizes);
        $nearest = array_values($sizes)[0];
        ksort($nearest, SORT_STRING);
        $planned = array_map(
            fn (Design $design): Advised => $this->planned($design, $wish),
            array_slice(array_values($nearest), 0, self::MOST_PLANNED),
        );
        usort($planned, static fn (Advised $one, Advised $other): int => $one->worth() <=> $other->worth());

        return $planned[0];
    }

    /** Paper in all pieces, in square ticks. */
    public static function paper(Blueprint $blueprint): int
    {
        return array_sum(array_map(static fn (Part $part): int => $part->size->area() * $part->quantity, $blueprint->parts));
    }

    /** All but board and vellum is cut from the sheets in hand. */
    private function inHand(Design $design, Wish $wish): Design
    {
        $hand = $wish->hand;
        if ($hand === null) {
            return $design;
        }
        $materials = $design->materials;
        $card = $materials[StockRole::StructureCard->value] ?? $materials[array_key_first($materials)];
        $sheet = $card->with(name: $hand->name, sheet: $hand->sheet, selvage: Length::zero(), leftovers: [])->counted($hand->count);
        foreach ($materials as $role => $stock) {
            $materials[$role] = in_array($role, [StockRole::Board->value, StockRole::Specialty->value], true) ? $stock : $sheet;
        }

        return $design->with(materials: $materials);
    }

    /** @return iterable<Design> its usual size, and those whose pages are made for the prints */
    private function sizes(Design $start, Wish $wish): iterable
    {
        $usual = $this->withPages($start, $wish);
        yield $usual;
        if ($this->resizer->sizing($start)->broader === []) {
            return;
        }
        yield from $this->smaller($usual, $wish);
        $seen = [];
        $mats = $wish->photo === null || $wish->photos === 0 ? [] : $this->seen($wish->photo, $wish->lying);
        foreach (self::ON_A_PAGE as [$across, $down]) {
            foreach ($mats as $mat) {
                $page = new Size($mat->width->times($across), $mat->height->times($down));
                foreach ([[true, false], [false, false], [true, true]] as [$ofMost, $ofRest]) {
                    $made = $this->withRoomFor($start, $page, $ofMost, $ofRest);
                    $key = serialize($made?->parameters);
                    if ($made !== null && ! isset($seen[$key])) {
                        $seen[$key] = true;
                        $counted = $this->withPages($made, $wish);
                        yield $counted;
                        yield from $this->smaller($counted, $wish);
                    }
                }
            }
        }
    }

    /** @return non-empty-list<Size> the ways a print with its mat may be seen */
    private function seen(PhotoSize $photo, ?bool $lying): array
    {
        $mat = new Size($photo->mat()->shortSide(), $photo->mat()->longSide());

        return match ($lying) {
            true => [$mat->turned()],
            false => [$mat],
            null => $photo->mat()->width->equals($photo->mat()->height) ? [$mat] : [$mat, $mat->turned()],
        };
    }

    /**
     * With pages, free as they are, of which one just takes this; null where the kind does not come so large.
     *
     * @param bool $ofMost whether it is for the pages of which there are most, or for those that are nearest to it
     * @param bool $ofRest whether what it is for is what two pages leave of a sheet: it grows by twice as much as they shrink
     */
    private function withRoomFor(Design $design, Size $page, bool $ofMost, bool $ofRest): ?Design
    {
        $fits = null;
        for ($step = 0; $step < self::MOST_TRIES; $step++) {
            [$across, $down] = $this->shortfall($design, $page, $ofMost);
            if ($across === null) {
                return $fits;
            }
            $fits = $across->isPositive() || $down->isPositive() ? $fits : $design;
            $next = $this->nearer($design, $ofRest ? Length::zero()->minus($across->half()) : $across, $down);
            if ($next === null) {
                return $fits;
            }
            $design = $next;
        }

        return $fits;
    }

    /** As far as it goes: both ways at once, else one of them, else half as far; null where it can go no nearer. */
    private function nearer(Design $design, Length $across, Length $down): ?Design
    {
        $none = Length::zero();
        if ($this->resizer->sizing($design)->taller === []) {
            $across = $down = Length::longest($across, $down);
        }
        foreach ([[$across, $down], [$across, $none], [$none, $down], [$across->half(), $down->half()]] as [$broader, $taller]) {
            $next = $this->resizer->resized($design, $broader, $taller, true);
            if ($next !== null && $next->parameters != $design->parameters) {
                return $next;
            }
        }

        return null;
    }

    /**
     * By how much a page is too narrow and too low; less than nothing: too large.
     *
     * @return array{Length|null, Length}
     */
    private function shortfall(Design $design, Size $page, bool $ofMost): array
    {
        $rooms = array_filter(
            PhotoCount::rooms($this->workshop->blueprint($design)),
            static fn (array $room): bool => $room[0]->isPositive(),
        );
        $from = static fn (Size $room): int => abs($page->width->ticks - $room->width->ticks)
            + abs($page->height->ticks - $room->height->ticks);
        usort($rooms, static fn (array $one, array $other): int => [$ofMost ? $other[1] : 0, $from($one[0])]
            <=> [$ofMost ? $one[1] : 0, $from($other[0])]);

        return $rooms === [] ? [null, Length::zero()]
            : [$page->width->minus($rooms[0][0]->width), $page->height->minus($rooms[0][0]->height)];
    }

    /** With as many pages as it takes, or as many as it can have. */
    private function withPages(Design $design, Wish $wish): Design
    {
        if ($wish->photos + $wish->cards === 0) {
            return $design;
        }
        [$low, $most] = $this->resizer->counts($design);
        $high = $low;
        $holds = fn (int $count): bool => $this->missing($this->resizer->counted($design, $count), $wish) === 0;
        while ($high < $most && ! $holds($high)) {
            [$low, $high] = [$high + 1, min($most, 2 * $high)];
        }
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            [$low, $high] = $holds($middle) ? [$low, $middle] : [$middle + 1, $high];
        }

        return $this->resizer->counted($design, $high) ?? $design;
    }

    /**
     * Narrower and lower as long as that costs no print, then what goes where it is to lie, and what is thin enough.
     *
     * @return iterable<Design>
     */
    private function smaller(Design $design, Wish $wish): iterable
    {
        $missing = $this->missing($design, $wish);
        $none = Length::zero();
        if ($wish->photos > 0 && $missing === 0) {
            foreach ([[$this->step($design), $none], [$none, $this->step($design)]] as [$across, $down]) {
                for ($step = 0; $step < self::MOST_STEPS; $step++) {
                    $less = $this->resizer->resized($design, $none->minus($across), $none->minus($down));
                    if ($less === null || $less->parameters == $design->parameters || $this->missing($less, $wish) > 0) {
                        break;
                    }
                    $design = $less;
                }
            }
            yield $design;
        }
        foreach ($wish->outer === null ? [] : [$wish->outer, $wish->outer->turned()] as $outer) {
            $closed = $this->resizer->closed($design);
            $within = $this->resizer->resized(
                $design,
                Length::shortest($none, $outer->width->minus($closed->width)),
                Length::shortest($none, $outer->height->minus($closed->height)),
            );
            if ($within !== null) {
                yield $this->withPages($within, $wish);
            }
        }
        $longer = $this->resizer->sizing($design)->longer;
        if ($longer === null || $wish->thick === null) {
            return;
        }
        [$fewest] = $this->resizer->counts($design);
        for ($count = $design->parameters->count($longer) - 1; $count >= $fewest; $count--) {
            $thinner = $this->resizer->counted($design, $count);
            if ($thinner !== null && ! $this->thickness($thinner)->isMoreThan($wish->thick)) {
                yield $thinner;

                return;
            }
        }
    }

    /** Prints and cards that find no place. */
    private function missing(?Design $design, Wish $wish): int
    {
        return $design === null ? PHP_INT_MAX : $this->notHeld($this->workshop->blueprint($design), $wish);
    }

    private function notHeld(Blueprint $blueprint, Wish $wish): int
    {
        $pockets = $wish->cards === 0 ? 0 : $this->pockets($blueprint, $wish);

        return max(0, $wish->photos - $this->holds($blueprint, $wish)) + max(0, $wish->cards - $pockets);
    }

    /** Prints that it holds; pockets are for the cards first. */
    private function holds(Blueprint $blueprint, Wish $wish): int
    {
        if ($wish->photo === null) {
            return 0;
        }
        $count = PhotoCount::of($wish->photo, $blueprint, $wish->lying);

        return $count->onMounts + $count->onPages + max(0, $count->inPockets - $wish->cards);
    }

    private function pockets(Blueprint $blueprint, Wish $wish): int
    {
        $card = ($wish->photo ?? PhotoSize::ThreeByFour)->size();

        return count(array_filter($blueprint->all(Pouch::class), static fn (Pouch $pouch): bool => $pouch->holds($card)));
    }

    private function thickness(Design $design): Length
    {
        return Profile::of($this->workshop->blueprint($design), $design->papers())->thickest(true);
    }

    /** How much of a wish a size misses, as far as that is known before it is planned; the less the better. */
    private function shortOf(Design $design, Blueprint $blueprint, Wish $wish): int
    {
        $notHeld = $this->notHeld($blueprint, $wish);
        $misses = (int) ($wish->outer !== null && ! $blueprint->closedSize()->fitsInEitherWay($wish->outer))
            + (int) ($wish->thick !== null && $this->thickness($design)->isMoreThan($wish->thick))
            + (int) ($notHeld > 0);

        // What cannot be cut at all comes last.
        return ($this->tooLarge($design, $blueprint) > 0 ? 100_000 : 0) + 1_000 * $misses + min(999, $notHeld);
    }

    /** Pieces that no sheet of their paper gives. */
    private function tooLarge(Design $design, Blueprint $blueprint): int
    {
        $papers = $design->papers();

        return array_sum(array_map(
            static fn (Part $part): int => $part->size->fitsInEitherWay($papers[$part->paper()]->sheet) ? 0 : $part->quantity,
            $blueprint->parts,
        ));
    }

    private function planned(Design $design, Wish $wish): Advised
    {
        $plan = $this->workshop->plan($design, $wish->copies);
        $reach = $wish->there === [] ? null : (new Drawer($wish->there))->reach($plan->stocks);

        return new Advised(
            $plan,
            $this->holds($plan->blueprint, $wish),
            $this->notHeld($plan->blueprint, $wish),
            [...$this->lacks($plan, $wish), ...$this->lackingPaper($plan, $wish, $reach)],
            $wish->hand === null ? [] : $this->wants($plan, $wish->hand->name),
            $wish->hand?->name,
            $reach,
        );
    }

    /** @return list<string> */
    private function lacks(WorkPlan $plan, Wish $wish): array
    {
        $skill = $plan->structure->about()->skill;
        $closings = $plan->blueprint->closings();
        $lacks = [...$this->lackingPlaces($plan, $wish), ...$this->lackingRoom($plan, $wish)];
        if ($wish->shutting !== null && ! $wish->shutting->isKeptBy($closings)) {
            $lacks[] = $closings === [] ? 'Nothing keeps it shut.' : 'It closes with '.implode(', ', $closings).'.';
        }
        $isSewn = static fn (Task $task): bool => $task->caution === Caution::Needle;
        if (! $wish->needle && array_filter($plan->blueprint->tasks, $isSewn) !== []) {
            $lacks[] = 'It is sewn, which takes a needle.';
        }
        if (! $wish->coil && array_filter($plan->requisites(), static fn (Requisite $one): bool => $one->kind === Sundry::Coil) !== []) {
            $lacks[] = 'It takes a tool for coils.';
        }
        if ($wish->most !== null && self::rank($skill) > self::rank($wish->most)) {
            $lacks[] = "It asks for {$skill->label()}.";
        }

        return $lacks;
    }

    /** @return list<string> */
    private function lackingPlaces(WorkPlan $plan, Wish $wish): array
    {
        $lacks = [];
        $holds = $this->holds($plan->blueprint, $wish);
        if ($holds < $wish->photos) {
            $lacks[] = "It holds {$holds} of the {$wish->photos} prints.";
        }
        $pockets = $wish->cards === 0 ? 0 : $this->pockets($plan->blueprint, $wish);
        if ($pockets < $wish->cards) {
            $lacks[] = "It has {$pockets} pockets for the {$wish->cards} cards.";
        }

        return $lacks;
    }

    /** @return list<string> */
    private function lackingRoom(WorkPlan $plan, Wish $wish): array
    {
        $lacks = [];
        $notation = $plan->notation();
        $closed = $plan->blueprint->closedSize();
        if ($wish->outer !== null && ! $closed->fitsInEitherWay($wish->outer)) {
            $lacks[] = "Closed it is {$notation->size($closed)} and does not go into {$notation->size($wish->outer)}.";
        }
        $thick = $plan->thickness(true);
        if ($wish->thick !== null && $thick->isMoreThan($wish->thick)) {
            $lacks[] = "Filled it is {$notation->text($notation->grid->up($thick))} thick, more than {$notation->text($wish->thick)}.";
        }

        return $lacks;
    }

    /** @return list<string> */
    private function lackingPaper(WorkPlan $plan, Wish $wish, ?Reach $reach): array
    {
        $lacks = [];
        $tooLarge = $this->tooLarge($plan->design, $plan->blueprint);
        if ($tooLarge > 0) {
            $lacks[] = $tooLarge === 1 ? 'One of its pieces is larger than a sheet.' : "{$tooLarge} of its pieces are larger than a sheet.";
        }
        foreach ($tooLarge > 0 ? [] : $plan->stocks as $stock) {
            $missing = array_sum($stock->cuts->missing);
            if ($missing > 0) {
                $lacks[] = "The {$stock->stock->available} sheets of {$stock->stock->name} are not enough: "
                    .($missing === 1 ? 'one piece finds' : "{$missing} pieces find").' no room.';
            }
        }
        if ($reach !== null && $reach->copies < 1) {
            $sheets = array_map(
                static fn ($missing): string => "{$missing->count} of {$missing->kind->label()} {$plan->notation()->size($missing->size)}",
                $reach->missing,
            );
            $lacks[] = 'The drawer has too few sheets: '.implode(', ', $sheets).' are missing.';
        }
        foreach ($plan->report->bySeverity(Severity::Stop) as $finding) {
            if (! in_array($finding->kind, ['piece-too-large', 'paper-runs-out'], true)) {
                $lacks[] = $finding->text;
            }
        }

        return $lacks;
    }

    /** @return list<string> sheets beside those in hand */
    private function wants(WorkPlan $plan, string $hand): array
    {
        $wants = [];
        foreach ($plan->stocks as $stock) {
            $count = $stock->cuts->sheets();
            if ($stock->stock->name !== $hand && $count > 0) {
                $wants[] = "{$count} ".($count === 1 ? 'sheet' : 'sheets')." of {$stock->stock->name}, "
                    .$plan->notation()->size($stock->stock->sheet);
            }
        }

        return $wants;
    }

    private static function rank(Skill $skill): int
    {
        return (int) array_search($skill, Skill::cases(), true);
    }

    private function step(Design $design): Length
    {
        return (new Allowances($design->unit))->quarter();
    }
}
