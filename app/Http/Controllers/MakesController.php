<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\UnitRequest;
use App\Models\Paper;
use App\Models\Project;
use App\Planning\CodeEdition;
use App\Planning\Mark;
use App\Planning\Patience;
use App\Planning\Plans;
use Ephemeron\Drawer\Drawer;
use Ephemeron\Drawer\Reach;
use Ephemeron\Drawer\Sheets;
use Ephemeron\Format\DesignReader;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\PaperKind;
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
    ) {
    }

    public function __invoke(UnitRequest $request): View
    {
        $pads = Paper::query()->where('pad', '!=', '')->where('kind', 'pattern')->distinct()->orderBy('pad')->limit(200)->pluck('pad');
        $pad = $request->query('pad');
        $pad = is_string($pad) && $pads->contains($pad) ? $pad : '';
        $keep = $request->query('keep') === 'yes';
        $sheets = $this->sheets($pad, $keep);
        $drawer = new Drawer($sheets);
        $patience = Patience::of($this->cache, $request, self::SECONDS);
        $of = Mark::of(CodeEdition::whole(), $sheets);
        $projects = Project::query()->get()->sortByDesc('id')->take(self::MOST_BOOKS);
        $structures = $this->structures($drawer, $request->unit(), $patience, $of);
        $books = $this->books($projects, $drawer, $patience, $of);

        return view(
            'makes',
            [
                'books' => array_values(array_filter($books)),
                'structures' => array_values(array_filter($structures)),
                'known' => count(array_filter($books)) + count(array_filter($structures)),
                'all' => count($books) + count($structures),
                'pads' => $pads,
                'pad' => $pad,
                'keep' => $keep,
                'unit' => $request->unit(),
            ],
        );
    }

    /** @return list<Sheets> of a pad, its patterns only; card and board from anywhere; the most prized for covers only */
    private function sheets(string $pad, bool $keep): array
    {
        $sheets = [];
        foreach (PaperKind::cases() as $kind) {
            $papers = Paper::query()->where('kind', $kind->value)->where('count', '>', 0);
            if ($pad !== '' && $kind === PaperKind::Pattern) {
                $papers->where('pad', $pad);
            }
            foreach ($papers->get() as $paper) {
                $pile = new Sheets($kind, $paper->size(), $paper->count, $keep && $paper->isPrized());
                $sheets[$pile->key()] = $pile->plus($sheets[$pile->key()]->count ?? 0);
            }
        }

        return array_values($sheets);
    }

    /**
     * @param Collection<int, Project> $projects
     * @param string $of the mark of what lies in the drawer
     * @return list<array{Project, Reach}|null> null for one that is yet to be worked out
     */
    private function books(Collection $projects, Drawer $drawer, Patience $patience, string $of): array
    {
        $books = [];
        foreach ($projects as $project) {
            try {
                $reach = $patience->remember(
                    'reach:'.Mark::of($of, $project->design),
                    Reach::class,
                    self::DAYS,
                    fn (): Reach => $drawer->reachTogether(fn (int $copies): array => $this->plans->together($project, $copies)->stocks),
                );
                $books[] = $reach === null ? null : [$project, $reach];
            } catch (InvalidDesign) {
                // The shelf says what is wrong with it.
                continue;
            }
        }

        return $books;
    }

    /** @return list<array{string, Reach}|null> the name of every structure, at its usual size; null for one that is yet to be worked out */
    private function structures(Drawer $drawer, Unit $unit, Patience $patience, string $of): array
    {
        $structures = [];
        foreach ($this->catalogue->all() as $structure) {
            $reach = $patience->remember(
                'reach:'.Mark::of($of, $structure->about()->key, $unit->value),
                Reach::class,
                self::DAYS,
                fn (): Reach => $drawer->reach($this->workshop->plan($this->reader->usual($structure, $unit))->stocks),
            );
            $structures[] = $reach === null ? null : [$structure->about()->name, $reach];
        }
        usort($structures, static fn (?array $one, ?array $other): int => [$other[1]->copies ?? 0, $one[0] ?? '']
            <=> [$one[1]->copies ?? 0, $other[0] ?? '']);

        return $structures;
    }
}
