<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ChangeDesignRequest;
use App\Models\Project;
use App\Planning\ProjectEditor;
use Ephemeron\Format\InvalidDesign;
use Illuminate\Http\RedirectResponse;

/** Every change to a design comes through here, as places and values. */
final readonly class DesignController
{
    public function __invoke(ChangeDesignRequest $request, Project $project, ProjectEditor $editor): RedirectResponse
    {
        $back = redirect()->to($request->returnTo($project), 303);
        try {
            $change = $editor->change($project, $request->changes(), $request->revision());
        } catch (InvalidDesign $error) {
            return $back->withErrors($error->errors)->withInput($request->only('set'));
        }

        return $change === '' ? $back : $back->with('changed', $change);
    }
}
