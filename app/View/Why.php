<?php

declare(strict_types=1);

namespace App\View;

use Illuminate\Support\HtmlString;

/** “why?” beside a number, with the reason behind it. Written here and not in a view of its own: a list of pieces has hundreds. */
final readonly class Why
{
    /** @param string $of what it is the reason for */
    public static function html(string $text, string $of): HtmlString
    {
        return new HtmlString($text === '' ? '' : sprintf(
            '<details class="why"><summary aria-label="Why? %s">why?</summary><p>%s</p></details>',
            e($of),
            Typeset::html($text)->toHtml(),
        ));
    }
}
