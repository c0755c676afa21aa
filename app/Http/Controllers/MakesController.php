<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawer\SheetsThere;
use App\Http\Requests\UnitRequest;
use App\Models\Project;
use App\Planning\CodeEdition;
use App\Planning\Makeable;
use App\Planning\Mark;
use App\Planning\Patience;
use App\Planning\Plans;
use Ephemeron\Drawer\Drawer;
use Ephemeron\Format\DesignReader;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\Measure\Unit;
use Ephemeron\Structure\Catalogue;
use Ephemeron\Workshop;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Collection;

/** What can be made from the drawer, or from one pad of it. */
final readonly class MakesController
{
    private const MOST_BOOKS = 60;

    private const DAYS = 7;

    /** Seconds that are waited for what is not remembered, before the page comes. */
    private const SECONDS = 0.15;

    public function __construct(
        private Catalogue $catalogue,
        private DesignReader $reader,
        private Workshop $workshop,
        private Plans $plans,
        private Repository $cache,
        private SheetsThere $there,
    ) {
    }

    public function __invoke(UnitRequest $request): View
    {
        $pads = $this->there->pads();
        $pad = $request->query('pad');
        $pad = is_string($pad) && $pads->contains($pad) ? $pad : '';
        $keep = $request->query('keep') === 'yes';
        $order = is_string($request->query('order')) ? $request->query('order') : '';
        $sheets = $this->there->of($pad, $keep);
        $drawer = new Drawer($sheets);
        $patience = Patience::of($this->cache, $request, self::SECONDS);
        $of = Mark::of(CodeEdition::whole(), $sheets);
        $projects = Project::query()->get()->sortByDesc('id')->take(self::MOST_BOOKS);
        $structures = $this->structures($drawer, $request->unit(), $patience, $of);
        $books = $this->books($projects, $drawer, $patience, $of);

        return view(
            'makes',
            [
                'books' => $this->ordered(array_values(array_filter($books)), $order),
                'structures' => $this->ordered(array_values(array_filter($structures)), $order),
                'order' => $order,
                'known' => count(array_filter($books)) + count(array_filter($structures)),
                'all' => count($books) + count($structures),
                'pads' => $pads,
                'pad' => $pad,
                'keep' => $keep,
                'unit' => $request->unit(),
            ],
        );
    }

    /**
     * @param Collection<int, Project> $projects
     * @param string $of the mark of what lies in the drawer
     * @return list<array{string, Makeable, string}|null> null for one that is yet to be worked out
     */
    private function books(Collection $projects, Drawer $drawer, Patience $patience, string $of): array
    {
        $books = [];
        foreach ($projects as $project) {
            try {
                $made = $patience->remember(
                    'makeable:'.Mark::of($of, $project->design),
                    Makeable::class,
                    self::DAYS,
                    fn (): Makeable => Makeable::of(
                        $drawer->reachTogether(fn (int $copies): array => $this->plans->together($project, $copies)->stocks),
                        $this->plans->together($project, 1),
                    ),
                );
                $books[] = $made === null ? null : [$project->name, $made, route('plan', $project)];
            } catch (InvalidDesign) {
                // The shelf says what is wrong with it.
                continue;
            }
        }

        return $books;
    }

    /** @return list<array{string, Makeable, null}|null> every structure, at its usual size; null for one that is yet to be worked out */
    private function structures(Drawer $drawer, Unit $unit, Patience $patience, string $of): array
    {
        $structures = [];
        foreach ($this->catalogue->all() as $structure) {
            $made = $patience->remember(
                'makeable:'.Mark::of($of, $structure->about()->key, $unit->value),
                Makeable::class,
                self::DAYS,
                function () use ($drawer, $structure, $unit): Makeable {
                    $plan = $this->workshop->plan($this->reader->usual($structure, $unit));

                    return Makeable::of($drawer->reach($plan->stocks), $plan);
                },
            );
            $structures[] = $made === null ? null : [$structure->about()->name, $made, null];
        }

        return $structures;
    }

    /**
     * @param list<array{string, Makeable, string|null}> $rows
     * @return list<array{string, Makeable, string|null}>
     */
    private function ordered(array $rows, string $order): array
    {
        $first = static fn (Makeable $made): int => match ($order) {
            'photos' => $made->most(),
            'name' => 0,
            default => $made->reach->copies,
        };
        usort(
            $rows,
            static fn (array $one, array $other): int => $first($other[1]) <=> $first($one[1]) ?: strnatcasecmp($one[0], $other[0]),
        );

        return $rows;
    }
}
