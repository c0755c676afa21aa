<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawer\PapersForBook;
use App\Drawer\WaysOut;
use App\Http\Requests\TakePapersRequest;
use App\Models\Paper;
use App\Models\Project;
use App\Planning\Plans;
use App\Planning\Progress;
use App\Planning\ProjectEditor;
use Ephemeron\Drawer\Wishes;
use Ephemeron\Format\InvalidDesign;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Papers from the drawer for every role of a book, chosen by the maker or proposed. */
final readonly class PapersForBookController
{
    private const SHOWN = 60;

    public function __construct(private ProjectEditor $editor, private Plans $plans, private PapersForBook $papers)
    {
    }

    public function show(Request $request, Project $project, WaysOut $ways): View
    {
        $plan = $this->plans->plan($project);
        $isAsked = $request->query('propose') === '1';
        $wishes = $isAsked ? new Wishes(
            ...array_map(
                static fn (string $wish): bool => $request->query($wish) === '1',
                ['leftovers' => 'leftovers', 'whole' => 'whole', 'cover' => 'cover', 'facing' => 'facing'],
            ),
        ) : new Wishes;
        [$alternate, $proposals] = $isAsked ? $this->papers->propose($project, $wishes) : [$plan->design->mats->alternate, []];
        $filters = array_filter(['search' => $request->query('search'), 'there' => 'yes'], is_string(...));

        return view('papers-for', [
            'project' => $project,
            'plan' => $plan,
            'progress' => new Progress($project, $plan),
            'wishes' => $wishes,
            'isAsked' => $isAsked,
            'alternate' => $alternate,
            'proposals' => $proposals,
            'ways' => $ways->of($project, $plan),
            'search' => is_string($request->query('search')) ? $request->query('search') : '',
            'found' => Paper::sieved($filters)->where('kind', '!=', 'leftover')->paginate(self::SHOWN),
        ]);
    }

    public function store(TakePapersRequest $request, Project $project): RedirectResponse
    {
        $back = redirect()->route('papers.for', $project, 303);
        $notation = $this->plans->design($project)->notation();
        $changes = $request->alternate() === null ? [] : ['mats.alternate' => $request->alternate()->value];
        foreach ($request->papers() as [$role, $number]) {
            $paper = Paper::query()->find($number);
            if ($paper === null) {
                return $back->withErrors(['paper' => 'One of these papers is not in the drawer any more.']);
            }
            $changes += $this->papers->changes($project, $role, $paper, $notation, $request->boolean('leftovers', true));
        }
        try {
            $this->editor->change($project, $changes, $request->revision());
        } catch (InvalidDesign $error) {
            return $back->withErrors(['paper' => $error->getMessage()]);
        }

        return $back->with('said', 'The book takes these papers now.');
    }
}
