<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

use Ephemeron\Blueprint\Act\Act;

/** One thing that hands do after the parts are cut, scored and folded. */
final readonly class Task
{
    /**
     * @param list<string> $parts keys of the parts in hand
     * @param list<string> $after keys of tasks a craftsman wants done before, where nothing covers, needs or holds anything
     * @param list<string> $places each place it is done at; ticked one by one
     * @param string|null $drawn key of the part that shows what is meant, where none is in hand
     * @param list<Act> $acts what hands do, besides gluing the joints that name this task
     * @param bool $binds whether it joins the pages into a book: some decorate before that, some after
     */
    public function __construct(
        public string $key,
        public Phase $phase,
        public string $title,
        public string $text,
        public string $section,
        public Adhesive $adhesive = Adhesive::None,
        public array $parts = [],
        public array $after = [],
        public array $places = [],
        public ?string $face = null,
        public ?Caution $caution = null,
        public ?string $drawn = null,
        public bool $binds = false,
        public array $acts = [],
    ) {
    }
}
