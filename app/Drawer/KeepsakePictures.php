<?php

declare(strict_types=1);

namespace App\Drawer;

use Illuminate\Support\Facades\Storage;

/** Where pictures of what goes into books are kept. */
final readonly class KeepsakePictures
{
    private const FOLDER = 'keepsakes';

    /** @param string $key of the keepsake, as the design knows it */
    public static function place(int $project, string $key): string
    {
        return self::FOLDER."/{$project}-{$key}.jpg";
    }

    /** @return array<int, array<string, string>> places by the number of the book and the key of the keepsake */
    public static function all(): array
    {
        $places = [];
        foreach (Storage::disk('local')->files(self::FOLDER) as $place) {
            [$project, $key] = [...explode('-', basename($place, '.jpg'), 2), ''];
            $places[(int) $project][$key] = $place;
        }

        return $places;
    }
}
