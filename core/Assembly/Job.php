<?php

declare(strict_types=1);

namespace Ephemeron\Assembly;

use Ephemeron\Blueprint\Act\Act;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Task;

/** What is done at one go: a task of the book, or what is done to one part before it is joined to another. */
final readonly class Job
{
    /**
     * @param string $key that of the task; `fold-sheet-3` for what is done to a part
     * @param list<Act> $acts
     * @param Task|null $task null for what is done to a part
     * @param string|null $part key of the part it is done to
     * @param list<string> $needs keys of the jobs that must be done before it
     * @param bool $isPart whether the rest of the task is another job, because something else comes between
     */
    public function __construct(
        public string $key,
        public Phase $phase,
        public array $acts,
        public ?Task $task = null,
        public ?string $part = null,
        public array $needs = [],
        public bool $isPart = false,
    ) {
    }

    /**
     * @param list<Act> $acts
     * @param list<string> $needs
     */
    public function part(string $key, array $acts, array $needs, bool $isPart): self
    {
        return new self($key, $this->phase, $acts, $this->task, $this->part, $needs, $isPart);
    }
}
