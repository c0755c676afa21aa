<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\TogetherRequest;
use App\Models\Project;
use App\Planning\DayPlan;
use App\Planning\Plans;
use App\Planning\ProjectEditor;
use Ephemeron\Format\CutSheetsSvg;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\WorkPlan;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\DB;

/** Several books in one go, each in its own papers: what they share is cut together. */
final readonly class TogetherController
{
    public function __construct(private Plans $plans)
    {
    }

    public function show(TogetherRequest $request): View
    {
        $shelf = $this->shelf();
        $plans = $this->asked($request, $shelf);
        $all = $plans === [] ? null : $this->plans->ofAll(array_map(static fn (array $each): array => [$each[0], $each[1]], $plans));

        return view('together', [
            'shelf' => $shelf,
            'asked' => is_array($request->input('books')) ? $request->input('books') : [],
            'complaints' => $request->complaints(),
            'plans' => $plans,
            'all' => $all,
            'spared' => $all === null ? 0 : $all->spares(...array_column($plans, 2)),
            'evenings' => $plans === [] ? [] : DayPlan::ofAll(array_map(static fn (array $each): array => [$each[2], $each[1]], $plans)),
            'drawing' => new CutSheetsSvg,
        ]);
    }

    /** From now on they are cut by the plan of the first; of which several are wanted, or something is cut, a batch is put on the shelf. */
    public function store(TogetherRequest $request, ProjectEditor $editor): RedirectResponse
    {
        $books = $this->asked($request, $this->shelf());
        if (count($books) < 2 || $request->complaints() !== []) {
            return redirect()->route('together', ['books' => $request->input('books')], 303);
        }
        $host = DB::transaction(static function () use ($books, $editor): Project {
            $host = null;
            foreach ($books as [$book, $count]) {
                $one = $count === 1 && $book->isFreeToCut() ? $book : $editor->batch($book, null, $count);
                $host === null ? $host = $one : $one->update(['cut_with' => $host->id]);
            }

            return $host;
        });

        return redirect()->route('cut', $host, 303);
    }

    /** Each by itself again, as long as nothing is cut. */
    public function destroy(Project $project): RedirectResponse
    {
        $host = $project->atTheTrimmer();
        if ($host->cutWorks()->exists()) {
            return redirect()->route('cut', $host, 303)->with('refused', 'Sheets are cut for all of them: they stay together to the end.');
        }
        $host->guests()->update(['cut_with' => null]);

        return redirect()->route('cut', $host, 303);
    }

    /** @return Collection<int, Project> */
    private function shelf(): Collection
    {
        return Project::query()->where('copies', 1)->get()->sortBy('name', SORT_NATURAL | SORT_FLAG_CASE)->values();
    }

    /**
     * @param Collection<int, Project> $shelf
     * @return list<array{Project, int, WorkPlan}> how many of which, and the plan of those by themselves
     */
    private function asked(TogetherRequest $request, Collection $shelf): array
    {
        $asked = [];
        foreach ($request->counts() as $id => $count) {
            $project = $shelf->firstWhere('id', $id);
            try {
                $project === null ?: $asked[] = [$project, $count, $this->plans->together($project, $count)];
            } catch (InvalidDesign) {
                // The shelf says what is wrong with it.
            }
        }

        return $asked;
    }
}
