<?php

declare(strict_types=1);

namespace Ephemeron\Design;

/** Whether a book is decorated before it is bound or after. */
enum Decorating: string
{
    case Usual = 'usual';
    case First = 'decorate-first';
    case Last = 'bind-first';

    public function label(): string
    {
        return match ($this) {
            self::Usual => 'As usual for this kind of book',
            self::First => 'Decorate, then bind',
            self::Last => 'Bind, then decorate',
        };
    }

    public function why(): string
    {
        return match ($this) {
            self::Usual => 'Books on fins, coils and threads are decorated flat and bound at the end; nested ones are bound first, '
                .'because mats hide the tape.',
            self::First => 'Pages lie flat on the table, and a spoilt one can be made again.',
            self::Last => 'One sees how the pages face each other; pockets and bulk find their room at once.',
        };
    }
}
