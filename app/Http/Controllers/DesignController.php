<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawing\OpenedAt;
use App\Drawing\Prints;
use App\Http\Requests\ChangeDesignRequest;
use App\Models\Project;
use App\Planning\Plans;
use App\Planning\ProjectEditor;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\Workshop;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/** Every change to a design comes through here, as places and values. */
final readonly class DesignController
{
    public function __construct(private Plans $plans, private Workshop $workshop)
    {
    }

    public function __invoke(ChangeDesignRequest $request, Project $project, ProjectEditor $editor): RedirectResponse|Response
    {
        $back = redirect()->to($request->returnTo($project), 303);
        try {
            $change = $editor->change($project, $request->changes(), $request->revision());
        } catch (InvalidDesign $error) {
            return $back->withErrors($error->errors)->withInput($request->only('set'));
        }

        if ($change === '' || ! $request->isOnThePlan()) {
            return $change === '' ? $back : $back->with('changed', $change);
        }
        session()->flash('changed', $change);

        return $this->sketch($project, $request->input('face'), $request->returnTo($project));
    }

    /**
     * The drawing comes before anything is cut: it follows from the design alone, with the papers as they were. The rest of the page is
     * asked for when it is there, and with it the prints where they lie now.
     */
    private function sketch(Project $project, mixed $face, string $rest): Response
    {
        $design = $this->plans->design($project);

        return response()->view('plan.drawing', [
            'project' => $project,
            'seen' => new OpenedAt($this->workshop->sketch($design), Prints::before($this->plans->lastSeen($project)), $face, false),
            'grid' => $design->tools->grid,
        ], headers: [
            'HX-Retarget' => '.big-drawing',
            'HX-Reselect' => '.big-drawing',
            'HX-Reswap' => 'outerHTML',
            'HX-Trigger-After-Settle' => (string) json_encode(['sketched' => ['rest' => $rest, 'revision' => $project->revision]]),
        ]);
    }
}
