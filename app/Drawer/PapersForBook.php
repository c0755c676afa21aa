<?php

declare(strict_types=1);

namespace App\Drawer;

use App\Models\Paper;
use App\Models\Project;
use App\Planning\Plans;
use Ephemeron\Cutting\CutPlanner;
use Ephemeron\Cutting\Demand;
use Ephemeron\Design\Alternation;
use Ephemeron\Drawer\Proposal;
use Ephemeron\Drawer\Proposer;
use Ephemeron\Drawer\Want;
use Ephemeron\Drawer\Wishes;
use Ephemeron\Measure\Notation;
use Ephemeron\Paper\Stock;
use Ephemeron\Paper\StockRole;
use Ephemeron\WorkPlan;
use Ephemeron\Workshop;

/** Papers of the drawer for the roles of a book: taken one by one or proposed for all. */
final readonly class PapersForBook
{
    public function __construct(private Plans $plans, private Workshop $workshop, private CutPlanner $planner, private OnOffer $offers)
    {
    }

    /**
     * Proposals, and how facing pages are told apart by them.
     *
     * @return array{Alternation, list<Proposal>}
     */
    public function propose(Project $project, Wishes $wishes): array
    {
        $plan = $this->plans->plan($project);
        $now = $plan->design->mats->alternate;
        if (! $wishes->facing || $plan->design->mats->layers === 0) {
            return [$now, $this->proposals($plan, $wishes)];
        }
        $proposals = $this->proposals($this->plans->tried($project, ['mats.alternate' => Alternation::Papers->value]), $wishes);
        foreach ($proposals as $proposal) {
            if ($proposal->role === StockRole::MatOther && $proposal->offer === null) {
                // One pattern only: its two sides must do.
                return [
                    Alternation::Sides,
                    $this->proposals($this->plans->tried($project, ['mats.alternate' => Alternation::Sides->value]), $wishes),
                ];
            }
        }

        return [Alternation::Papers, $proposals];
    }

    /**
     * The changes to a design that take a paper for a role.
     *
     * @return array<string, mixed> by place
     */
    public function changes(Project $project, StockRole $role, Paper $paper, Notation $notation, bool $leftovers): array
    {
        // What this book has cut of it already it need not find there again.
        $paper = clone $paper;
        $paper->count += $paper->takenFor($project);
        $changes = [];
        foreach ([...$paper->material($notation), 'leftovers' => $leftovers ? $paper->leftoversFor($notation) : []] as $field => $value) {
            $changes["materials.{$role->value}.{$field}"] = $value;
        }

        return $changes;
    }

    /** @return list<Proposal> */
    private function proposals(WorkPlan $plan, Wishes $wishes): array
    {
        return (new Proposer($this->planner, $plan->trimmer()))->propose($this->wants($plan), $this->offers->for($plan->design), $wishes);
    }

    /** @return list<Want> */
    private function wants(WorkPlan $plan): array
    {
        $parts = [];
        foreach ($plan->blueprint->parts as $part) {
            if ($part->print === null) {
                $parts[$part->role->value][] = $part;
            }
        }
        $wants = [];
        foreach ($parts as $role => $those) {
            $wants[] = new Want(
                StockRole::from($role),
                fn (Stock $stock): array => array_map(fn ($part): Demand => $this->workshop->demand($part, $stock), $those),
            );
        }

        return $wants;
    }
}
