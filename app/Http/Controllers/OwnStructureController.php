<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\OwnStructureRequest;
use App\Models\Project;
use App\Planning\OwnStructures;
use App\Planning\Plans;
use Ephemeron\Design\Design;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\Format\OwnStructureFile;
use Ephemeron\Structure\OwnStructure;
use Ephemeron\Structure\Skill;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** Structures of one’s own: written down, kept in the catalogue, given away as a file. */
final readonly class OwnStructureController
{
    public function __construct(private OwnStructures $own)
    {
    }

    /** Written anew, or as one that is kept, or as a free base is drawn. */
    public function show(Request $request, Plans $plans): View
    {
        $key = $request->query('like');
        $from = $request->query('from');
        $like = is_string($key) ? $this->own->mine($key) : null;
        $project = is_string($from) && preg_match('/^\d{1,18}$/', $from) === 1 ? Project::query()->find((int) $from) : null;

        return view('own-structure', [
            'said' => match (true) {
                $like !== null => OwnStructureFile::toArray($like),
                $project !== null => self::asDrawn($plans->design($project)),
                default => ['measures' => [], 'unit' => 'in', 'skill' => Skill::Some->value],
            },
        ]);
    }

    public function store(OwnStructureRequest $request): RedirectResponse
    {
        $back = redirect()->route('own-structure', status: 303);
        try {
            $own = $request->hasFile('file') ? OwnStructureFile::read($request->contents()) : OwnStructureFile::fromArray($request->said());
        } catch (InvalidDesign $wrong) {
            return $back->withInput($request->except('file'))
                ->withErrors($request->hasFile('file') ? ['file' => $wrong->getMessage()] : $wrong->errors);
        }
        $this->own->keep($own);

        return redirect()->route('catalogue', ['unit' => $own->unit->value], 303)
            ->with('said', "“{$own->name}” stands in the catalogue.");
    }

    public function file(string $key): Response
    {
        $own = $this->own->mine($key) ?? abort(404);

        return response(OwnStructureFile::write($own), headers: [
            'Content-Type' => 'application/json',
            'Content-Disposition' => 'attachment; filename="'.(Str::slug($own->name) ?: 'structure').'.structure.json"',
        ]);
    }

    public function destroy(string $key): RedirectResponse
    {
        $this->own->takeOut($key);

        return redirect()->route('catalogue', status: 303)
            ->with('said', 'It stands in the catalogue no more; books that are made of it stay as they are.');
    }

    /** @return array<string, mixed> a free base, its lengths as they are: names for them are for the maker to give */
    private static function asDrawn(Design $design): array
    {
        $texts = [];
        foreach ($design->structure === 'free-base' ? OwnStructure::TEXTS : [] as $key) {
            $texts[$key] = $design->parameters->text($key);
        }

        return ['name' => $design->name, 'unit' => $design->unit->value, 'skill' => Skill::Some->value, 'measures' => [], ...$texts];
    }
}
