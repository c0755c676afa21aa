<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ImportDesignRequest;
use App\Planning\ProjectEditor;
use Ephemeron\Format\InvalidDesign;
use Illuminate\Http\RedirectResponse;

final readonly class ImportController
{
    public function __invoke(ImportDesignRequest $request, ProjectEditor $editor): RedirectResponse
    {
        try {
            $project = $editor->import($request->contents());
        } catch (InvalidDesign $error) {
            return redirect()->route('shelf', status: 303)->withErrors(['file' => $error->getMessage()]);
        }

        return redirect()->route('plan', $project, 303);
    }
}
