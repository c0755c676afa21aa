<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawer\BesidesPaper;
use App\Drawing\FlapsLifted;
use App\Drawing\Prints;
use App\Drawing\SmallPictures;
use App\Drawing\SpreadDrawing;
use App\Models\Project;
use App\Planning\Plans;
use App\Planning\Progress;
use App\Planning\Tally;
use App\Planning\WhatChanged;
use Ephemeron\Blueprint\Face;
use Ephemeron\Furniture\Showroom;
use Ephemeron\WorkPlan;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

final readonly class PlanController
{
    public function __construct(private BesidesPaper $besides, private SmallPictures $small)
    {
    }

    public function __invoke(Request $request, Project $project, Plans $plans, Showroom $showroom): View
    {
        $plan = $plans->plan($project);
        $face = $this->face($plan, $request->query('face'));
        $prints = Prints::of($plan);
        $spreads = new SpreadDrawing($plan, $prints);
        $opening = $spreads->openingOf($face->key);
        $flaps = new FlapsLifted($plan->blueprint);
        $kind = $request->query('put');
        $before = session('changed') === null ? null : $plans->before($project);

        return view('plan', [
            'project' => $project,
            'plan' => $plan,
            'progress' => new Progress($project, $plan),
            'face' => $face,
            'spreads' => $spreads,
            'small' => $this->small->near($plan, $prints, (int) array_search($opening, $spreads->openings(), true)),
            'opening' => $opening,
            'lifted' => $request->query('flaps') === 'up' ? $flaps->all() : $flaps->toSee($face),
            'showroom' => $showroom,
            'putting' => is_string($kind) && $showroom->has($kind) ? $showroom->get($kind) : null,
            'besides' => $this->besides->against($plan->requisites()),
            'tally' => Tally::of($plan),
            'before' => $before === null ? null : Tally::of($before),
            'consequences' => $before === null ? [] : (new WhatChanged($before, $plan))->sentences(),
        ]);
    }

    /** The face that was asked for, else the first page. */
    private function face(WorkPlan $plan, mixed $asked): Face
    {
        $pages = $plan->blueprint->pages();
        $face = is_string($asked) ? $plan->blueprint->faces[$asked] ?? null : null;

        return $face ?? $pages['page-1'] ?? $pages[array_key_first($pages)] ?? throw new \LogicException('A book has a face.');
    }
}
