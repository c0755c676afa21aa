<?php

declare(strict_types=1);

namespace Ephemeron\Bench\Telling;

use Ephemeron\Assembly\Job;
use Ephemeron\Bench\Desk;
use Ephemeron\Bench\Picture;
use Ephemeron\Bench\Step;
use Ephemeron\Blueprint\Task;

/** A task of the book, as far as the structure knows something better; its acts are put into words when someone reads them. */
final readonly class Joining implements Telling
{
    public function __construct(private Desk $desk)
    {
    }

    public function tells(Job $job): bool
    {
        return $job->task !== null;
    }

    public function tell(Job $job): Step
    {
        return $this->of($job, $job->task ?? throw new \LogicException('No task.'));
    }

    private function of(Job $job, Task $task): Step
    {
        $gluing = $this->desk->workings->design->schools->gluing;
        $aside = $gluing->aside($task->adhesive);

        return new Step(
            $job->key,
            $job->phase,
            $task->title,
            $task->text,
            $task->section,
            $gluing->applied($task->adhesive),
            lines: $aside === null ? [] : [$aside],
            caution: $task->caution,
            parts: $task->parts,
            places: $job->isPart ? $this->placesOf($job, $task) : $task->places,
            picture: $this->pictureOf($task),
        );
    }

    /** @return list<string> those at which this part of the task is done */
    private function placesOf(Job $job, Task $task): array
    {
        $names = [];
        foreach ($job->acts as $act) {
            foreach ($act->needs() as $reach) {
                $names[] = $this->desk->workings->blueprint->faces[$reach->surface]->name ?? '';
            }
        }
        $here = array_filter($task->places, static fn (string $place): bool => array_filter(
            $names,
            static fn (string $name): bool => $name !== '' && str_starts_with($place, $name),
        ) !== []);

        return $here === [] ? $task->places : array_values($here);
    }

    private function pictureOf(Task $task): Picture
    {
        return match (true) {
            $task->face !== null => Picture::face($task->face),
            $task->parts !== [] => Picture::part($task->parts[0]),
            $task->drawn !== null => Picture::part($task->drawn),
            default => Picture::none(),
        };
    }
}
