<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawer\SupplyReader;
use App\Http\Requests\UnitRequest;
use App\Models\Supply;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** What lies in the drawer besides paper. */
final readonly class SupplyController
{
    public function __construct(private SupplyReader $reader)
    {
    }

    public function index(UnitRequest $request): View
    {
        return view('supplies', [
            'supplies' => Supply::query()->get()->sortBy(
                static fn (Supply $supply): array => [$supply->kind->value, mb_strtolower($supply->name)],
            )->values(),
            'unit' => $request->unit(),
            'chosen' => Supply::query()->find($request->integer('supply')),
        ]);
    }

    public function store(UnitRequest $request): RedirectResponse
    {
        [$attributes, $errors] = $this->reader->read($request->all(), $request->unit());
        if ($errors !== []) {
            return back()->withErrors($errors)->withInput();
        }
        $supply = Supply::query()->create($attributes);

        return $this->back($request, "“{$supply->name}” put into the drawer.");
    }

    public function update(UnitRequest $request, Supply $supply): RedirectResponse
    {
        [$attributes, $errors] = $this->reader->read($request->all(), $request->unit());
        if ($errors !== []) {
            return back()->withErrors($errors)->withInput();
        }
        $supply->update($attributes);

        return $this->back($request, "“{$supply->name}” changed.");
    }

    public function destroy(UnitRequest $request, Supply $supply): RedirectResponse
    {
        $supply->delete();

        return $this->back($request, "“{$supply->name}” taken out of the drawer.");
    }

    private function back(UnitRequest $request, string $said): RedirectResponse
    {
        return redirect()->route('supplies.index', $request->only('unit'), 303)->with('said', $said);
    }
}
