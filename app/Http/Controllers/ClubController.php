<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Club\Club;
use App\Club\PassPhrase;
use App\Club\Sessions;
use App\Models\Circle;
use App\Models\Maker;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\Rule;

/** What the keeper of a shelf settles: who is one of the makers, new pass phrases for who has lost theirs, circles. */
final readonly class ClubController
{
    public function __construct(private Sessions $sessions)
    {
        abort_unless(Club::isOpen() && Club::isKept(), 404);
    }

    public function show(): View
    {
        return view('club', [
            'makers' => Maker::query()->orderBy('name')->get(),
            'circles' => Circle::query()->with('makers')->orderBy('name')->get(),
            'me' => Auth::id(),
        ]);
    }

    public function add(Request $request): RedirectResponse
    {
        $name = $request->input('name');
        $said = $request->validate([
            'name' => ['required', 'string', 'max:60', Rule::unique('makers', 'name')],
            'phrase' => ['required', 'string', new PassPhrase(is_string($name) ? $name : '')],
        ], [
            'name.unique' => 'There is somebody of that name.',
            'name.*' => 'A name of at most 60 characters.',
            'phrase.required' => 'Their first pass phrase.',
        ]);
        (new Maker(['name' => $said['name']]))->takePhrase($said['phrase'], given: true);

        return $this->back(
            'Let in. Tell them their pass phrase: it holds for '.Maker::DAYS_GIVEN.' days, and they choose another one when they come.',
        );
    }

    /** For who has lost theirs: no letter is sent. */
    public function phrase(Request $request, Maker $maker): RedirectResponse
    {
        $said = $request->validateWithBag("maker{$maker->id}", ['phrase' => ['required', 'string', new PassPhrase($maker->name)]]);
        $maker->takePhrase($said['phrase'], given: true);
        $this->sessions->endOthers($maker);

        return $this->back("The new pass phrase of {$maker->name} holds; they are signed out everywhere.");
    }

    /** Whoever has left keeps their books here, for when they come back. */
    public function leave(Request $request, Maker $maker): RedirectResponse
    {
        if ($maker->id === Auth::id()) {
            return $this->back('You are the keeper: another one has to turn you away.');
        }
        $left = $request->boolean('left');
        $maker->update(['left_at' => $left ? now() : null]);
        $this->sessions->endOthers($maker);

        return $this->back($left ? "{$maker->name} cannot sign in any more; their books stay." : "{$maker->name} is back.");
    }

    public function circle(Request $request): RedirectResponse
    {
        $said = $request->validateWithBag(
            'circle',
            ['circle' => ['required', 'string', 'max:60', Rule::unique('circles', 'name')]],
            ['circle.unique' => 'There is a circle of that name.', 'circle.*' => 'A name of at most 60 characters.'],
        );
        Circle::query()->create(['name' => $said['circle']]);

        return $this->back();
    }

    public function join(Request $request, Circle $circle, Maker $maker): RedirectResponse
    {
        if ($request->boolean('in')) {
            $circle->makers()->syncWithoutDetaching([$maker->id]);
        } else {
            $circle->makers()->detach($maker->id);
            $circle->lenders()->detach($maker->id);
        }

        return $this->back();
    }

    private function back(string $said = ''): RedirectResponse
    {
        return redirect()->route('club', status: 303)->with('said', $said);
    }
}
