<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawer\BesidesPaper;
use App\Drawing\OpenedAt;
use App\Drawing\Prints;
use App\Drawing\SmallPictures;
use App\Models\Project;
use App\Planning\Plans;
use App\Planning\Progress;
use App\Planning\Tally;
use App\Planning\WhatChanged;
use Ephemeron\Furniture\Showroom;
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
        $prints = Prints::of($plan);
        $seen = new OpenedAt($plan->sketch(), $prints, $request->query('face'), $request->query('flaps') === 'up');
        $kind = $request->query('put');
        $before = session('changed') === null ? null : $plans->before($project);

        return view('plan', [
            'project' => $project,
            'plan' => $plan,
            'progress' => new Progress($project, $plan),
            'seen' => $seen,
            'face' => $seen->face,
            'spreads' => $seen->spreads,
            'small' => $this->small->near($plan, $seen->spreads, $prints, $seen->index()),
            'lifted' => $seen->lifted,
            'showroom' => $showroom,
            'putting' => is_string($kind) && $showroom->has($kind) ? $showroom->get($kind) : null,
            'besides' => $this->besides->against($plan->requisites()),
            'tally' => Tally::of($plan),
            'before' => $before === null ? null : Tally::of($before),
            'consequences' => $before === null ? [] : (new WhatChanged($before, $plan))->sentences(),
        ]);
    }
}
