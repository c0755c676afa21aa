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
        $stage = Stage::tryFrom($this->string('stage')->value()) ?? Stage::Plan;
        $face = $this->string('face')->value();

        return route($stage->value, ['project' => $project, ...($face === '' ? [] : ['face' => $face])]);
    }
}
