<?php

declare(strict_types=1);

namespace Ephemeron\Format\Svg;

/**
 * The kinds of lines on every drawing, screen and print. Told apart by their shape, never by colour alone.
 * The class name lets a screen restyle a line; the attributes make it right in a file on its own.
 */
enum LineKind: string
{
    case Outline = 'outline';
    case Cut = 'cut';
    case Valley = 'valley';
    case Mountain = 'mountain';
    case Slit = 'slit';
    case Glue = 'glue';
    case Tape = 'tape';
    case Hidden = 'hidden';
    case Ruler = 'ruler';
    case Groove = 'groove';
    case Leader = 'leader';

    public const INK = '#20264d';

    public function label(): string
    {
        return match ($this) {
            self::Outline => 'outline',
            self::Cut => 'cut, from the nib',
            self::Valley => 'valley fold',
            self::Mountain => 'mountain fold',
            self::Slit => 'slit',
            self::Glue => 'glue',
            self::Tape => 'tape',
            self::Hidden => 'hidden edge',
            self::Ruler => 'ruler',
            self::Groove => 'groove',
            self::Leader => 'to its letter',
        };
    }

    /** @return array<string, string> presentation attributes, widths and dashes in millimetres */
    public function attributes(): array
    {
        $attributes = ['class' => "line-{$this->value}", 'stroke' => self::INK, 'fill' => 'none'];

        return $attributes + match ($this) {
            self::Outline => ['stroke-width' => '0.35'],
            self::Cut => ['stroke-width' => '0.5'],
            self::Valley => ['stroke-width' => '0.35', 'stroke-dasharray' => '3 1.5'],
            self::Mountain => ['stroke-width' => '0.35', 'stroke-dasharray' => '4 1.2 0.6 1.2'],
            self::Slit => ['stroke-width' => '1.1', 'stroke-linecap' => 'round'],
            self::Glue, self::Tape => ['stroke-width' => '0.15'],
            self::Hidden => ['stroke-width' => '0.3', 'stroke-dasharray' => '0.3 1.2', 'stroke-linecap' => 'round'],
            self::Ruler => ['stroke-width' => '0.15'],
            self::Groove => ['stroke-width' => '0.1'],
            self::Leader => ['stroke-width' => '0.3'],
        };
    }
}
