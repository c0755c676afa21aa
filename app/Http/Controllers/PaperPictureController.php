<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawer\PaperPicture;
use App\Drawer\UnusablePicture;
use App\Models\Paper;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;

final readonly class PaperPictureController
{
    private const MOST_BYTES = 8_000_000;

    public function store(Request $request, Paper $paper, PaperPicture $pictures): RedirectResponse
    {
        $file = $request->file('picture');
        $back = redirect()->route('papers.index', ['paper' => $paper->id], 303);
        if (! $file instanceof UploadedFile || ! $file->isValid() || $file->getSize() > self::MOST_BYTES) {
            return $back->withErrors(['picture' => 'Choose a picture of 8 MB at the most.']);
        }
        try {
            $paper->update(['picture' => $pictures->keep((string) $file->get(), $paper)]);
        } catch (UnusablePicture $refusal) {
            return $back->withErrors(['picture' => $refusal->getMessage()]);
        }

        return $back->with('said', "“{$paper->name}” has a picture now.");
    }

    public function show(Paper $paper): Response
    {
        $picture = $paper->picture === null ? null : Storage::disk('local')->get("papers/{$paper->picture}");

        return $picture === null ? abort(404) : response($picture, 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=60']);
    }
}
