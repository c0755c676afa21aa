<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawer\OwnPaper;
use App\Drawer\PaperPicture;
use App\Drawer\Pixels;
use App\Drawer\SvgInPixels;
use App\Drawer\UnusablePicture;
use App\Http\Requests\OwnPaperRequest;
use App\Models\Paper;
use App\Print\SheetPdf;
use App\Safekeeping\CannotBeKept;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;

/** A paper of one’s own: a motif laid to a sheet, to print and to put into the drawer. */
final readonly class OwnPaperController
{
    /** A sheet of 13 × 19 in at 300 dots to the inch, twice over. */
    private const MEMORY = '512M';

    /** Dots of a look at it. */
    private const LOOK = 700;

    public function __construct(private SvgInPixels $svg, private PaperPicture $pictures)
    {
    }

    public function show(OwnPaperRequest $request): View
    {
        [$paper, $errors] = $request->wanted();
        $motif = $this->motif($request->motif()) === null ? '' : $request->motif();

        return view('own-paper', [
            'paper' => $paper,
            'motif' => $motif,
            'unit' => $request->unit(),
            'asked' => [...$request->only(['unit', 'size', 'width', 'height', 'repeat', 'mirrored']), 'motif' => $motif],
            'wrong' => $errors,
        ]);
    }

    /** Keeps a motif: from then on it is known by what it is. */
    public function keep(Request $request): RedirectResponse
    {
        $file = $request->file('motif');
        $back = redirect()->route('papers.own', $request->only(['unit']), 303);
        if (! $file instanceof UploadedFile || ! $file->isValid() || $file->getSize() > PaperPicture::mostBytes()) {
            $most = PaperPicture::mostMegabytes();

            return $back->withErrors(['motif' => "Choose a picture of {$most} MB at the most."]);
        }
        $contents = (string) $file->get();
        try {
            $contents = $this->svg->looksLike($contents) ? $this->svg->draw($contents, PaperPicture::SIDE) : $contents;
            $png = Pixels::read($contents)->png(OwnPaper::DPI);
        } catch (UnusablePicture $refusal) {
            return $back->withErrors(['motif' => $refusal->getMessage()]);
        }
        $name = sha1($png);
        CannotBeKept::put("motifs/{$name}.png", $png);

        return redirect()->route('papers.own', [...$request->only(['unit']), 'motif' => $name], 303);
    }

    public function sheet(OwnPaperRequest $request, string $type): Response
    {
        [$paper, $errors] = $request->wanted();
        $motif = $this->motif($request->motif());
        if ($motif === null || $errors !== []) {
            abort(404);
        }
        ini_set('memory_limit', self::MEMORY);
        $sheet = $paper->made($motif);

        return match ($type) {
            'look' => response($sheet->atMost(self::LOOK)->jpeg(), 200, ['Content-Type' => 'image/jpeg']),
            'pdf' => response((new SheetPdf)->render($sheet, $paper->sheet), 200, [
                'Content-Type' => 'application/pdf',
                'Content-Disposition' => 'attachment; filename="own-paper.pdf"',
            ]),
            default => response($sheet->png(OwnPaper::DPI), 200, [
                'Content-Type' => 'image/png',
                'Content-Disposition' => 'attachment; filename="own-paper.png"',
            ]),
        };
    }

    public function putIn(OwnPaperRequest $request): RedirectResponse
    {
        [$paper, $errors] = $request->wanted();
        $motif = $this->motif($request->motif());
        $name = is_string($request->input('name')) ? trim($request->input('name')) : '';
        $count = $request->integer('count', 1);
        $errors += $motif === null ? ['motif' => 'Choose a motif first.'] : [];
        $errors += $name === '' || mb_strlen($name) > 80 ? ['name' => 'A paper’s name has 1 to 80 characters.'] : [];
        $errors += $count < 1 || $count > 999 ? ['count' => 'Put in 1 to 999 sheets.'] : [];
        if ($motif === null || $errors !== []) {
            return redirect()->route('papers.own', $request->except(['_token', 'name', 'count']), 303)->withErrors($errors)->withInput();
        }
        ini_set('memory_limit', self::MEMORY);
        $sheet = $paper->made($motif);
        $kept = new Paper;
        DB::transaction(function () use ($paper, $sheet, $name, $count, $kept): void {
            $kept->fill([
                'name' => $name,
                'kind' => 'pattern',
                'pad' => 'own papers',
                'width' => $paper->sheet->width->ticks,
                'height' => $paper->sheet->height->ticks,
                'weight' => '160 g',
                'sides' => 'single',
                'count' => $count,
            ]);
            $kept->putIn('Own paper put into the drawer');
            $this->pictures->take($sheet->atMost(PaperPicture::SIDE)->jpeg(92), $kept);
        });

        return redirect()->route('papers.index', ['unit' => $request->unit()->value, 'paper' => $kept->id], 303)
            ->with('said', "“{$name}” put into the drawer.");
    }

    private function motif(string $name): ?Pixels
    {
        $png = $name === '' ? null : Storage::disk('local')->get("motifs/{$name}.png");

        return $png === null ? null : Pixels::read($png);
    }
}
