<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawing\OnARuler;
use App\Http\Requests\EighthsRequest;
use App\View\SumInWords;
use Ephemeron\Cutting\HowMany;
use Ephemeron\Cutting\ProvenPlanner;
use Ephemeron\Cutting\Trimmer;
use Ephemeron\Format\CutSheetsSvg;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;

/** Eighths: sums of lengths, equal parts, pieces from a sheet, mats; for those who only want that. */
final readonly class EighthsController
{
    private const MOST_PARTS = 24;

    private const FIELDS = ['sum', 'whole', 'wide', 'tall', 'sheet-wide', 'sheet-tall', 'photo-wide', 'photo-tall', 'border'];

    public function show(EighthsRequest $request): View
    {
        $read = [];
        foreach (self::FIELDS as $field) {
            $read[$field] = $request->measured($field);
        }
        $parts = $request->counted('parts', 2, self::MOST_PARTS);
        $layers = $request->counted('layers', 1, 4);
        $errors = array_filter([...$read, 'parts' => $parts, 'layers' => $layers], is_string(...));
        $is = static fn (string $field): ?Length => $read[$field] instanceof Length && $read[$field]->isPositive() ? $read[$field] : null;

        return view('eighths', [
            'notation' => $request->notation(),
            'request' => $request,
            'wrong' => $errors,
            'sum' => $read['sum'] instanceof Length ? $read['sum'] : null,
            'ruler' => new OnARuler($request->notation()),
            'parts' => $this->parts($is('whole'), is_int($parts) ? $parts : 3),
            'pieces' => $this->pieces($is('wide'), $is('tall'), $is('sheet-wide'), $is('sheet-tall'), $request),
            'mats' => $this->mats($is('photo-wide'), $is('photo-tall'), $is('border'), is_int($layers) ? $layers : 1),
        ]);
    }

    /** What a field that is being typed into comes to. */
    public function sum(EighthsRequest $request): Response
    {
        return response(SumInWords::of($request->said('typed'), $request->unit(), $request->notation()->grid))
            ->header('Content-Type', 'text/plain; charset=utf-8');
    }

    /** @return list<Length> where the parts end */
    private function parts(?Length $whole, int $parts): array
    {
        return $whole === null ? [] : array_map(static fn (int $part): Length => $whole->portion($part, $parts), range(1, $parts));
    }

    /** @return array{int, string|null}|null how many, and a drawing of it */
    private function pieces(?Length $wide, ?Length $tall, ?Length $sheetWide, ?Length $sheetTall, EighthsRequest $request): ?array
    {
        if ($wide === null || $tall === null || $sheetWide === null || $sheetTall === null) {
            return null;
        }
        $notation = $request->notation();
        [$count, $pattern] = (new HowMany(ProvenPlanner::quick(), Trimmer::usual($notation->grid)))
            ->of(new Size($wide, $tall), new Size($sheetWide, $sheetTall), $request->said('upright') !== 'yes');

        return [$count, $pattern === null ? null : (new CutSheetsSvg)->draw($pattern, $notation, "{$count} pieces from a sheet")->inline()];
    }

    /** @return list<Size> the mats under a photo, from the uppermost */
    private function mats(?Length $wide, ?Length $tall, ?Length $border, int $layers): array
    {
        return $wide === null || $tall === null || $border === null ? [] : array_map(
            static fn (int $layer): Size => (new Size($wide, $tall))->plus($border->times(2 * $layer)),
            range(1, $layers),
        );
    }
}
