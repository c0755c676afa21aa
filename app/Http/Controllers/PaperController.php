<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawer\PadFromPictures;
use App\Drawer\PaperReader;
use App\Drawer\UnusablePicture;
use App\Drawer\WorthKeeping;
use App\Http\Requests\UnitRequest;
use App\Models\Paper;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;

/** The paper drawer: what there is, what is added, what is taken out. */
final readonly class PaperController
{
    private const A_PAGE = 60;

    public function __construct(private PaperReader $reader, private WorthKeeping $keeping, private PadFromPictures $pads)
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
        $files = array_values(array_filter(
            Arr::wrap($request->file('pictures')),
            static fn (mixed $file): bool => $file instanceof UploadedFile && $file->isValid(),
        ));
        if ($files !== []) {
            // The pictures name the papers.
            unset($errors['name']);
        }
        if (count($files) > PadFromPictures::MOST) {
            $errors['pictures'] = sprintf('At most %d pictures at once.', PadFromPictures::MOST);
        }
        if ($errors !== []) {
            return back()->withErrors($errors)->withInput();
        }
        if ($files !== []) {
            return $this->pictured($request, $attributes, $files);
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

    /**
     * @param array<string, mixed> $attributes
     * @param list<UploadedFile> $files
     */
    private function pictured(UnitRequest $request, array $attributes, array $files): RedirectResponse
    {
        $name = is_string($request->input('name')) ? trim($request->input('name')) : '';
        $attributes['pad'] = $attributes['pad'] === '' ? $name : $attributes['pad'];
        try {
            $papers = $this->pads->putIn($attributes, PadFromPictures::prints($files, $request->boolean('pairs')));
        } catch (UnusablePicture $refusal) {
            return back()->withErrors(['pictures' => "{$refusal->getMessage()} Nothing was put in."])->withInput();
        }

        return redirect()->route('papers.index', [...$request->only('unit'), 'pad' => $attributes['pad'], 'paper' => $papers[0]->id], 303)
            ->with('said', count($papers) === 1 ? 'One print put into the drawer.' : count($papers).' prints put into the drawer.');
    }

    public function update(UnitRequest $request, Paper $paper): RedirectResponse
    {
        [$attributes, $errors] = $this->reader->read($request->all(), $request->unit());
        if ($errors !== []) {
            return back()->withErrors($errors)->withInput();
        }
        // What was not edited stays what it is now, whatever it was when the form was opened.
        $was = is_string($request->input('was')) ? json_decode($request->input('was'), true) : null;
        $edited = array_filter(
            $attributes,
            static fn (mixed $value, string $field): bool => ! is_array($was) || ! array_key_exists($field, $was)
                || json_encode($was[$field]) !== json_encode($value),
            ARRAY_FILTER_USE_BOTH,
        );
        DB::transaction(function () use ($paper, $edited): void {
            $paper->refresh();
            $count = $edited['count'] ?? $paper->count;
            $paper->fill([...$edited, 'count' => $paper->count])->save();
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
