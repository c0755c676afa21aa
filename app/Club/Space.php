<?php

declare(strict_types=1);

namespace App\Club;

use App\Drawer\KeepsakePictures;
use App\Models\Note;
use App\Models\Paper;
use App\Models\Project;
use Illuminate\Support\Facades\Storage;

/** What the pictures of a maker take, and may take. */
final readonly class Space
{
    private const MEGABYTE = 1_048_576;

    /** @return int bytes */
    public function used(): int
    {
        $files = [];
        foreach (Paper::withTrashed()->where('maker_id', Club::atWork())->get(['id', 'picture', 'picture_b']) as $paper) {
            foreach (array_filter([$paper->picture, $paper->picture_b]) as $picture) {
                $files["papers/{$picture}"] = true;
            }
        }
        $books = Project::withTrashed()->pluck('id');
        foreach (Note::query()->whereIn('project_id', $books)->whereNotNull('photo')->pluck('photo')->all() as $photo) {
            $files[is_string($photo) ? "notes/{$photo}" : ''] = true;
        }
        foreach (array_intersect_key(KeepsakePictures::all(), array_flip(array_filter($books->all(), is_int(...)))) as $places) {
            $files += array_fill_keys($places, true);
        }
        $used = 0;
        foreach (array_keys($files) as $file) {
            $used += Storage::disk('local')->exists($file) ? Storage::disk('local')->size($file) : 0;
        }

        return $used;
    }

    /** @return int|null bytes; null where there is no end */
    public function most(): ?int
    {
        $most = config('ephemeron.space');

        return Club::atWork() === null || ! is_int($most) ? null : $most * self::MEGABYTE;
    }

    /** `11.7 of 500 MB`. */
    public function said(): string
    {
        return sprintf('%.1f of %d MB', $this->used() / self::MEGABYTE, intdiv($this->most() ?? 0, self::MEGABYTE));
    }
}
