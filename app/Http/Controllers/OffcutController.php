<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\History\History;
use App\History\OffcutSlice;
use App\Http\Requests\OffcutRequest;
use App\Models\Project;
use Illuminate\Http\RedirectResponse;

/** Whether an offcut is kept or binned. */
final readonly class OffcutController
{
    public function __construct(private History $history)
    {
    }

    public function __invoke(OffcutRequest $request, Project $project): RedirectResponse
    {
        $step = $request->string('step')->value();
        $back = redirect()->route('cut', [$project, 'at' => $step], 303);
        if ($project->ticks()->where('key', $step)->exists()) {
            return $back->withErrors(
                ['offcut' => 'That sheet is cut already, and what it left is in the drawer. Take its tick back to choose again.'],
            );
        }
        $which = ['step' => $step, 'offcut' => $request->integer('offcut')];
        $chosen = $project->offcutChoices()->where($which)->first();
        $keep = $request->boolean('keep');
        $this->history->do(
            $project,
            OffcutSlice::KIND,
            $keep ? 'an offcut kept' : 'an offcut binned',
            [...$which, 'keep' => $chosen?->keep],
            [...$which, 'keep' => $keep],
        );

        return $back;
    }
}
