<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Club\Club;
use App\Club\PassPhrase;
use App\Club\Sessions;
use App\Club\Space;
use App\Models\Circle;
use App\Models\Maker;
use App\Models\Share;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** What a maker of many settles for themselves: pass phrase, where they are signed in, what they show and lend. */
final readonly class MyselfController
{
    public function __construct(private Sessions $sessions)
    {
        abort_unless(Club::isOpen(), 404);
    }

    public function show(Request $request, Space $space): View
    {
        $maker = $this->maker();

        return view('myself', [
            'maker' => $maker,
            'sessions' => $this->sessions->of($maker, $request->session()->getId()),
            'shares' => Share::query()->whereHas('project')->with('project')->latest('id')->get(),
            'circles' => $maker->circles()->with(['makers', 'lenders'])->orderBy('name')->get(),
            'space' => $space,
        ]);
    }

    public function phrase(Request $request): RedirectResponse
    {
        $maker = $this->maker();
        $said = $request->validate([
            'now' => ['required', 'string', 'current_password'],
            'new' => ['required', 'string', 'confirmed', new PassPhrase($maker->name)],
        ], ['now.*' => 'That is not your pass phrase.', 'new.confirmed' => 'The two are not alike.', 'new.required' => 'The new one.']);
        $maker->takePhrase($said['new'], given: false);
        $request->session()->regenerate();
        $this->sessions->endOthers($maker, $request->session()->getId());

        return redirect()->route('myself', status: 303)->with('said', 'The new pass phrase holds. You are signed out everywhere else.');
    }

    public function end(Request $request, string $session): RedirectResponse
    {
        $this->sessions->end($this->maker(), $session);

        return redirect()->route('myself', status: 303)->with('said', 'Signed out there.');
    }

    public function lend(Request $request, Circle $circle): RedirectResponse
    {
        $maker = $this->maker();
        abort_unless($circle->makers()->whereKey($maker->id)->exists(), 404);
        $request->boolean('lend') ? $circle->lenders()->syncWithoutDetaching([$maker->id]) : $circle->lenders()->detach($maker->id);

        return redirect()->route('myself', status: 303);
    }

    private function maker(): Maker
    {
        $maker = Auth::user();

        return $maker instanceof Maker ? $maker : abort(404);
    }
}
