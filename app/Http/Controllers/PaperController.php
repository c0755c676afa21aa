<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawer\PaperReader;
use App\Drawer\WorthKeeping;
use App\Http\Requests\UnitRequest;
use App\Models\Paper;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\DB;

/** The paper drawer: what there is, what is added, what is taken out. */
final readonly class PaperController
{
    private const A_PAGE = 60;

    public function __construct(private PaperReader $reader, private WorthKeeping $keeping)
    {
    }

    public function index(UnitRequest $request): View
    {
        $filters = $request->only(['search', 'kind', 'pad', 'there']);
        $papers = Paper::sieved($filters)->paginate(self::A_PAGE)->withQueryString();

        return view('papers', [
            'papers' => $papers,
            'filters' => $filters,
            'unit' => $request->unit(),
            'pads' => Paper::query()->where('pad', '!=', '')->distinct()->orderBy('pad')->limit(200)->pluck('pad'),
            'narrowest' => $this->keeping->narrowest(),
            'sheets' => Paper::query()->sum('count'),
            'chosen' => Paper::query()->with(
                ['movements' => static fn ($movements) => $movements->latest('id')->limit(12)],
            )->find($request->integer('paper')),
        ]);
    }

    /** One paper, or a pad of so many designs in so many copies. */
    public function store(UnitRequest $request): RedirectResponse
    {
        [$attributes, $errors] = $this->reader->read($request->all(), $request->unit());
        $designs = $request->filled('designs') ? $request->integer('designs') : 0;
        if ($request->filled('designs') && ($designs < 1 || $designs > 100)) {
            $errors['designs'] = 'A pad has 1 to 100 designs.';
        }
        if ($errors !== []) {
            return back()->withErrors($errors)->withInput();
        }
        $papers = $designs > 0 ? $this->pad($attributes, $designs) : [new Paper($attributes)];
        DB::transaction(
            static fn () => array_walk(
                $papers,
                static fn (Paper $paper) => $paper->putIn($designs > 0 ? 'Pad put into the drawer' : 'Put into the drawer'),
            ),
        );
        $first = $papers[0];

        return redirect()->route('papers.index', [...$request->only('unit'), 'paper' => $first->id], 303)->with(
            'said',
            $designs > 0 ? "{$designs} papers put into the drawer." : "“{$first->name}” put into the drawer.",
        );
    }

    public function update(UnitRequest $request, Paper $paper): RedirectResponse
    {
        [$attributes, $errors] = $this->reader->read($request->all(), $request->unit());
        if ($errors !== []) {
            return back()->withErrors($errors)->withInput();
        }
        DB::transaction(function () use ($paper, $attributes): void {
            $count = $attributes['count'];
            $paper->fill([...$attributes, 'count' => $paper->count])->save();
            if (is_int($count) && $count !== $paper->count) {
                $paper->move($count - $paper->count, 'Counted again');
            }
        });

        return redirect()->route(
            'papers.index',
            [...$request->only('unit'), 'paper' => $paper->id],
            303,
        )->with('said', "“{$paper->name}” changed.");
    }

    public function destroy(Paper $paper): RedirectResponse
    {
        $paper->delete();

        return redirect()->route('papers.index', status: 303)->with('said', "“{$paper->name}” taken out of the drawer.");
    }

    /**
     * @param array<string, mixed> $attributes
     * @return non-empty-list<Paper> one for every design of the pad
     */
    private function pad(array $attributes, int $designs): array
    {
        $name = is_string($attributes['name']) ? $attributes['name'] : '';
        $pad = $attributes['pad'] !== '' ? $attributes['pad'] : $name;

        return array_map(
            static fn (int $number): Paper => new Paper([...$attributes, 'name' => mb_substr($name, 0, 74)." {$number}", 'pad' => $pad]),
            range(1, max(1, $designs)),
        );
    }
}
