<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

/** Which way a score folds, seen from side A: a mountain's crest comes towards you, a valley's goes away. */
enum Fold: string
{
    case Mountain = 'mountain';
    case Valley = 'valley';
    case Either = 'either';
}
