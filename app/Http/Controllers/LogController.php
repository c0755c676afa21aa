<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Database\Like;
use App\Http\Requests\LessonRequest;
use App\Models\Departure;
use App\Models\Note;
use App\Models\Project;
use App\Planning\BookLog;
use App\Planning\OwnAllowance;
use App\Planning\Plans;
use App\Planning\ProjectEditor;
use App\Planning\UnderWay;
use App\View\Duration;
use App\View\Money;
use Ephemeron\AsMade\Habit;
use Ephemeron\Format\Csv;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\Measure\Length;
use Ephemeron\Paper\Price;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Collection;
use Illuminate\Support\Str;

/** The log of one book, and the logbook of all. */
final readonly class LogController
{
    private const ON_A_PAGE = 16;

    /** Books in one table. */
    private const MOST = 200;

    private const COLUMNS = [
        'book',
        'structure',
        'begun',
        'finished',
        'copies',
        'done',
        'time',
        'sheets',
        'paper',
        'spoiled',
        'sold',
        'measured',
        'photographs',
        'lesson',
    ];

    public function __construct(private Plans $plans, private OwnAllowance $allowance)
    {
    }

    public function show(Project $project): View
    {
        $plan = $this->plans->plan($project);
        $log = new BookLog($project, $plan);

        return view('log', ['project' => $project, 'plan' => $plan, 'progress' => $log->progress, 'log' => $log]);
    }

    /** What to do differently, the next time. */
    public function lesson(LessonRequest $request, Project $project): RedirectResponse
    {
        $project->update(['lesson' => $request->lesson()]);

        return redirect()->route('log', $project, 303)->with('said', 'Kept for the next one.');
    }

    /** A new book of the same design, with what was learnt beside it. */
    public function again(Project $project, ProjectEditor $editor): RedirectResponse
    {
        $design = $project->design;
        $remade = is_array($design['made'] ?? null) ? count($design['made']) : 0;
        unset($design['made']);
        $design['name'] = Str::limit($project->name, 108, '').', again';
        $next = $editor->import(json_encode($design, JSON_THROW_ON_ERROR));
        $next->update(['lesson' => $project->lesson]);
        $noted = $project->notes()->oldest('id')->get()->filter(
            static fn (Note $note): bool => Str::startsWith($note->step, [Note::FACE, Note::PIECE]),
        );
        foreach ($noted as $note) {
            $next->notes()->create([...$note->only(['step', 'text', 'photo']), 'mark' => (string) Str::ulid()]);
        }

        return redirect()->route('plan', $next, 303)->with('said', implode(' ', array_filter([
            'A new book of the same design.',
            $remade === 0 ? '' : ($remade === 1 ? 'One piece that was cut otherwise is as planned again.'
                : "{$remade} pieces that were cut otherwise are as planned again."),
            $noted->isEmpty() ? '' : 'What you noted about its faces and pieces came along.',
            $project->lesson === null || $project->lesson === '' ? '' : "You meant to do differently: {$project->lesson}",
        ])));
    }

    public function book(Request $request): View
    {
        $books = $this->books($request)->paginate(self::ON_A_PAGE);

        return view('logbook', [
            'books' => $books->withQueryString(),
            'logs' => $this->logs($books->items()),
            'search' => $this->search($request),
            'habit' => $this->habit(),
            'allowance' => $this->allowance->kept(),
            'wish' => $this->wish(),
            'play' => $this->allowance->play(),
        ]);
    }

    /** What the measurements tell is reckoned with from now on, or not any more. */
    public function allow(Request $request): RedirectResponse
    {
        $request->input('what') === 'inserts'
            ? $this->allowance->keepPlay($request->boolean('take') ? $this->wish()?->mean : null)
            : $this->allowance->keep($request->boolean('take') ? $this->habit()?->mean : null);

        return redirect()->route('logbook', status: 303);
    }

    public function csv(Request $request): Response
    {
        $csv = new Csv;
        $lines = [$csv->line(self::COLUMNS)];
        foreach ($this->logs($this->books($request)->limit(self::MOST)->get()->all()) as $log) {
            $notes = $log->notes();
            $lines[] = $csv->line([
                $log->project->name,
                $log->plan->structure->about()->name,
                $log->begun()?->toDateString() ?? '',
                $log->finished()?->toDateString() ?? '',
                (string) $log->project->copies,
                sprintf('%d of %d', $log->progress->done(), $log->progress->total()),
                array_sum($log->times()) === 0 ? '' : Duration::text(array_sum($log->times())),
                (string) array_sum($log->papers()),
                Money::money($log->plan->price()),
                (string) $log->spoiled(),
                Money::money(new Price(array_sum($log->project->departures->map(static fn (Departure $each): int => $each->mills)->all()))),
                (string) $notes->whereNotNull('came')->count(),
                (string) $notes->whereNotNull('photo')->count(),
                (string) $log->project->lesson,
            ]);
        }

        return response(implode('', $lines), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="logbook.csv"',
        ]);
    }

    /** @return Builder<Project> the latest first */
    private function books(Request $request): Builder
    {
        $query = Project::query()->with([...Project::planned(), 'departures'])->latest('updated_at')->latest('id');
        foreach (preg_split('/\s+/', $this->search($request), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
            $query->whereRaw(Like::any(['name', "coalesce(lesson, '')"]), array_fill(0, 2, Like::somewhere($word)));
        }

        return $query;
    }

    /**
     * @param array<array-key, mixed> $projects
     * @return Collection<int, BookLog>
     */
    private function logs(array $projects): Collection
    {
        $logs = [];
        foreach ($projects as $project) {
            try {
                $project instanceof Project ? $logs[] = new BookLog($project, $this->plans->plan($project)) : null;
            } catch (InvalidDesign|UnderWay) {
                // The shelf says what is wrong with it.
            }
        }

        return collect($logs);
    }

    private function search(Request $request): string
    {
        $search = $request->query('search');

        return is_string($search) ? mb_substr(trim($search), 0, 120) : '';
    }

    /** What the measurements of all books tell of the hand at the trimmer; where folds came is another tool’s. */
    private function habit(): ?Habit
    {
        return Habit::in($this->differences(isPlay: false));
    }

    /** How much more play than there was the maker wanted for what goes into pockets. */
    private function wish(): ?Habit
    {
        return Habit::in($this->differences(isPlay: true));
    }

    /** @return list<Length> of whole pieces, what came less what was planned */
    private function differences(bool $isPlay): array
    {
        $differences = [];
        $measured = Note::query()->where('is_play', $isPlay)->whereNull('panel')->whereNotNull('came');
        foreach ($measured->latest('id')->limit(200)->get() as $note) {
            $differences[] = Length::ofTicks((int) $note->came - (int) $note->planned);
        }

        return $differences;
    }
}
