<?php

declare(strict_types=1);

namespace App\Club;

use App\Models\Maker;
use App\Models\PlanSearch;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Context;

/**
 * One maker alone on a machine, or many, each with books, papers and supplies of their own. Who is at work goes with the request, and with
 * what is queued from it.
 */
final readonly class Club
{
    public const ENOUGH = 'As much of yours waits for its turn as may. When something is done, ask again.';

    private const AT_WORK = 'maker';

    private const NOBODY = 0;

    public static function isOpen(): bool
    {
        return config('ephemeron.makers') === 'many';
    }

    /** Whether whoever is at work looks after the shelf. */
    public static function isKept(): bool
    {
        $maker = Auth::user();

        return ! self::isOpen() || ($maker instanceof Maker && $maker->keeper);
    }

    /** @return int|null number of the maker; 0: nobody may see anything; null: whoever keeps this machine sees all */
    public static function atWork(): ?int
    {
        $maker = self::isOpen() ? Context::getHidden(self::AT_WORK) : null;

        return is_int($maker) ? $maker : null;
    }

    public static function begin(?Maker $maker): void
    {
        Context::addHidden(self::AT_WORK, $maker->id ?? self::NOBODY);
    }

    /** Where what one maker queues waits for its turn: see {@see FairTurns}. */
    public static function queue(): string
    {
        $maker = self::atWork();

        return $maker === null ? 'default' : FairTurns::QUEUE.$maker;
    }

    /** Whether one more longer look may wait. */
    public static function mayQueue(): bool
    {
        $most = config('ephemeron.waiting');
        if (self::atWork() === null || ! is_int($most)) {
            return true;
        }

        return PlanSearch::query()->whereHas('project')->whereIn('state', [PlanSearch::WAITING, PlanSearch::RUNNING])->count() < $most;
    }
}
