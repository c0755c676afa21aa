<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\UnitRequest;
use App\Planning\CatalogueEntries;
use App\Planning\CatalogueEntry;
use App\Planning\Patience;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Contracts\View\View;

final readonly class CatalogueController
{
    /** Seconds that are waited for what is not remembered, before the page comes. */
    private const SECONDS = 0.05;

    public function __invoke(UnitRequest $request, CatalogueEntries $entries, Repository $cache): View
    {
        $unit = $request->unit();
        $wanted = array_values(
            array_intersect(array_keys(CatalogueEntry::filters()), array_filter((array) $request->query('only', []), is_string(...))),
        );
        $patience = Patience::of($cache, $request, self::SECONDS);
        $all = $entries->in($unit, $patience);
        $shown = array_values(array_filter($all, static fn (CatalogueEntry $entry): bool => array_diff($wanted, $entry->traits) === []));

        return view('catalogue', [
            'entries' => $shown,
            'known' => count($all),
            'all' => $entries->all(),
            'wanted' => $wanted,
            'unit' => $unit,
        ]);
    }
}
