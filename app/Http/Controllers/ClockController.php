<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Project;
use App\Planning\StepClock;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The clock of a step: started, stopped, asked. */
final readonly class ClockController
{
    public function __invoke(Request $request, Project $project): JsonResponse
    {
        $asked = $request->validate([
            'step' => ['required', 'string', 'max:190'],
            'run' => ['required', 'boolean'],
            'forgotten' => ['nullable', 'integer', 'min:0', 'max:86400'],
        ]);
        $clock = new StepClock($project);
        $step = is_string($asked['step'] ?? null) ? $asked['step'] : '';
        $request->boolean('run') ? $clock->start($step) : $clock->stop($request->integer('forgotten'));
        $time = $clock->of($step);

        return response()->json(['seconds' => $time?->soFar() ?? 0, 'running' => $time?->running_since !== null]);
    }
}
