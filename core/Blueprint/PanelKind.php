<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

/** What a panel is for: most fold flat; what gives depth stands at a right angle to its neighbours. */
enum PanelKind: string
{
    case Leaf = 'leaf';
    case Gusset = 'gusset';
    case Spine = 'spine';
    case Channel = 'channel';
    case Tab = 'tab';
    case Hinge = 'hinge';

    /** By the trade's word in the name a structure gives it: `left-gusset`, `spine-1`, `tab`. A panel without one is a leaf. */
    public static function named(string $key): self
    {
        foreach (explode('-', (string) strtok($key, '~')) as $word) {
            $kind = self::tryFrom($word);
            if ($kind !== null && $kind !== self::Leaf) {
                return $kind;
            }
        }

        return self::Leaf;
    }

    /** Whether its scores are folded to a right angle in the finished book. */
    public function stands(): bool
    {
        return match ($this) {
            self::Gusset, self::Spine, self::Channel => true,
            self::Leaf, self::Tab, self::Hinge => false,
        };
    }
}
