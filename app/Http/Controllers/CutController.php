<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawer\DrawerChanged;
use App\Drawer\Pictures;
use App\Drawer\WorthKeeping;
use App\Drawing\SheetInHand;
use App\Http\Requests\CopiesRequest;
use App\Models\Project;
use App\Planning\InHand;
use App\Planning\PinnedSheets;
use App\Planning\Progress;
use App\Planning\ProjectEditor;
use Ephemeron\Cutting\TrimmerBench;
use Ephemeron\Format\CutSheetsSvg;
use Illuminate\Contracts\View\View;
use Illuminate\Support\Collection;

final readonly class CutController
{
    public function __construct(private WorthKeeping $keeping, private DrawerChanged $changed)
    {
    }

    public function __invoke(CopiesRequest $request, Project $project, ProjectEditor $editor): View
    {
        $one = $editor->plan($project);
        $copies = $request->copies();
        $progress = new Progress($project, $one);
        $asked = $request->query('sheet');
        $trimmer = $one->trimmer();

        return view('cut', [
            'project' => $project,
            'one' => $one,
            'plan' => $copies === 1 ? $one : $editor->plan($project, $copies),
            'copies' => $copies,
            'progress' => $progress,
            'hand' => $copies === 1 ? InHand::of($one, $progress, is_string($asked) ? $asked : null) : null,
            'handDrawing' => new SheetInHand,
            'pins' => new PinnedSheets($one),
            'searches' => $project->searches->keyBy('key'),
            'trimmer' => $trimmer,
            'bench' => new TrimmerBench($trimmer),
            'keeping' => $this->keeping,
            'choices' => $project->offcutChoices->groupBy('step')->map(static fn (Collection $choices): array => $choices->pluck('keep', 'offcut')->all()),
            'drawing' => new CutSheetsSvg,
            'pictures' => Pictures::of($one),
            'changed' => $this->changed->since($project, $one),
        ]);
    }
}
