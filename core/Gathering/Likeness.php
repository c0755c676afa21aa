<?php

declare(strict_types=1);

namespace Ephemeron\Gathering;

/** Sheets that no rule can tell apart are tried once. */
final readonly class Likeness
{
    public static function of(Sheet $sheet): string
    {
        $paper = $sheet->meeting->paper;

        return implode(' ', [
            $paper->kind->value,
            $paper->hasText ? 'text' : '',
            $paper->isSilent() ? 'silent' : '',
            $paper->hue ?? '',
            $sheet->meeting->hasPocket() ? $sheet->meeting->width->value : 'bare',
            $sheet->isSingle() ? ($sheet->isAtBack ? 'at back' : 'at front') : '',
        ]);
    }
}
