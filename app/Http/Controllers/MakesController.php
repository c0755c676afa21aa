<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\UnitRequest;
use App\Models\Paper;
use App\Models\Project;
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
use Illuminate\Contracts\View\View;

/** What can be made from the drawer, or from one pad of it. */
final readonly class MakesController
{
    private const MOST_BOOKS = 60;

    public function __construct(
        private Catalogue $catalogue,
        private DesignReader $reader,
        private Workshop $workshop,
        private Plans $plans,
    ) {
    }

    public function __invoke(UnitRequest $request): View
    {
        $pads = Paper::query()->where('pad', '!=', '')->where('kind', 'pattern')->distinct()->orderBy('pad')->limit(200)->pluck('pad');
        $pad = $request->query('pad');
        $pad = is_string($pad) && $pads->contains($pad) ? $pad : '';
        $keep = $request->query('keep') === 'yes';
        $drawer = new Drawer($this->sheets($pad, $keep));

        return view(
            'makes',
            [
                'books' => $this->books($drawer),
                'structures' => $this->structures($drawer, $request->unit()),
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

    /** @return list<array{Project, Reach}> */
    private function books(Drawer $drawer): array
    {
        $books = [];
        foreach (Project::query()->get()->sortByDesc('id')->take(self::MOST_BOOKS) as $project) {
            try {
                $books[] = [$project, $drawer->reachTogether(fn (int $copies): array => $this->plans->together($project, $copies)->stocks)];
            } catch (InvalidDesign) {
                // The shelf says what is wrong with it.
                continue;
            }
        }

        return $books;
    }

    /** @return list<array{string, Reach}> the name of every structure, at its usual size */
    private function structures(Drawer $drawer, Unit $unit): array
    {
        $structures = [];
        foreach ($this->catalogue->all() as $structure) {
            $plan = $this->workshop->plan($this->reader->usual($structure, $unit));
            $structures[] = [$structure->about()->name, $drawer->reach($plan->stocks)];
        }
        usort($structures, static fn (array $one, array $other): int => [$other[1]->copies, $one[0]] <=> [$one[1]->copies, $other[0]]);

        return $structures;
    }
}
