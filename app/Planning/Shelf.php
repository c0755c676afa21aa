<?php

declare(strict_types=1);

namespace App\Planning;

use App\Database\Like;
use App\Drawer\NaturalOrder;
use App\Models\Paper;
use App\Models\Project;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\Refusal;
use Ephemeron\Workshop;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Contracts\Pagination\LengthAwarePaginator;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Pagination\LengthAwarePaginator as Paginator;

/** The books, so many on a page, looked for by name and in the order one asks for. */
final readonly class Shelf
{
    public const ORDERS = ['changed' => 'changed last', 'name' => 'by name', 'oldest' => 'oldest first'];

    private const ON_A_PAGE = 24;

    private const DAYS = 30;

    public function __construct(private Plans $plans, private Workshop $workshop, private Repository $cache)
    {
    }

    /** @return LengthAwarePaginator<int, Shelved> */
    public function page(Sought $sought): LengthAwarePaginator
    {
        $books = Project::query()->with(Project::planned());
        if ($sought->name !== '') {
            $books->whereRaw(Like::any(['name']), [Like::somewhere($sought->name)]);
        }
        if ($sought->asksWhatItHolds()) {
            $books->whereKey($this->holding($books, $sought));
        }
        match ($sought->order) {
            'oldest' => $books->orderBy('id'),
            default => $books->latest('updated_at')->latest('id'),
        };
        $page = $sought->order === 'name' ? $this->byName($books) : $books->paginate(self::ON_A_PAGE);
        // Pictures of papers show in the drawings.
        $papers = Paper::asTheyAre();

        $shelved = [];
        foreach ($page->items() as $project) {
            $shelved[] = $this->shelved($project, $papers);
        }
        $books = new Paginator($shelved, $page->total(), $page->perPage(), $page->currentPage(), ['path' => route('shelf')]);

        return $books->withQueryString();
    }

    /**
     * “Dusk 2” before “Dusk 10”: names are put in order here, as no database does it.
     *
     * @param Builder<Project> $books
     * @return LengthAwarePaginator<int, Project>
     */
    private function byName(Builder $books): LengthAwarePaginator
    {
        $names = $books->clone()->withoutEagerLoads()->pluck('name', 'id')
            ->map(static fn (mixed $name): string => NaturalOrder::key(is_string($name) ? $name : ''))->sort(SORT_STRING);
        $number = Paginator::resolveCurrentPage();
        $shown = $names->keys()->forPage($number, self::ON_A_PAGE)->values();
        $page = Project::query()->with(Project::planned())->whereKey($shown)->get()
            ->sortBy(static fn (Project $project): mixed => $shown->search($project->id));

        return new Paginator($page->values(), $names->count(), self::ON_A_PAGE, $number);
    }

    /**
     * @param Builder<Project> $books
     * @return list<int> those that hold what is sought
     */
    private function holding(Builder $books, Sought $sought): array
    {
        $found = [];
        $all = $books->clone()->withoutEagerLoads();
        $all->select(['id', 'design']);
        foreach ($all->cursor() as $project) {
            $holding = $this->cache->remember(
                'holding:'.Mark::of(CodeEdition::whole(), $project->design),
                now()->addDays(self::DAYS),
                fn (): ?Holding => $this->holdingOf($project),
            );
            if ($holding instanceof Holding && $sought->isMetBy($holding)) {
                $found[] = $project->id;
            }
        }

        return $found;
    }

    /** None where the book cannot be read: the shelf tells why where all are shown. */
    private function holdingOf(Project $project): ?Holding
    {
        try {
            $design = $this->plans->design($project);

            return Holding::of($design->structure, $this->workshop->blueprint($design));
        } catch (Refusal) {
            return null;
        }
    }

    /**
     * One book that cannot be read or planned must not take the shelf with it.
     *
     * @param array<array-key, mixed> $papers
     */
    private function shelved(Project $project, array $papers): Shelved
    {
        try {
            $key = 'shelved:'.Mark::of($this->plans->mark($project), $project->ticked(), $papers);
            $summary = $this->cache->get($key);
            if (! $summary instanceof ShelfSummary) {
                $plan = $this->plans->plan($project);
                $summary = ShelfSummary::of($plan, new Progress($project, $plan));
                $this->cache->put($key, $summary, now()->addDays(self::DAYS));
            }

            return new Shelved($project, $summary);
        } catch (\Throwable $trouble) {
            $trouble instanceof InvalidDesign || $trouble instanceof UnderWay ? null : report($trouble);

            return new Shelved($project, null, $trouble->getMessage(), $trouble instanceof UnderWay);
        }
    }
}
