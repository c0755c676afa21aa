<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawer\TakenOff;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** What was taken off the shelf or out of the drawer, and can be brought back for a while. */
final readonly class TakenOffController
{
    public function __construct(private TakenOff $takenOff)
    {
    }

    public function index(): View
    {
        return view('taken-off', ['things' => $this->takenOff->all(), 'days' => TakenOff::DAYS]);
    }

    public function restore(string $kind, int $id): RedirectResponse
    {
        $name = $this->takenOff->bringBack($kind, $id) ?? abort(404);

        return redirect()->route('taken-off', status: 303)->with('said', "“{$name}” is back.");
    }
}
