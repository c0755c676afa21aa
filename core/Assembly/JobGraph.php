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

    /** @var array<string, array<int, array<string, array<int, true>>>> acts that must be done before, by job and act */
    private array $acts = [];

    public function add(Job $job): void
    {
        $this->jobs[$job->key] = $job;
        $this->before[$job->key] = [];
        $this->wanted[$job->key] = [];
        $this->acts[$job->key] = array_fill_keys(array_keys($job->acts), []);
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
            $this->acts[$job][$act][$before][$first] = true;
        }
    }

    /** @return list<Job> each with what it needs */
    public function inOrder(): array
    {
        $waiting = $this->sorted();
        $left = array_map(static fn (Job $job): array => array_keys($job->acts), $waiting);
        $done = [];
        $told = [];
        $order = [];
        while ($waiting !== []) {
            [$key, $ready] = $this->next($waiting, $left, $done);
            $parts = count($told[$key] ?? []);
            $name = $parts === 0 ? $key : sprintf('%s~%d', $key, $parts + 1);
            $order[] = $this->part($key, $name, $ready, $told, count($ready) < count($this->jobs[$key]->acts));
            $told[$key][$name] = array_fill_keys($ready, true);
            $done[$key] = ($done[$key] ?? []) + array_fill_keys($ready, true);
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
     * @param array<string, array<int, true>> $done
     * @return array{string, list<int>} its key and the acts that are done
     */
    private function next(array $waiting, array $left, array $done): array
    {
        foreach ([true, false] as $heedsWishes) {
            $partly = null;
            foreach ($waiting as $key => $job) {
                $key = (string) $key;
                if ($this->isHeldUp($key, $waiting, $heedsWishes)) {
                    continue;
                }
                $ready = array_values(array_filter($left[$key], fn (int $act): bool => $this->isReady($key, $act, $done)));
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
        foreach ($this->before[$key] as $before => $_) {
            if (isset($waiting[$before])) {
                return true;
            }
        }
        foreach ($heedsWishes ? $this->wanted[$key] : [] as $before => $_) {
            if (isset($waiting[$before])) {
                return true;
            }
        }

        return false;
    }

    /** @param array<string, array<int, true>> $done */
    private function isReady(string $key, int $act, array $done): bool
    {
        foreach ($this->acts[$key][$act] as $before => $acts) {
            foreach ($acts as $first => $_) {
                if (! isset($done[$before][$first])) {
                    return false;
                }
            }
        }

        return true;
    }

    /**
     * @param list<int> $ready
     * @param array<string, array<string, array<int, true>>> $told acts of the jobs and parts of jobs told so far
     */
    private function part(string $key, string $name, array $ready, array $told, bool $isPart): Job
    {
        $needs = [];
        foreach ([...array_keys($this->before[$key]), ...array_keys($this->wanted[$key])] as $before) {
            $needs += array_fill_keys(array_keys($told[$before] ?? []), true);
        }
        foreach ($ready as $act) {
            foreach ($this->acts[$key][$act] as $before => $acts) {
                foreach ($told[$before] ?? [] as $part => $done) {
                    if (array_intersect_key($done, $acts) !== []) {
                        $needs[$part] = true;
                    }
                }
            }
        }
        $acts = array_values(array_intersect_key($this->jobs[$key]->acts, array_fill_keys($ready, true)));

        return $this->jobs[$key]->part($name, $acts, array_map(strval(...), array_keys($needs)), $isPart);
    }
}
