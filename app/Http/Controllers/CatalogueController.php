<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Planning\CatalogueEntries;
use App\Planning\CatalogueEntry;
use Ephemeron\Measure\Unit;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

final readonly class CatalogueController
{
    public function __invoke(Request $request, CatalogueEntries $entries): View
    {
        $asked = $request->query('unit');
        $unit = is_string($asked) ? Unit::tryFrom($asked) ?? Unit::Inch : Unit::Inch;
        $wanted = array_values(array_intersect(array_keys(CatalogueEntry::filters()), (array) $request->query('only', [])));
        $all = $entries->in($unit);
        $shown = array_values(array_filter($all, static fn (CatalogueEntry $entry): bool => array_diff($wanted, $entry->traits) === []));

        return view('catalogue', ['entries' => $shown, 'all' => count($all), 'wanted' => $wanted, 'unit' => $unit]);
    }
}
