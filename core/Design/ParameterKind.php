<?php

declare(strict_types=1);

namespace Ephemeron\Design;

enum ParameterKind: string
{
    case Length = 'length';
    case Count = 'count';
    case Choice = 'choice';
    case Flag = 'flag';
    case Text = 'text';
}
