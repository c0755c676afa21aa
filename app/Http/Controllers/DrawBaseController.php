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
use Ephemeron\Blueprint\Thing;
use Ephemeron\Design\Design;
use Ephemeron\Folding\FlapsShut;
use Ephemeron\Folding\SceneBuilder;
use Ephemeron\Format\DesignWriter;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\Furniture\Showroom;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Paper\StockRole;
use Ephemeron\Refusal;
use Ephemeron\Structure\BaseFlap;
use Ephemeron\Structure\BlankFlap;
use Ephemeron\Structure\DrawnBase;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** A free base drawn by hand: the flat blank, the same as a list, and the folded book beside it. */
final readonly class DrawBaseController
{
    public function __construct(private Plans $plans, private DesignWriter $writer, private Showroom $showroom)
    {
    }

    public function show(Project $project): View
    {
        $plan = $this->plans->plan($project);
        $base = self::base($plan->design);
        // With what is glued to it, where something is.
        $scene = $plan->scenes()->scene(SceneBuilder::BOOK) ?? $plan->scenes()->scene('base');
        $folded = $plan->scenes()->foldedSheet($plan->blueprint->part('base'));
        $flaps = BlankFlap::all($plan->blueprint, $base);

        return view('base', [
            'project' => $project,
            'plan' => $plan,
            'progress' => new Progress($project, $plan),
            'base' => $base,
            'drawing' => new BaseDrawing($base, $plan->notation(), $flaps),
            'flaps' => $flaps,
            'snaps' => array_map(
                static fn (Axis $along): array => [
                    $along->value,
                    self::places($base->places($along), $plan->notation()),
                    self::places($base->marks($along, $plan->design->tools->grid), $plan->notation()),
                ],
                Axis::cases(),
            ),
            'offMarks' => $base->offMarks($plan->design->tools->grid),
            'sheet' => $plan->design->materials[StockRole::StructureCard->value]->sheet,
            'isOffMarks' => $base->isOffMarks($plan->design->tools->grid),
            'areas' => $base->areas(),
            'folded' => $folded->size(),
            'shut' => FlapsShut::of($folded, $flaps),
            'things' => array_values(array_filter(
                $plan->blueprint->all(Thing::class),
                static fn (Thing $thing): bool => $thing->kind !== BaseFlap::KIND,
            )),
            'kinds' => $this->showroom->byKin(),
            'faces' => $plan->blueprint->faces,
            'stops' => $plan->report->findings,
            'steps' => $scene->steps ?? [],
            'problems' => $scene->problems ?? [],
            'markup' => $scene === null ? null : (new FoldingMarkup($scene, Prints::of($plan)))->html(),
            'tally' => Tally::of($plan),
        ]);
    }

    public function change(DrawBaseRequest $request, Project $project, ProjectEditor $editor): RedirectResponse
    {
        $plan = $this->plans->plan($project);
        $field = match ($request->string('act')->value()) {
            'line' => 'corners',
            'flap' => 'reach',
            default => 'at',
        };
        try {
            $changes = $request->changes(self::base($plan->design), $plan, $this->writer->toArray($plan->design));
            $change = $editor->change($project, $changes, $request->revision());
        } catch (Refusal $refusal) {
            $why = $refusal instanceof InvalidDesign ? implode(' ', $refusal->errors) : $refusal->getMessage();

            return redirect()->route('base', $project, 303)->withInput($request->only(DrawBaseRequest::KEPT))->withErrors([$field => $why]);
        }

        return redirect()->route('base', $project, 303)->with('changed', $change === '' ? null : $change);
    }

    /**
     * Places as a hand finds them.
     *
     * @param list<Length> $places
     * @return list<array{float, string}> in millimetres, and as it is written
     */
    private static function places(array $places, Notation $notation): array
    {
        return array_map(static fn (Length $at): array => [round($at->inMillimetres(), 4), $notation->exact($at)], $places);
    }

    private static function base(Design $design): DrawnBase
    {
        abort_unless($design->structure === 'free-base', 404);

        return DrawnBase::of($design->parameters, $design->unit);
    }
}
