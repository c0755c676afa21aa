<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Project;
use Illuminate\Http\RedirectResponse;

final readonly class RestoreController
{
    public function __invoke(Project $project): RedirectResponse
    {
        $project->restore();

        return redirect()->route('shelf', status: 303)->with('said', "“{$project->name}” is back on the shelf.");
    }
}
