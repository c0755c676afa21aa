<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawer\BesidesPaper;
use App\Drawing\FlapsLifted;
use App\Drawing\Prints;
use App\Drawing\SmallPictures;
use App\Drawing\SpreadDrawing;
use App\History\History;
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

final readonly class PlanController
{
    /** Sent with a change by a page that can take its drawing first and fetch the rest, and with such an answer. */
    public const DRAWN_FIRST = 'X-Drawn-First';

    /** Sent with the question for that rest: it says what was changed. */
    public const FOLLOWS = 'X-Follows';

    public function __construct(
        private BesidesPaper $besides,
        private SmallPictures $small,
        private Showroom $showroom,
        private History $history,
    ) {
    }

    public function __invoke(Request $request, Project $project, Plans $plans): View|Response
    {
        $plan = $plans->kept($project);
        if ($plan === null && $this->mayBeDrawnFirst($request)) {
            return $this->drawn($request, $project, $plans->layout($project));
        }
        $plan ??= $plans->plan($project);
        $prints = Prints::of($plan);
        $seen = $this->seen($request, $project, $plan->layout, $prints);
        $changed = $this->changed($request, $project);
        $before = $changed === null ? null : $plans->before($project);

        return view('plan', [
            ...$seen,
            'plan' => $plan,
            'changed' => $changed,
            'progress' => new Progress($project, $plan),
            'small' => $this->small->near($plan, $prints, (int) array_search($seen['opening'], $seen['spreads']->openings(), true)),
            'showroom' => $this->showroom,
            'besides' => $this->besides->against($plan->requisites()),
            'tally' => Tally::of($plan),
            'before' => $before === null ? null : Tally::of($before),
            'consequences' => $before === null ? [] : (new WhatChanged($before, $plan))->sentences(),
        ]);
    }

    /** What is said once, besides what was changed, is said at once and with the whole page. */
    private function mayBeDrawnFirst(Request $request): bool
    {
        return $request->hasHeader(self::DRAWN_FIRST) && in_array(session('_flash.old', []), [[], ['changed']], true);
    }

    /** What was changed, in words, where it is to be said. A session may be written over meanwhile: what follows a drawing looks it up. */
    private function changed(Request $request, Project $project): ?string
    {
        if ($request->hasHeader(self::FOLLOWS)) {
            KeptPages::passes($request);

            return $this->history->lastDone($project)?->sentence;
        }
        $changed = session('changed');

        return is_string($changed) ? $changed : null;
    }

    /** What one looks at while changing it, before the cuts are planned. */
    private function drawn(Request $request, Project $project, Layout $layout): Response
    {
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
