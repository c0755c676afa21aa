<?php

declare(strict_types=1);

namespace Ephemeron\Assembly;

/**
 * What must come before what. Of all that could be done next the earliest phase goes first, and within it what was named first: the order
 * is the same every time. A job is done whole; where its acts stand in each other's way across other jobs, it is done in parts.
 */
final class JobGraph
{
    /** @var array<string, Job> */
    private array $jobs = [];

    /** @var array<string, array<string, true>> jobs that must be done before, by job */
    private array $before = [];

    /** @var array<string, array<string, true>> jobs that a craftsman wants done before, by job */
    private array $wanted = [];

    /** @var array<string, int> number of the first act of each job; all acts are numbered through */
    private array $first = [];

    /** @var array<int, array<int, true>> acts that must be done before, by act */
    private array $acts = [];

    private int $count = 0;

    /** @var array<int, string> the job, or part of one, in which an act has been told */
    private array $told = [];

    public function add(Job $job): void
    {
        $this->jobs[$job->key] = $job;
        $this->first[$job->key] = $this->count;
        $this->count += count($job->acts);
    }

    /** Jobs that do not exist are no hindrance. */
    public function needs(string $job, string $before): void
    {
        if ($job !== $before && isset($this->jobs[$before])) {
            $this->before[$job][$before] = true;
        }
    }

    /** A preference, which gives way to what covers and holds. */
    public function wants(string $job, string $before): void
    {
        if ($job !== $before && isset($this->jobs[$before])) {
            $this->wanted[$job][$before] = true;
        }
    }

    public function needsAct(string $job, int $act, string $before, int $first): void
    {
        if ($job !== $before) {
            $this->acts[$this->first[$job] + $act][$this->first[$before] + $first] = true;
        }
    }

    /** @return list<Job> each with what it needs */
    public function inOrder(): array
    {
        $this->told = [];
        $waiting = $this->sorted();
        $left = array_map(static fn (Job $job): array => array_keys($job->acts), $waiting);
        $names = [];
        $order = [];
        while ($waiting !== []) {
            [$key, $ready] = $this->next($waiting, $left);
            $parts = count($names[$key] ?? []);
            $name = $parts === 0 ? $key : sprintf('%s~%d', $key, $parts + 1);
            $names[$key][] = $name;
            $order[] = $this->part($key, $name, $ready, $names);
            foreach ($ready as $act) {
                $this->told[$this->first[$key] + $act] = $name;
            }
            $left[$key] = array_values(array_diff($left[$key], $ready));
            if ($left[$key] === []) {
                unset($waiting[$key]);
            }
        }

        return $order;
    }

    /** @return array<string, Job> by phase, and within it as they were named */
    private function sorted(): array
    {
        $sorted = $this->jobs;
        uasort($sorted, static fn (Job $one, Job $other): int => $one->phase->value <=> $other->phase->value);

        return $sorted;
    }

    /**
     * The first job that can be done whole; else the one of which most can be done; else, where wishes hold each other up, without them;
     * and where everything waits for everything, the first: the table will say what is wrong with it.
     *
     * @param non-empty-array<string, Job> $waiting
     * @param array<string, list<int>> $left
     * @return array{string, list<int>} its key and the acts that are done
     */
    private function next(array $waiting, array $left): array
    {
        foreach ([true, false] as $heedsWishes) {
            $partly = null;
            foreach ($waiting as $key => $job) {
                $key = (string) $key;
                if ($this->isHeldUp($key, $waiting, $heedsWishes)) {
                    continue;
                }
                $ready = $this->ready($this->first[$key], $left[$key]);
                if (count($ready) === count($left[$key])) {
                    return [$key, $ready];
                }
                if (count($ready) > count($partly[1] ?? [])) {
                    $partly = [$key, $ready];
                }
            }
            if ($partly !== null) {
                return $partly;
            }
        }
        $first = (string) array_key_first($waiting);

        return [$first, $left[$first]];
    }

    /** @param array<string, Job> $waiting */
    private function isHeldUp(string $key, array $waiting, bool $heedsWishes): bool
    {
        return array_intersect_key($this->before[$key] ?? [], $waiting) !== []
            || ($heedsWishes && array_intersect_key($this->wanted[$key] ?? [], $waiting) !== []);
    }

    /**
     * @param int $first number of the job's first act
     * @param list<int> $left
     * @return list<int> those for which all is done that must be
     */
    private function ready(int $first, array $left): array
    {
        $ready = [];
        foreach ($left as $act) {
            foreach ($this->acts[$first + $act] ?? [] as $before => $_) {
                if (! isset($this->told[$before])) {
                    continue 2;
                }
            }
            $ready[] = $act;
        }

        return $ready;
    }

    /**
     * @param list<int> $ready
     * @param array<string, list<string>> $names under which jobs and parts of jobs have been told
     */
    private function part(string $key, string $name, array $ready, array $names): Job
    {
        $needs = [];
        foreach (($this->before[$key] ?? []) + ($this->wanted[$key] ?? []) as $before => $_) {
            $needs += array_fill_keys($names[$before] ?? [], true);
        }
        $job = $this->jobs[$key];
        $acts = [];
        foreach ($ready as $act) {
            $acts[] = $job->acts[$act];
            foreach ($this->acts[$this->first[$key] + $act] ?? [] as $before => $_) {
                if (isset($this->told[$before])) {
                    $needs[$this->told[$before]] = true;
                }
            }
        }

        return $job->part($name, $acts, array_map(strval(...), array_keys($needs)), count($ready) < count($job->acts));
    }
}
