<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Club\Club;
use App\Http\Requests\RestoreRequest;
use App\Safekeeping\Copies;
use App\Safekeeping\ShelfCopy;
use App\Safekeeping\UnusableCopy;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** The whole shelf as one file, to take away and to bring back. */
final readonly class CopiesController
{
    public function __construct(private Copies $copies)
    {
        // In a copy lies what is everybody’s.
        abort_unless(Club::isKept(), 404);
    }

    public function show(): View
    {
        return view('copies', ['copies' => $this->copies->all()]);
    }

    /** Made this moment, read back, and taken away. */
    public function make(): BinaryFileResponse|RedirectResponse
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'copy');
        try {
            ShelfCopy::write($file);
        } catch (UnusableCopy $error) {
            return redirect()->route('copies', status: 303)->withErrors(['copy' => $error->getMessage()]);
        }

        return response()->download($file, 'ephemeron-'.now()->format('Y-m-d-Hi').'.zip')->deleteFileAfterSend();
    }

    public function take(string $name): BinaryFileResponse
    {
        abort_unless(in_array($name, $this->copies->all(), true), 404);

        return response()->download($this->copies->file($name), "ephemeron-{$name}");
    }

    public function restore(RestoreRequest $request): RedirectResponse
    {
        try {
            $copy = ShelfCopy::read($request->copy($this->copies));
            $this->copies->restore($copy);
        } catch (UnusableCopy $error) {
            return redirect()->route('copies', status: 303)->withErrors(['copy' => "{$error->getMessage()} Nothing was changed."]);
        }

        return redirect()->route('copies', status: 303)
            ->with('said', "The shelf is that {$copy->sentence()}. How it was before is kept below.");
    }
}
