<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawing\BaseDrawing;
use App\Drawing\FoldingMarkup;
use App\Drawing\Prints;
use App\Http\Requests\DrawBaseRequest;
use App\Models\Project;
use App\Planning\Plans;
use App\Planning\Progress;
use App\Planning\ProjectEditor;
use App\Planning\Tally;
use Ephemeron\Design\Design;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\Refusal;
use Ephemeron\Structure\DrawnBase;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** A free base drawn by hand: the flat blank, the same as a list, and the folded book beside it. */
final readonly class DrawBaseController
{
    public function __construct(private Plans $plans)
    {
    }

    public function show(Project $project): View
    {
        $plan = $this->plans->plan($project);
        $base = self::base($plan->design);
        $scene = $plan->scenes()->scene('base');

        return view('base', [
            'project' => $project,
            'plan' => $plan,
            'progress' => new Progress($project, $plan),
            'base' => $base,
            'drawing' => new BaseDrawing($base, $plan->notation()),
            'steps' => $scene->steps ?? [],
            'problems' => $scene->problems ?? [],
            'markup' => $scene === null ? null : (new FoldingMarkup($scene, Prints::of($plan)))->html(),
            'tally' => Tally::of($plan),
        ]);
    }

    public function change(DrawBaseRequest $request, Project $project, ProjectEditor $editor): RedirectResponse
    {
        $design = $this->plans->design($project);
        $back = redirect()->route('base', $project, 303)
            ->withInput($request->only(['act', 'at', 'along', 'fold', 'score', 'name', 'wide', 'tall', 'corners', 'kind']));
        $field = $request->string('act')->value() === 'line' ? 'corners' : 'at';
        try {
            $drawn = $request->applied(self::base($design), $design->unit, $design->tools->grid);
            $change = $editor->change($project, $drawn->changes(), $request->revision());
        } catch (InvalidDesign $refusal) {
            return $back->withErrors([$field => implode(' ', $refusal->errors)]);
        } catch (Refusal $refusal) {
            return $back->withErrors([$field => $refusal->getMessage()]);
        }

        return redirect()->route('base', $project, 303)->with('changed', $change === '' ? null : $change);
    }

    private static function base(Design $design): DrawnBase
    {
        abort_unless($design->structure === 'free-base', 404);

        return DrawnBase::of($design->parameters, $design->unit);
    }
}
