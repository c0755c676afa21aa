<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Project;
use App\Models\StepTime;
use Ephemeron\Bench\Step;
use Ephemeron\Blueprint\Phase;
use Ephemeron\WorkPlan;
use Illuminate\Support\Facades\DB;

/** The clock of a book: it runs for one step at a time, wherever it is looked at, and goes on with the hands. */
final readonly class StepClock
{
    public function __construct(private Project $project)
    {
    }

    public function start(string $step): void
    {
        DB::transaction(function () use ($step): void {
            $this->stop();
            StepTime::query()->firstOrCreate(['project_id' => $this->project->id, 'step' => $step])->update(['running_since' => now()]);
        });
    }

    /** @param int $forgotten seconds at the end in which nobody worked */
    public function stop(int $forgotten = 0): void
    {
        foreach ($this->times()->get() as $time) {
            $time->running_since === null ? null : $time->update(
                ['seconds' => $time->seconds + max(0, $time->running() - $forgotten), 'running_since' => null],
            );
        }
    }

    /** The hands went on to another step: so does the clock, if it runs. */
    public function goOn(string $step): void
    {
        if ($this->times()->whereNotNull('running_since')->exists()) {
            $this->start($step);
        }
    }

    public function of(string $step): ?StepTime
    {
        return $this->times()->where('step', $step)->first();
    }

    /** @return array<string, int> seconds by the label of the phase, in the order of the work */
    public function byPhase(WorkPlan $plan): array
    {
        $seconds = [];
        foreach ($this->times()->get() as $time) {
            $seconds[$time->step] = $time->soFar();
        }
        $phases = [];
        foreach ($plan->steps as $step) {
            $spent = $seconds[$step->key] ?? 0;
            if ($spent > 0) {
                $phases[$step->phase->label()] = ($phases[$step->phase->label()] ?? 0) + $spent;
            }
        }

        return $phases;
    }

    /**
     * What is left at the pace of the maker’s own times, kind by kind once there are some of it; else at a plain estimate.
     *
     * @param list<Step> $left
     * @return array{int, bool} seconds, and whether most of them are the maker’s own
     */
    public static function left(array $left): array
    {
        $own = [];
        $times = StepTime::query()->toBase()->where('seconds', '>', 0)->latest('id')->limit(self::REMEMBERED)->get(['step', 'seconds']);
        foreach ($times as $time) {
            [$step, $spent] = array_values((array) $time);
            if (is_string($step) && is_numeric($spent)) {
                $own[self::kind($step)][] = (int) $spent;
            }
        }
        [$seconds, $known] = [0, 0];
        foreach ($left as $step) {
            $times = $own[self::kind($step->key)] ?? [];
            $isOwn = count($times) >= self::ENOUGH;
            $known += $isOwn ? 1 : 0;
            $seconds += $isOwn ? (int) round(array_sum($times) / count($times)) : self::estimate($step);
        }

        return [$seconds, $left !== [] && 2 * $known > count($left)];
    }

    /** Times of one’s own of a kind before they are believed. */
    private const ENOUGH = 3;

    private const REMEMBERED = 400;

    /** Steps with the same first word are of a kind: cut, score, fold, mat … */
    private static function kind(string $step): string
    {
        return explode('-', $step)[0];
    }

    /** Seconds (assumed). */
    private static function estimate(Step $step): int
    {
        return match ($step->phase) {
            Phase::Cut => 180,
            Phase::Score, Phase::Slit, Phase::Notch => 90,
            Phase::Fold => 90 * max(1, count($step->places)),
            Phase::Sort, Phase::Prepare, Phase::DryFit => 120,
            default => 240,
        };
    }

    /** @return \Illuminate\Database\Eloquent\Builder<StepTime> */
    private function times(): \Illuminate\Database\Eloquent\Builder
    {
        return StepTime::query()->where('project_id', $this->project->id);
    }
}
