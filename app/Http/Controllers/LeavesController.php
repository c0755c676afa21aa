<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Club\Club;
use App\Drawing\SignatureDrawing;
use App\Drawing\StitchDrawing;
use App\Http\Requests\AddLeafPaperRequest;
use App\Http\Requests\CoverRequest;
use App\Http\Requests\MoveSheetRequest;
use App\Http\Requests\RevisedRequest;
use App\Jobs\OrderLeaves;
use App\Models\Paper;
use App\Models\PlanSearch;
use App\Models\Project;
use App\Planning\LeavesInOrder;
use App\Planning\Plans;
use App\Planning\Progress;
use App\Planning\ProjectEditor;
use Ephemeron\Binding\Sewing;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\Gathering\NoSuchSheet;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** The leaves of a journal: the heap, the signatures and their order. */
final readonly class LeavesController
{
    /** More sheets than this are put in order by the worker, not while one waits. */
    private const AT_ONCE = 40;

    /** Small books that can be sewn in along a score (common practice, no published source). */
    private const SEWN_IN = ['tag-clutch', 'five-pocket-folio', 'four-flap-folio', 'waterfall-wallet'];

    /** Key of the look for an order among the longer looks of a book. */
    private const SEARCH = 'leaves';

    public function __construct(private Plans $plans, private ProjectEditor $editor, private LeavesInOrder $leaves)
    {
    }

    public function show(Project $project): View|RedirectResponse
    {
        $plan = $this->plans->plan($project);
        $gathered = LeavesInOrder::gathered($plan);
        if ($gathered === null) {
            return redirect()->route('plan', $project);
        }
        $letters = array_map(static fn (array $parts): array => array_map(
            static fn (string $part): string => $plan->blueprint->part($part)->letter,
            $parts,
        ), $gathered->parts);
        $broken = [];
        foreach ($plan->design->leaves->heap === [] ? [] : $gathered->block->broken() as $each) {
            $broken[$each->face][] = $each->rule;
        }

        return view('leaves', [
            'project' => $project,
            'plan' => $plan,
            'progress' => new Progress($project, $plan),
            'gathered' => $gathered,
            'letters' => $letters,
            'broken' => $broken,
            'books' => Project::query()->whereKeyNot($project->id)->whereIn('design->structure', self::SEWN_IN)->orderBy('name')->get(),
            'said' => $this->leaves->said($project),
            'search' => PlanSearch::query()->where('project_id', $project->id)->where('key', self::SEARCH)
                ->whereIn('state', [PlanSearch::WAITING, PlanSearch::RUNNING])->first(),
            'drawing' => new SignatureDrawing,
            'sewing' => $plan->blueprint->all(Sewing::class)[0] ?? null,
            'stitches' => new StitchDrawing($plan->notation()),
            'isSaid' => $plan->design->leaves->isSaid(...LeavesInOrder::shape($gathered)),
            'drawer' => Paper::query()->where('count', '>', 0)->orderBy('sort_name')->limit(200)->get(),
        ]);
    }

    /** The best order there is, or the best that is found; it is the maker's from then on. */
    public function propose(RevisedRequest $request, Project $project): RedirectResponse
    {
        $gathered = LeavesInOrder::gathered($this->plans->plan($project));
        if ($gathered === null) {
            return redirect()->route('plan', $project);
        }
        if ($gathered->block->sheets() <= self::AT_ONCE) {
            return $this->changed($request, $project, $this->leaves->changes($project));
        }
        if (! Club::mayQueue()) {
            return redirect()->to($request->returnTo($project), 303)->with('refused', Club::ENOUGH);
        }
        $search = PlanSearch::query()->createOrFirst(['project_id' => $project->id, 'key' => self::SEARCH]);
        if ($search->wasRecentlyCreated || ! $search->isUnderWay()) {
            $search->update(['state' => PlanSearch::WAITING, 'share' => 0]);
            OrderLeaves::dispatch($search->id, $request->revision())->onQueue(Club::queue());
        }

        return redirect()->to($request->returnTo($project), 303);
    }

    public function move(MoveSheetRequest $request, Project $project): RedirectResponse
    {
        $gathered = LeavesInOrder::gathered($this->plans->plan($project));
        $signatures = $gathered->block->signatures ?? [];
        $number = $request->integer('signature');
        try {
            $signatures[$number] = ($signatures[$number] ?? throw new NoSuchSheet($number, count($signatures)))
                ->moved($request->integer('from'), $request->integer('to'));
        } catch (NoSuchSheet) {
            return redirect()->to($request->returnTo($project), 303)->withErrors(['order' => 'There is no such sheet in that signature.']);
        }

        return $this->changed($request, $project, LeavesInOrder::order(array_values($signatures)));
    }

    /** Leaves for a cover that is there. */
    public function template(CoverRequest $request, Project $project): RedirectResponse
    {
        $plan = $this->plans->plan($project);
        try {
            $leaf = $request->template($plan->design->unit)->leaf;
        } catch (InvalidDesign $error) {
            return redirect()->to($request->returnTo($project), 303)->withErrors($error->errors)->withInput();
        }

        return $this->changed($request, $project, [
            'parameters.page-width' => $plan->notation()->exact($leaf->width),
            'parameters.page-height' => $plan->notation()->exact($leaf->height),
            ...(in_array('tabs', array_column($plan->structure->parameters(), 'key'), true) ? [
                'parameters.tabs' => $plan->notation()->exact($request->tabs($plan->design->unit)),
            ] : []),
        ], ['parameters.page-width' => 'cover-width', 'parameters.page-height' => 'cover-height']);
    }

    public function add(AddLeafPaperRequest $request, Project $project): RedirectResponse
    {
        $heap = $this->plans->plan($project)->design->leaves->heap;
        $place = 'leaves.heap.'.count($heap);

        $taken = array_column($heap, 'key');
        $book = $request->filled('book') ? Project::query()->find($request->integer('book')) : null;

        return $this->changed($request, $project, [
            $place => $book === null ? $request->paper($taken) : $request->made($this->plans->plan($book), $taken),
        ]);
    }

    public function takeOff(RevisedRequest $request, Project $project, string $key): RedirectResponse
    {
        $changes = [];
        foreach ($this->plans->plan($project)->design->leaves->heap as $index => $paper) {
            if ($paper->key === $key) {
                $changes = ["leaves.heap.{$index}" => null, 'leaves.order' => []];
            }
        }

        return $this->changed($request, $project, $changes);
    }

    /**
     * @param array<string, mixed> $changes
     * @param array<string, string> $fields on the screen, by their place in the design, where they are called otherwise
     */
    private function changed(
        RevisedRequest|MoveSheetRequest|AddLeafPaperRequest|CoverRequest $request,
        Project $project,
        array $changes,
        array $fields = [],
    ): RedirectResponse {
        $back = redirect()->to($request->returnTo($project), 303);
        try {
            $change = $changes === [] ? '' : $this->editor->change($project, $changes, $request->revision());
        } catch (InvalidDesign $error) {
            $errors = [];
            foreach ($error->errors as $place => $sentence) {
                $errors[$fields[$place] ?? $place] = $sentence;
            }

            return $back->withErrors($errors)->withInput();
        }

        return $change === '' ? $back : $back->with('changed', $change);
    }
}
