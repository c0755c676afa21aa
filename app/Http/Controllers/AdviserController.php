<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawer\PapersForBook;
use App\Drawer\SheetsThere;
use App\Http\Requests\AdviceRequest;
use App\Models\Paper;
use App\Models\Project;
use App\Planning\Advice;
use App\Planning\CodeEdition;
use App\Planning\Mark;
use App\Planning\OwnStructures;
use App\Planning\Patience;
use App\Planning\Plans;
use App\Planning\ProjectEditor;
use Ephemeron\Adviser;
use Ephemeron\Drawer\Wishes;
use Ephemeron\Format\DesignReader;
use Ephemeron\Format\DesignWriter;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\Structure\Catalogue;
use Ephemeron\Structure\Structure;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** Which book for what one has: asked once, answered with books that are planned. */
final readonly class AdviserController
{
    private const DAYS = 7;

    /** Seconds that are waited for what is not remembered, before the page comes. */
    private const SECONDS = 0.3;

    public function __construct(
        private Catalogue $catalogue,
        private DesignReader $reader,
        private Adviser $adviser,
        private SheetsThere $there,
        private Repository $cache,
        private OwnStructures $own,
        private DesignWriter $writer,
    ) {
    }

    public function show(AdviceRequest $request): View
    {
        $patience = Patience::of($this->cache, $request, self::SECONDS);
        $all = $request->isAsked() ? array_map(
            fn (Structure $structure): ?Advice => $this->advice($structure, $request, $patience),
            $this->kinds(),
        ) : [];
        $known = array_values(array_filter($all));
        usort($known, match ($request->query('order')) {
            'thick' => static fn (Advice $one, Advice $other): int => strnatcmp($one->thick, $other->thick),
            'photos' => static fn (Advice $one, Advice $other): int => [$other->photos, $one->worth] <=> [$one->photos, $other->worth],
            'time' => static fn (Advice $one, Advice $other): int => $one->seconds <=> $other->seconds,
            default => static fn (Advice $one, Advice $other): int => $one->worth <=> $other->worth,
        });

        return view('adviser', [
            'unit' => $request->unit(),
            'isAsked' => $request->isAsked(),
            'books' => $known,
            'all' => count($all),
            'pads' => $this->there->pads(),
            'order' => is_string($request->query('order')) ? $request->query('order') : '',
            'beside' => $request->beside(),
            'said' => array_filter($request->only(AdviceRequest::FIELDS), filled(...)),
        ]);
    }

    public function begin(AdviceRequest $request, ProjectEditor $editor, PapersForBook $papers, Plans $plans): RedirectResponse
    {
        $structure = $this->catalogue->get($request->string('structure')->value());
        $advice = $this->advice($structure, $request, new Patience($this->cache, 0.0))
            ?? throw new \LogicException('One is always worked out.');
        $project = $editor->create(['name' => $request->string('name')->trim()->value()] + $advice->file);
        if ($request->string('from')->value() === 'drawer') {
            $this->takePapers($project, $editor, $papers, $plans);
        }

        return redirect()->route('plan', $project, 303)->with('said', 'Begun, with the measures and papers you were advised.');
    }

    /** @return list<Structure> that come in sizes: what one draws oneself is made for what one draws it for */
    private function kinds(): array
    {
        return array_values(array_filter(
            [...$this->own->listed(), ...$this->catalogue->all()],
            static fn (Structure $structure): bool => $structure->about()->sizing->broader !== [],
        ));
    }

    private function advice(Structure $structure, AdviceRequest $request, Patience $patience): ?Advice
    {
        $wish = $request->wish($this->there);
        $unit = $request->unit();

        return $patience->remember(
            'advice:'.Mark::of(CodeEdition::whole(), $structure->about()->key, $wish, $unit->value, $request->hours()),
            Advice::class,
            self::DAYS,
            fn (): Advice => Advice::of(
                $this->adviser->best($this->reader->usual($structure, $unit), $wish),
                $request->hours(),
                $this->writer,
            ),
        );
    }

    /** From the drawer, as far as it has them. */
    private function takePapers(Project $project, ProjectEditor $editor, PapersForBook $papers, Plans $plans): void
    {
        [$alternate, $proposals] = $papers->propose($project, new Wishes);
        $changes = ['mats.alternate' => $alternate->value];
        foreach ($proposals as $proposal) {
            $paper = $proposal->offer === null ? null : Paper::query()->find((int) $proposal->offer->id);
            if ($paper !== null) {
                $changes += $papers->changes($project, $proposal->role, $paper, $plans->design($project)->notation(), true);
            }
        }
        try {
            $editor->change($project, $changes, $project->revision);
        } catch (InvalidDesign) {
            // The papers of the drawer can be chosen on the page for that.
        }
    }
}
