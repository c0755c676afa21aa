<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ImportDesignRequest;
use App\Planning\AsBroughtIn;
use App\Planning\Plans;
use App\Planning\ProjectEditor;
use App\Safekeeping\BookCopy;
use App\Safekeeping\UnusableCopy;
use Ephemeron\Format\InvalidDesign;
use Illuminate\Http\RedirectResponse;

final readonly class ImportController
{
    public function __invoke(ImportDesignRequest $request, ProjectEditor $editor, Plans $plans, BookCopy $books): RedirectResponse
    {
        try {
            $project = $request->isBook() ? $books->read($request->place()) : $editor->import($request->contents());
        } catch (InvalidDesign|UnusableCopy $error) {
            return redirect()->route('shelf', status: 303)->withErrors(['file' => $error->getMessage()]);
        }

        $there = AsBroughtIn::there($plans->design($project));

        return redirect()->route('plan', $project, 303)->with('there', $there);
    }
}
