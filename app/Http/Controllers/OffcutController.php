<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\OffcutRequest;
use App\Models\Project;
use Illuminate\Http\RedirectResponse;

/** Whether an offcut is kept or binned. */
final readonly class OffcutController
{
    public function __invoke(OffcutRequest $request, Project $project): RedirectResponse
    {
        $back = redirect()->route('cut', [$project], 303);
        $step = $request->string('step')->value();
        if ($project->ticks()->where('key', $step)->exists()) {
            return $back->withErrors(['offcut' => 'That sheet is cut already, and what it left is in the drawer. Take its tick back to choose again.']);
        }
        $project->offcutChoices()->updateOrCreate(['step' => $step, 'offcut' => $request->integer('offcut')], ['keep' => $request->boolean('keep')]);

        return $back;
    }
}
