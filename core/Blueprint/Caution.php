<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

/** The usual cautions. A product's label or a doctor who says otherwise wins. */
enum Caution: string
{
    case Trimmer = 'trimmer';
    case Knife = 'knife';
    case Needle = 'needle';
    case Magnet = 'magnet';
    case Heat = 'heat';

    public function text(): string
    {
        return match ($this) {
            self::Trimmer => 'Trimmer: fingers clear of the blade, and lock the arm when you are done. The maker’s instructions come '
                .'first.',
            self::Knife => 'Craft knife: metal ruler, fresh blade, several light passes, fingers behind the edge; look where the blade '
                .'is and cap it after. A deep cut belongs in front of a doctor.',
            self::Magnet => 'Magnets: away from children and pacemakers. A swallowed magnet is an emergency: a doctor at once. The '
                .'maker’s label comes first.',
            self::Heat => 'Hot glue and heat tools burn: let the nozzle cool, keep paper scraps away. The maker’s label comes first.',
            self::Needle => 'Awl and needle: a mat under the work, points away from eyes and hands.',
        };
    }
}
