<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawing\FoldingMarkup;
use App\Drawing\PageMapDrawing;
use App\Drawing\Prints;
use App\Drawing\ProfileDrawing;
use App\Drawing\StitchDrawing;
use App\Drawing\TurningMarkup;
use App\Models\Project;
use App\Planning\Plans;
use App\Planning\Progress;
use Ephemeron\Binding\Sewing;
use Ephemeron\Blueprint\Flap;
use Ephemeron\Folding\PageMap;
use Ephemeron\Folding\PageTurns;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** The book before it is cut: how it folds, which panel becomes which page, and how thick it will be. */
final readonly class FoldController
{
    private const PAGES = 'pages';

    public const SEWING = 'sewing';

    public function __invoke(Request $request, Project $project, Plans $plans): View
    {
        $plan = $plans->plan($project);
        $scenes = $plan->scenes();
        $turns = PageTurns::of($plan->blueprint);
        $sewing = $plan->blueprint->all(Sewing::class)[0] ?? null;
        $names = $scenes->names() + ($turns === null ? [] : [self::PAGES => 'Turning the pages'])
            + ($sewing === null ? [] : [self::SEWING => 'Sewing']);
        $asked = $request->query('scene');
        $key = is_string($asked) && isset($names[$asked]) ? $asked : (string) array_key_first($names);
        $scene = in_array($key, [self::PAGES, self::SEWING], true) ? null : $scenes->scene($key);
        $isTurning = $key === self::PAGES && $turns !== null;
        $map = PageMap::of($plan->blueprint, $plan->design->papers(), $scenes->foldedSheet(...));

        return view('fold', [
            'project' => $project,
            'plan' => $plan,
            'progress' => new Progress($project, $plan),
            'names' => $names,
            'key' => $key,
            'sewing' => $key === self::SEWING ? $sewing : null,
            'stitches' => new StitchDrawing($plan->notation()),
            'notation' => $plan->notation(),
            'hasFlaps' => $isTurning && $plan->blueprint->all(Flap::class) !== [],
            'steps' => $isTurning ? $turns->steps() : $scene->steps ?? [],
            'problems' => $scene->problems ?? [],
            'markup' => match (true) {
                $isTurning => (new TurningMarkup($plan, $turns, Prints::of($plan)))->html(),
                $scene !== null => (new FoldingMarkup($scene, Prints::of($plan)))->html(),
                default => null,
            },
            'map' => $map,
            'mapDrawing' => new PageMapDrawing($map, $plan->notation()),
            'profile' => $plan->workings->profile,
            'profileDrawing' => new ProfileDrawing($plan->notation()),
        ]);
    }
}
