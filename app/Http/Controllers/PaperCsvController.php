<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawer\PaperCsv;
use App\Http\Requests\UnitRequest;
use App\Models\Paper;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;

/** Papers out as CSV, and in: first every line is looked at, then those that can be read are taken. */
final readonly class PaperCsvController
{
    private const MOST_BYTES = 2_000_000;

    public function __construct(private PaperCsv $csv)
    {
    }

    public function export(UnitRequest $request): Response
    {
        $unit = $request->unit();
        $papers = Paper::sieved($request->only(['search', 'kind', 'pad', 'there']))->get();

        return response(
            $this->csv->write($papers, $unit),
            200,
            ['Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => 'attachment; filename="papers.csv"'],
        );
    }

    public function look(UnitRequest $request): RedirectResponse|View
    {
        $file = $request->file('file');
        if (! $file instanceof UploadedFile || ! $file->isValid() || $file->getSize() > self::MOST_BYTES) {
            return back()->withErrors(['file' => 'Choose a CSV file of 2 MB at the most.']);
        }
        $contents = (string) $file->get();
        [$papers, $wrong] = $this->csv->read($contents, $request->unit());

        return view(
            'papers-preview',
            [
                'papers' => $papers,
                'wrong' => $wrong,
                'csv' => mb_check_encoding($contents, 'UTF-8') ? $contents : '',
                'unit' => $request->unit(),
            ],
        );
    }

    public function take(UnitRequest $request): RedirectResponse
    {
        $contents = $request->input('csv');
        [$papers] = $this->csv->read(is_string($contents) && strlen($contents) <= self::MOST_BYTES ? $contents : '', $request->unit());
        DB::transaction(static function () use ($papers): void {
            foreach ($papers as $attributes) {
                (new Paper($attributes))->putIn('Brought in from a file');
            }
        });

        return redirect()->route('papers.index', $request->only('unit'), 303)->with('said', count($papers).' papers put into the drawer.');
    }
}
