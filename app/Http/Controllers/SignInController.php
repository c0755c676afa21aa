<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Club\Club;
use App\Models\Maker;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;

/** By name and pass phrase. */
final readonly class SignInController
{
    /** Wrong ones in five minutes: of one name, from one place. */
    private const OF_A_NAME = 5;

    private const FROM_A_PLACE = 30;

    private const SECONDS = 300;

    public function __construct()
    {
        abort_unless(Club::isOpen(), 404);
    }

    public function show(): View|RedirectResponse
    {
        return Auth::check() ? redirect()->route('shelf') : view('sign-in', ['isEmpty' => Maker::query()->doesntExist()]);
    }

    public function enter(Request $request): RedirectResponse
    {
        $said = $request->validate([
            'name' => ['required', 'string', 'max:60'],
            'phrase' => ['required', 'string', 'max:'.Maker::LONGEST],
        ], ['name.*' => 'What are you called here?', 'phrase.*' => 'Your pass phrase.']);
        $name = is_string($said['name'] ?? null) ? $said['name'] : '';
        $limits = ['sign-in:'.mb_strtolower($name) => self::OF_A_NAME, "sign-in-from:{$request->ip()}" => self::FROM_A_PLACE];
        foreach ($limits as $key => $most) {
            if (RateLimiter::tooManyAttempts($key, $most)) {
                return $this->wrong('Too many were tried. Wait five minutes.');
            }
        }
        // Whether the name or the phrase is wrong is not told, nor how long it took.
        $who = ['name' => $name, 'password' => $said['phrase'] ?? '', 'left_at' => null];
        if (! Auth::attempt($who)) {
            foreach (array_keys($limits) as $key) {
                RateLimiter::hit($key, self::SECONDS);
            }

            return $this->wrong('Name and pass phrase do not go together.');
        }
        RateLimiter::clear('sign-in:'.mb_strtolower($name));
        $maker = Auth::user();
        if ($maker instanceof Maker && $maker->hasRunOut()) {
            Auth::logout();

            return $this->wrong('That first pass phrase has run out. Ask the keeper of the shelf for another.');
        }
        $request->session()->regenerate();
        if ($maker instanceof Maker) {
            $notice = $maker->notice();
            $maker->update(['seen_at' => now()]);
            if ($notice !== null) {
                return redirect()->route('myself', status: 303)->with('said', $notice);
            }
        }

        return redirect()->intended(route('shelf'), 303);
    }

    public function leave(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect()->route('sign-in', status: 303);
    }

    private function wrong(string $complaint): RedirectResponse
    {
        return redirect()->route('sign-in', status: 303)->withInput(request()->only('name'))->withErrors(['phrase' => $complaint]);
    }
}
