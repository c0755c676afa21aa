<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\UnitRequest;
use App\Planning\CatalogueEntries;
use App\Planning\CatalogueEntry;
use Illuminate\Contracts\View\View;

final readonly class CatalogueController
{
    public function __invoke(UnitRequest $request, CatalogueEntries $entries): View
    {
        $unit = $request->unit();
        $wanted = array_values(
            array_intersect(array_keys(CatalogueEntry::filters()), array_filter((array) $request->query('only', []), is_string(...))),
        );
        $all = $entries->in($unit);
        $shown = array_values(array_filter($all, static fn (CatalogueEntry $entry): bool => array_diff($wanted, $entry->traits) === []));

        return view('catalogue', ['entries' => $shown, 'all' => count($all), 'wanted' => $wanted, 'unit' => $unit]);
    }
}
