<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawer\BesidesPaper;
use App\Drawing\FlapsLifted;
use App\Drawing\Prints;
use App\Drawing\SmallPictures;
use App\Drawing\SpreadDrawing;
use App\Http\Middleware\KeptPages;
use App\Models\Project;
use App\Planning\Plans;
use App\Planning\Progress;
use App\Planning\Tally;
use App\Planning\WhatChanged;
use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\Face;
use Ephemeron\Fit\Layout;
use Ephemeron\Furniture\Showroom;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Session;

final readonly class PlanController
{
    /** Sent with a change by a page that can take its drawing first and fetch the rest, and with such an answer. */
    public const DRAWN_FIRST = 'X-Drawn-First';

    public function __construct(private BesidesPaper $besides, private SmallPictures $small, private Showroom $showroom)
    {
    }

    public function __invoke(Request $request, Project $project, Plans $plans): View|Response
    {
        $plan = $plans->kept($project);
        if ($plan === null && $request->hasHeader(self::DRAWN_FIRST)) {
            return $this->drawn($request, $project, $plans->layout($project));
        }
        $plan ??= $plans->plan($project);
        $prints = Prints::of($plan);
        $seen = $this->seen($request, $project, $plan->layout, $prints);
        $before = session('changed') === null ? null : $plans->before($project);

        return view('plan', [
            ...$seen,
            'plan' => $plan,
            'progress' => new Progress($project, $plan),
            'small' => $this->small->near($plan, $prints, (int) array_search($seen['opening'], $seen['spreads']->openings(), true)),
            'showroom' => $this->showroom,
            'besides' => $this->besides->against($plan->requisites()),
            'tally' => Tally::of($plan),
            'before' => $before === null ? null : Tally::of($before),
            'consequences' => $before === null ? [] : (new WhatChanged($before, $plan))->sentences(),
        ]);
    }

    /** What one looks at while changing it, before the cuts are planned; what was to be said is said on the page that follows. */
    private function drawn(Request $request, Project $project, Layout $layout): Response
    {
        Session::reflash();
        KeptPages::passes($request);

        $seen = $this->seen($request, $project, $layout, Prints::before($layout));

        return response()->view('plan.drawn', $seen, headers: [self::DRAWN_FIRST => '1']);
    }

    /** @return array{spreads: SpreadDrawing, opening: list<Face>}&array<string, mixed> what the opening that is looked at is drawn from */
    private function seen(Request $request, Project $project, Layout $layout, Prints $prints): array
    {
        $face = $this->face($layout->blueprint, $request->query('face'));
        $spreads = new SpreadDrawing($layout, $prints);
        $flaps = new FlapsLifted($layout->blueprint);
        $kind = $request->query('put');

        return [
            'project' => $project,
            'layout' => $layout,
            'face' => $face,
            'spreads' => $spreads,
            'opening' => $spreads->openingOf($face->key),
            'lifted' => $request->query('flaps') === 'up' ? $flaps->all() : $flaps->toSee($face),
            'putting' => is_string($kind) && $this->showroom->has($kind) ? $this->showroom->get($kind) : null,
        ];
    }

    /** The face that was asked for, else the first page. */
    private function face(Blueprint $blueprint, mixed $asked): Face
    {
        $pages = $blueprint->pages();
        $face = is_string($asked) ? $blueprint->faces[$asked] ?? null : null;

        return $face ?? $pages['page-1'] ?? $pages[array_key_first($pages)] ?? throw new \LogicException('A book has a face.');
    }
}
