<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawer\DrawerChanged;
use App\Drawer\Pictures;
use App\Drawer\WorthKeeping;
use App\Drawing\SheetInHand;
use App\Models\Project;
use App\Planning\CutPiecesInWords;
use App\Planning\InHand;
use App\Planning\LaidBy;
use App\Planning\OwnAllowance;
use App\Planning\PinnedSheets;
use App\Planning\Plans;
use App\Planning\Progress;
use Ephemeron\Cutting\TrimmerBench;
use Ephemeron\Format\CutSheetsSvg;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Support\Collection;

final readonly class CutController
{
    public function __construct(private WorthKeeping $keeping, private DrawerChanged $changed)
    {
    }

    public function __invoke(Request $request, Project $project, Plans $plans, LaidBy $laidBy): View
    {
        $plan = $plans->plan($project);
        $progress = new Progress($project, $plan);
        $asked = $request->query('sheet');
        $trimmer = $plan->trimmer();

        return view('cut', [
            'project' => $project,
            'plan' => $plan,
            'progress' => $progress,
            'hand' => InHand::of($plan, $progress, is_string($asked) ? $asked : null),
            'handDrawing' => new SheetInHand,
            'pins' => new PinnedSheets($plan),
            'searches' => $project->searches->keyBy('key'),
            'trimmer' => $trimmer,
            'bench' => new TrimmerBench($trimmer),
            'keeping' => $this->keeping,
            'choices' => $project->offcutChoices->groupBy('step')->map(
                static fn (Collection $choices): array => $choices->pluck('keep', 'offcut')->all(),
            ),
            'drawing' => new CutSheetsSvg,
            'pictures' => Pictures::of($plan),
            'allowance' => OwnAllowance::kept(),
            'changed' => $this->changed->since($project, $plan),
            'becomes' => new CutPiecesInWords($plan),
            'laidBy' => $laidBy,
        ]);
    }
}
