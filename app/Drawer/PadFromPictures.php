<?php

declare(strict_types=1);

namespace App\Drawer;

use App\Models\Paper;
use Ephemeron\Paper\Side;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** A pad put into the drawer in one go: a photograph of each print, named and ordered by its file. */
final readonly class PadFromPictures
{
    public const MOST = 60;

    public function __construct(private PaperPicture $pictures)
    {
    }

    /**
     * Prints by name, in natural order, with the files of their sides: `dusk-b.jpg` or `dusk (B).png` is the other side of `dusk.jpg`.
     *
     * @param list<UploadedFile> $files
     * @param bool $isEverySecondB whether the files come in pairs, a side A and its side B
     * @return array<string, array<string, UploadedFile>> by name and side
     */
    public static function prints(array $files, bool $isEverySecondB = false): array
    {
        usort($files, static fn (UploadedFile $one, UploadedFile $other): int => NaturalOrder::key($one->getClientOriginalName())
            <=> NaturalOrder::key($other->getClientOriginalName()));
        $prints = [];
        $last = '';
        foreach ($files as $index => $file) {
            $bare = pathinfo($file->getClientOriginalName(), PATHINFO_FILENAME);
            $isOther = $isEverySecondB ? $index % 2 === 1 : preg_match('/[\s_\-(](b|back|behind)\)?$/i', $bare) === 1;
            $name = Str::limit(Str::ucfirst(trim(preg_replace(
                ['/[\s_\-(](a|b|front|back|behind)\)?$/i', '/[_\-]+/'],
                ['', ' '],
                $bare,
            ) ?? $bare)), 74, '') ?: 'Print';
            if ($isEverySecondB && $isOther) {
                $name = $last;
            }
            while (isset($prints[$name][$isOther ? 'B' : 'A'])) {
                $name = preg_match('/^(.*) (\d+)$/', $name, $said) === 1 ? "{$said[1]} ".((int) $said[2] + 1) : "{$name} 2";
            }
            $prints[$name][$isOther ? 'B' : 'A'] = $file;
            $last = $name;
        }

        return $prints;
    }

    /**
     * @param array<string, mixed> $attributes of every paper of the pad
     * @param array<string, array<string, UploadedFile>> $prints
     * @return list<Paper>
     *
     * @throws UnusablePicture which file; nothing is put in then
     */
    public function putIn(array $attributes, array $prints): array
    {
        $papers = [];
        DB::transaction(function () use ($attributes, $prints, &$papers): void {
            foreach ($prints as $name => $sides) {
                $paper = new Paper([
                    ...$attributes,
                    'name' => (string) $name,
                    'sides' => isset($sides['B']) ? 'double' : $attributes['sides'],
                ]);
                $paper->putIn('Pad put into the drawer');
                foreach ($sides as $side => $file) {
                    try {
                        $this->pictures->take((string) $file->get(), $paper, Side::from($side));
                    } catch (UnusablePicture $refusal) {
                        throw UnusablePicture::named($file->getClientOriginalName(), $refusal);
                    }
                }
                $papers[] = $paper;
            }
        });

        return $papers;
    }
}
