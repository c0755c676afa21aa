<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Club\Club;
use App\Drawer\Pictures;
use App\Drawer\SetAside;
use App\Drawing\Prints;
use App\Drawing\SpreadDrawing;
use App\Http\Requests\ChoosePrintRequest;
use App\Http\Requests\LayOutPadsRequest;
use App\Jobs\LayOutPads;
use App\Models\Paper;
use App\Models\PlanSearch;
use App\Models\Project;
use App\Planning\PadsLaidOut;
use App\Planning\Plans;
use App\Planning\PrintsChosen;
use App\Planning\Progress;
use App\Planning\ProjectEditor;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\Papering\Review;
use Ephemeron\Papering\Seats;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The first stage: the prints of the pads beside the whole book; a print is chosen and pressed onto faces. */
final readonly class PaperingController
{
    private const MOST_PRINTS = 80;

    /** More places times prints than this are laid out by the worker, not while one waits: about half a second. */
    private const AT_ONCE = 700;

    public function __construct(private Plans $plans, private ProjectEditor $editor, private PadsLaidOut $pads)
    {
    }

    public function show(Request $request, Project $project): View
    {
        $plan = $this->plans->plan($project);
        $pads = Paper::query()->where('kind', 'pattern')->where('count', '>', 0)->distinct()->orderBy('pad')->pluck('pad')->all();
        $ids = array_filter(array_map(static fn ($stock): ?string => $stock->drawer, $plan->design->papers()));
        $chosen = Paper::query()->findMany(array_values(array_unique($ids)));
        $pad = is_string($request->query('pad')) ? $request->query('pad') : $this->usualPad($chosen, $pads);
        $prints = $this->prints($chosen, $pad);

        return view('paper', [
            'project' => $project,
            'plan' => $plan,
            'progress' => new Progress($project, $plan),
            'review' => new Review($plan->blueprint, $plan->stocks),
            'spreads' => new SpreadDrawing($plan->layout, Prints::of($plan, 320)),
            'pads' => $pads,
            'pad' => $pad,
            'prints' => $prints,
            'pictures' => Pictures::ofPapers(array_map(static fn (Paper $paper): int => $paper->id, array_values($prints->all())), 160),
            'inHand' => $prints->find($request->integer('paper')) ?? $prints->first(),
            'laid' => session('laid') ?? PadsLaidOut::said($project),
            'search' => PlanSearch::query()->where('project_id', $project->id)->where('key', LayOutPads::SEARCH)
                ->whereIn('state', [PlanSearch::WAITING, PlanSearch::RUNNING])->first(),
            'gone' => (new PrintsChosen($project, $plan->design))->gone(),
        ]);
    }

    public function choose(ChoosePrintRequest $request, Project $project): RedirectResponse
    {
        $back = redirect()->route('paper', ['project' => $project, ...$request->shown()], 303);
        $chosen = new PrintsChosen($project, $this->plans->design($project));
        $places = $request->places('place');
        if ($request->aside() !== null) {
            return $this->setAside($request, $project, $back, $chosen);
        }
        $paper = $places === [] ? null : Paper::query()->find($request->integer('paper'));
        if ($places !== [] && $paper === null) {
            return $back->withErrors(['paper' => 'Choose a print first; one that is not in the drawer any more cannot be taken.']);
        }
        $changes = match (true) {
            $paper !== null => $chosen->choose($paper, $places),
            $request->places('turn') !== [] => $chosen->turn($request->places('turn')),
            default => $chosen->clear($request->places('clear')),
        };
        try {
            $change = $changes === [] ? '' : $this->editor->change($project, $changes, $request->revision());
        } catch (InvalidDesign $error) {
            return $back->withErrors(['paper' => $error->getMessage()]);
        }

        return $change === '' ? $back : $back->with('changed', $change);
    }

    public function propose(LayOutPadsRequest $request, Project $project): RedirectResponse
    {
        $back = redirect()->route('paper', ['project' => $project, ...$request->shown()], 303)->withInput();
        $papers = PadsLaidOut::papers($request->pads());
        $places = count(Seats::of($this->plans->plan($project)->blueprint));
        if ($places * count($papers) > self::AT_ONCE) {
            if (! Club::mayQueue()) {
                return $back->with('refused', Club::ENOUGH);
            }
            $search = PlanSearch::query()->createOrFirst(['project_id' => $project->id, 'key' => LayOutPads::SEARCH]);
            if ($search->wasRecentlyCreated || ! $search->isUnderWay()) {
                $search->update(['state' => PlanSearch::WAITING, 'share' => 0]);
                LayOutPads::dispatch($search->id, $request->revision(), $request->pads(), $request->weights()->said)
                    ->onQueue(Club::queue());
            }

            return $back;
        }
        $laid = $this->pads->over($project, $papers, $request->weights());
        if ($laid === null) {
            return $back->withErrors(['pads' => 'Choose a pad that has sheets left.']);
        }
        try {
            $this->editor->change($project, $laid->changes, $request->revision());
        } catch (InvalidDesign $error) {
            return $back->withErrors(['pads' => $error->getMessage()]);
        }

        return $back->with('laid', $laid->sentences);
    }

    /** Called off: what is chosen stays as it is. */
    public function callOff(Project $project): RedirectResponse
    {
        PlanSearch::query()->where('project_id', $project->id)->where('key', LayOutPads::SEARCH)
            ->whereIn('state', [PlanSearch::WAITING, PlanSearch::RUNNING])->update(['state' => PlanSearch::CANCELLED]);

        return redirect()->route('paper', $project, 303);
    }

    /** A mark of the drawer, not of the book; but what the book may cut of the print follows. */
    private function setAside(ChoosePrintRequest $request, Project $project, RedirectResponse $back, PrintsChosen $chosen): RedirectResponse
    {
        $paper = Paper::query()->find($request->integer('paper'));
        if ($paper === null) {
            return $back->withErrors(['paper' => 'Choose a print first; one that is not in the drawer any more cannot be set aside.']);
        }
        $mark = SetAside::tryFrom($request->aside() ?? '');
        // Cards are cut from all of them; of the others one sheet is kept.
        $paper->update(['set_aside' => $mark->value ?? '', 'set_aside_count' => $mark === null || $mark === SetAside::CutApart ? 0 : 1]);
        try {
            $changes = $chosen->counted($paper);
            $changes === [] ? null : $this->editor->change($project, $changes, $request->revision());
        } catch (InvalidDesign $error) {
            return $back->withErrors(['paper' => $error->getMessage()]);
        }

        return $back->with('changed', "{$paper->name} is ".($mark === null ? 'not set aside any more' : "set aside {$mark->label()}"));
    }

    /**
     * The pad most of the book is cut from, else the first one.
     *
     * @param Collection<int, Paper> $chosen
     * @param array<array-key, mixed> $pads
     */
    private function usualPad(Collection $chosen, array $pads): string
    {
        $counts = array_count_values(array_map(static fn (Paper $paper): string => $paper->pad, $chosen->where('kind', 'pattern')->all()));
        arsort($counts);
        $first = array_key_first($counts) ?? $pads[0] ?? '';

        return is_string($first) ? $first : '';
    }

    /**
     * What the book takes already, then the pad.
     *
     * @param Collection<int, Paper> $chosen
     * @return Collection<int, Paper>
     */
    private function prints(Collection $chosen, string $pad): Collection
    {
        $ofPad = Paper::sieved(['kind' => 'pattern', 'pad' => $pad, 'there' => 'yes'])->limit(self::MOST_PRINTS)->get();

        return $chosen->where('kind', 'pattern')->merge(
            array_filter($ofPad->all(), static fn (object $each): bool => $each instanceof Paper),
        );
    }
}
