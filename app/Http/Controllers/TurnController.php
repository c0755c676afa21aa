<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Project;
use App\Planning\Turns;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Whoever waits for a change of a very large book thinks better of it. */
final readonly class TurnController
{
    public function __invoke(Request $request, Project $project, Turns $turns): RedirectResponse
    {
        $turns->leave($request->string('mark')->limit(100, '')->toString());

        return redirect()->route('plan', $project, 303)->with('said', 'It is as it was.');
    }
}
