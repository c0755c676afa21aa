<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawer\WorthKeeping;
use App\Http\Requests\UnitRequest;
use Ephemeron\Design\Parameter;
use Ephemeron\Format\Complaints;
use Ephemeron\Measure\Length;
use Illuminate\Http\RedirectResponse;

final readonly class WorthKeepingController
{
    public function __invoke(UnitRequest $request, WorthKeeping $keeping): RedirectResponse
    {
        $typed = $request->input('narrowest');
        $complaints = new Complaints;
        $parameter = Parameter::length('narrowest', 'The breadth', '', Length::inches(0, 1, 4), Length::inches(60), Length::inches(2));
        $narrowest = $complaints->reading(
            'narrowest',
            static fn () => $parameter->read(is_string($typed) && trim($typed) !== '' ? $typed : '-', $request->unit()),
            null,
        );
        if (! $narrowest instanceof Length) {
            return back()->withErrors($complaints->all())->withInput();
        }
        $keeping->choose($narrowest);

        return redirect()->route('papers.index', $request->only('unit'), 303)->with('said', 'From now on leftovers of that breadth are '
            .'kept.');
    }
}
