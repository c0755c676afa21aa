<?php

declare(strict_types=1);

namespace Ephemeron\Gathering;

/** What makers look at when they put sheets in order; facing faces are what counts. Common practice, no published source. */
enum OrderRule: string
{
    case TextsFacing = 'texts-facing';
    case PocketsFacing = 'pockets-facing';
    case SilentInARow = 'silent-in-a-row';
    case KindsAlike = 'kinds-alike';
    case HuesAlike = 'hues-alike';
    case PocketsClose = 'pockets-close';

    /** Degrees on the wheel; nearer than this two hues look alike (this tool's own). */
    public const HUES_APART = 30;

    /** How much one of it weighs: one of a heavier kind outweighs all there can be of the lighter ones in an opening. */
    public function weight(): int
    {
        return match ($this) {
            self::TextsFacing => 1000,
            self::PocketsFacing => 300,
            self::SilentInARow => 200,
            self::KindsAlike => 20,
            self::HuesAlike => 5,
            self::PocketsClose => 3,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::TextsFacing => 'no printed text beside printed text',
            self::PocketsFacing => 'no two pockets facing each other',
            self::SilentInARow => 'no two leaves in a row without room to write',
            self::KindsAlike => 'kinds of paper mixed',
            self::HuesAlike => 'neighbours of different hue',
            self::PocketsClose => 'pockets spread out',
        };
    }

    /** Whether two leaves that face each other break it. Two halves of one sheet cannot help being alike. */
    public function isBrokenBy(Leaf $left, Leaf $right): bool
    {
        [$one, $other] = [$left->paper(), $right->paper()];
        $isOneSheet = $left->sheet === $right->sheet;

        return match ($this) {
            self::TextsFacing => ! $isOneSheet && $one->hasText && $other->hasText,
            self::PocketsFacing => ! $isOneSheet && $left->hasPocket() && $right->hasPocket(),
            self::SilentInARow => ! $isOneSheet && $one->isSilent() && $other->isSilent(),
            self::KindsAlike => ! $isOneSheet && $one->kind === $other->kind,
            self::HuesAlike => ! $isOneSheet && $one->kind !== $other->kind && self::isNear($one->hueFrom($other)),
            self::PocketsClose => false,
        };
    }

    private static function isNear(?int $apart): bool
    {
        return $apart !== null && $apart < self::HUES_APART;
    }
}
