<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Project;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Str;

final readonly class CopyController
{
    public function __invoke(Project $project): RedirectResponse
    {
        $name = Str::limit($project->name, 110, '').', copy';
        Project::put(['name' => $name] + $project->design);

        return redirect()->route('shelf', status: 303)->with('said', "“{$name}” is on the shelf; nothing is ticked in it yet.");
    }
}
