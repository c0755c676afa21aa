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
use App\Planning\KeptParts;
use App\Planning\Plans;
use App\Planning\Progress;
use Ephemeron\Binding\Sewing;
use Ephemeron\Blueprint\Flap;
use Ephemeron\Folding\PageMap;
use Ephemeron\Folding\PageTurns;
use Ephemeron\WorkPlan;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** The book before it is cut: how it folds, which panel becomes which page, and how thick it will be. */
final readonly class FoldController
{
    private const PAGES = 'pages';

    public const SEWING = 'sewing';

    public function __construct(private Plans $plans, private KeptParts $kept)
    {
    }

    public function __invoke(Request $request, Project $project): View
    {
        $plan = $this->plans->plan($project);
        $names = $this->names($plan);
        $asked = $request->query('scene');
        $key = is_string($asked) && isset($names[$asked]) ? $asked : (string) array_key_first($names);

        return view('fold', [
            'project' => $project,
            'plan' => $plan,
            'progress' => new Progress($project, $plan),
            'seen' => $this->made($request, $project, $plan, $names, $key),
        ]);
    }

    /** @param array<string, string> $names */
    private function made(Request $request, Project $project, WorkPlan $plan, array $names, string $key): ?string
    {
        $make = fn (): string => $this->seen($project, $plan, $names, $key)->render();

        // Sewing has fields of its own in it. Links in the others name the machine.
        return $key === self::SEWING ? $make() : $this->kept->of($project, "fold-{$key}", [$request->root()], $make);
    }

    /** @return array<string, string> the scenes there are, by key */
    private function names(WorkPlan $plan): array
    {
        return $plan->scenes()->names()
            + (PageTurns::of($plan->blueprint) === null ? [] : [self::PAGES => 'Turning the pages'])
            + ($plan->blueprint->all(Sewing::class) === [] ? [] : [self::SEWING => 'Sewing']);
    }

    /** @param array<string, string> $names */
    private function seen(Project $project, WorkPlan $plan, array $names, string $key): View
    {
        $scenes = $plan->scenes();
        $turns = $key === self::PAGES ? PageTurns::of($plan->blueprint) : null;
        $sewing = $plan->blueprint->all(Sewing::class)[0] ?? null;
        $scene = in_array($key, [self::PAGES, self::SEWING], true) ? null : $scenes->scene($key);
        $map = PageMap::of($plan->blueprint, $plan->design->papers(), $scenes->foldedSheet(...));

        return view('fold.seen', [
            'project' => $project,
            'plan' => $plan,
            'names' => $names,
            'key' => $key,
            'sewing' => $key === self::SEWING ? $sewing : null,
            'stitches' => new StitchDrawing($plan->notation()),
            'notation' => $plan->notation(),
            'hasFlaps' => $turns !== null && $plan->blueprint->all(Flap::class) !== [],
            'steps' => $turns?->steps() ?? $scene->steps ?? [],
            'problems' => $scene->problems ?? [],
            'markup' => match (true) {
                $turns !== null => (new TurningMarkup($plan, $turns, Prints::of($plan)))->html(),
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
