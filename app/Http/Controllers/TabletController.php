<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Club\Club;
use App\Club\Tablets;
use App\Models\Device;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cookie;
use Illuminate\Support\Facades\RateLimiter;

/** “Take this to the tablet”: at the machine a code and which tablets there are, at the tablet the field for the code. */
final readonly class TabletController
{
    /** Wrong codes a minute, from everywhere together. */
    private const TRIES = 10;

    public function __construct(private Tablets $tablets)
    {
        abort_if(Club::isOpen(), 404);
    }

    public function show(Request $request): View
    {
        $code = $request->query('code');

        return Tablets::isAtThisMachine($request)
            ? view('tablet', [
                'devices' => Device::query()->latest('id')->get(),
                'listening' => $this->tablets->isListening(),
                'address' => $this->tablets->address(),
                'code' => session('code'),
                'to' => self::place($request),
            ])
            : view('tablet-here', ['code' => is_string($code) ? mb_substr($code, 0, 20) : '', 'to' => self::place($request)]);
    }

    /** A code; the address with it leads to where one was. */
    public function begin(Request $request): RedirectResponse
    {
        abort_unless(Tablets::isAtThisMachine($request), 404);

        return redirect()->route('tablet', array_filter(['to' => self::place($request)]), 303)->with('code', $this->tablets->code());
    }

    public function enter(Request $request): RedirectResponse
    {
        $said = $request->validate([
            'code' => ['required', 'string', 'max:20'],
            'name' => ['required', 'string', 'max:60'],
        ], [
            'code.*' => 'The eight letters that the other screen shows.',
            'name.*' => 'What is this tablet called? At most 60 characters.',
        ]);
        $wrong = redirect()->route('tablet', status: 303)->withInput();
        if (RateLimiter::tooManyAttempts('tablet', self::TRIES)) {
            return $wrong->withErrors(['code' => 'Too many codes were tried. Wait a minute.']);
        }
        $token = $this->tablets->letIn(self::text($said['code'] ?? null), self::text($said['name'] ?? null));
        if ($token === null) {
            RateLimiter::hit('tablet');

            return $wrong->withErrors(['code' => 'This code is not good, or not any more: one is good once, and for ten minutes.']);
        }
        Cookie::queue(Tablets::COOKIE, $token, Tablets::DAYS * 24 * 60, '/', null, $request->isSecure(), true, false, 'lax');

        return redirect()->to(self::place($request) ?: route('shelf'), 303);
    }

    public function turnAway(Request $request, Device $device): RedirectResponse
    {
        abort_unless(Tablets::isAtThisMachine($request), 404);
        $this->tablets->turnAway($device);

        return redirect()->route('tablet', status: 303)->with('said', "{$device->name} is turned away.");
    }

    public function stop(Request $request): RedirectResponse
    {
        abort_unless(Tablets::isAtThisMachine($request), 404);
        $this->tablets->stop();

        return redirect()->route('tablet', status: 303)->with('said', 'Nothing listens on the network any more.');
    }

    /** @return string where one was, a page of a book; else nothing */
    private static function place(Request $request): string
    {
        $to = $request->input('to');

        return is_string($to) && preg_match('~^/projects/\d{1,9}/[a-z-]{1,20}$~D', $to) === 1 ? $to : '';
    }

    private static function text(mixed $said): string
    {
        return is_string($said) ? trim($said) : '';
    }
}
