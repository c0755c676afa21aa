<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawer\PaperPicture;
use App\Drawer\UnusablePicture;
use App\Http\Requests\SquareUpRequest;
use App\Models\Paper;
use Ephemeron\Paper\Side;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;

final readonly class PaperPictureController
{
    public function store(Request $request, Paper $paper, PaperPicture $pictures): RedirectResponse
    {
        $file = $request->file('picture');
        $side = $this->side($request);
        $back = redirect()->route('papers.index', ['paper' => $paper->id], 303);
        if (! $file instanceof UploadedFile || ! $file->isValid() || $file->getSize() > PaperPicture::mostBytes()) {
            return $back->withErrors(['picture' => sprintf('Choose a picture of %d MB at the most.', PaperPicture::mostMegabytes())]);
        }
        try {
            $pictures->take((string) $file->get(), $paper, $side);
        } catch (UnusablePicture $refusal) {
            return $back->withErrors(['picture' => $refusal->getMessage()]);
        }

        return $back->with('said', "“{$paper->name}” has a picture of side {$side->value} now.");
    }

    /** A photograph of a sheet on a table, squared up by its four corners. */
    public function square(SquareUpRequest $request, Paper $paper, PaperPicture $pictures): RedirectResponse
    {
        $side = $this->side($request);
        $back = redirect()->route('papers.index', ['paper' => $paper->id], 303);
        try {
            $pictures->square($paper, $side, $request->corners());
        } catch (UnusablePicture $refusal) {
            return $back->withErrors(['corners' => $refusal->getMessage()]);
        }

        return $back->with('said', "Side {$side->value} of “{$paper->name}” is squared up.");
    }

    public function show(Request $request, Paper $lent, PaperPicture $pictures): Response
    {
        $width = (int) $request->integer('w', PaperPicture::SIDE);
        $picture = in_array($width, PaperPicture::WIDTHS, true) ? $pictures->contents($lent, $this->side($request), $width) : null;

        // Asked for by its edition it never changes.
        $kept = $request->query('v') === null ? 'private, max-age=60' : 'private, max-age=31536000, immutable';

        return $picture === null ? abort(404) : response($picture, 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => $kept]);
    }

    private function side(Request $request): Side
    {
        $side = $request->input('side');

        return is_string($side) ? Side::tryFrom($side) ?? Side::A : Side::A;
    }
}
