<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Project;
use App\View\Stage;

/** A change leads back to the stage it was made on, at the face that was looked at. */
trait ReturnsToStage
{
    public function revision(): int
    {
        return $this->integer('revision');
    }

    public function returnTo(Project $project): string
    {
        $stage = $this->input('stage');
        $face = $this->input('face');
        $step = $this->input('step');

        return route(
            // What goes in, and drawing a base, have pages of their own within the plan.
            in_array($stage, ['keepsakes', 'base'], true)
                ? $stage : (is_string($stage) ? Stage::tryFrom($stage) ?? Stage::Plan : Stage::Plan)->value,
            [
                'project' => $project,
                ...(is_string($face) && $face !== '' && mb_strlen($face) <= 200 ? ['face' => $face] : []),
                ...(is_string($step) && $step !== '' && mb_strlen($step) <= 190 ? ['step' => $step] : []),
            ],
        );
    }
}
