<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ConfirmRequest;
use App\Models\Project;
use App\Planning\ProjectEditor;
use Ephemeron\Format\InvalidDesign;
use Illuminate\Http\RedirectResponse;

/** Keeps a change the maker has been asked about, because pieces are cut already. */
final readonly class ConfirmController
{
    public function __invoke(ConfirmRequest $request, Project $project, ProjectEditor $editor): RedirectResponse
    {
        $back = redirect()->to($request->returnTo($project), 303);
        try {
            $change = $editor->change($project, $request->changes(), $request->revision(), confirmed: true);
        } catch (InvalidDesign $error) {
            return $back->withErrors($error->errors);
        }

        return $change === '' ? $back : $back->with('changed', $change);
    }
}
