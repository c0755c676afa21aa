<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Project;
use Ephemeron\Gathering\Proposal;
use Ephemeron\Gathering\Sheet;
use Ephemeron\Gathering\Signature;
use Ephemeron\Structure\Gathered;
use Ephemeron\WorkPlan;
use Illuminate\Support\Facades\Cache;

/** The best order of a journal's leaves that is found, as a change of its design; what came of it is said once. */
final readonly class LeavesInOrder
{
    /** So many places are looked at for one signature: about half a second. */
    private const PATIENCE = 30_000;

    /** Seconds in which somebody may come back to read what came of it. */
    private const REMEMBERED = 600;

    public function __construct(private Plans $plans)
    {
    }

    /**
     * @param (\Closure(int, int): void)|null $told signatures done, and all of them
     * @return array<string, mixed> empty where the book has no leaves
     */
    public function changes(Project $project, ?\Closure $told = null): array
    {
        $plan = $this->plans->plan($project);
        $gathered = self::gathered($plan);
        if ($gathered === null) {
            return [];
        }
        $proposals = $plan->design->leaves->proposed(
            $gathered->template,
            $gathered->school,
            ...[...self::shape($gathered), self::PATIENCE, $told],
        );
        Cache::put($this->key($project), $this->sentence($proposals), self::REMEMBERED);

        return self::order(array_map(static fn (Proposal $proposal): Signature => $proposal->signature, $proposals));
    }

    /** What came of the last look, once; null where it was said or there was none. */
    public function said(Project $project): ?string
    {
        $said = Cache::pull($this->key($project));

        return is_string($said) ? $said : null;
    }

    public static function gathered(WorkPlan $plan): ?Gathered
    {
        return $plan->blueprint->all(Gathered::class)[0] ?? null;
    }

    /** @return array{int, int} signatures, and sheets in each */
    public static function shape(Gathered $gathered): array
    {
        $signatures = $gathered->block->signatures;

        return [count($signatures), count($signatures[0]->sheets ?? [])];
    }

    /**
     * @param list<Signature> $order
     * @return array<string, mixed>
     */
    public static function order(array $order): array
    {
        return ['leaves.order' => array_map(static fn (Signature $signature): array => [
            'sheets' => implode(' ', array_map(static fn (Sheet $sheet): string => $sheet->meeting->paper->key, $signature->sheets)),
        ], $order)];
    }

    /** @param list<Proposal> $proposals */
    private function sentence(array $proposals): string
    {
        $left = array_sum(array_map(static fn (Proposal $proposal): int => count($proposal->broken), $proposals));
        $isProven = array_filter($proposals, static fn (Proposal $proposal): bool => ! $proposal->isProven) === [];

        return sprintf(
            '%s %s',
            $isProven ? 'No order keeps the rules better: this is proven.' : 'The best order that was found; there may be a better one.',
            match ($left) {
                0 => 'All of them are kept.',
                1 => 'Once a rule could not be kept.',
                default => "{$left} times a rule could not be kept.",
            },
        );
    }

    private function key(Project $project): string
    {
        return "leaves-in-order-{$project->id}";
    }
}
