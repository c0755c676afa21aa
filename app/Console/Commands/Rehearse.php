<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Ephemeron\Assembly\Complaint;
use Ephemeron\Assembly\Job;
use Ephemeron\Assembly\Table;
use Ephemeron\Assembly\Uprights;
use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Format\DesignReader;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\Workshop;
use Illuminate\Console\Command;

/** Puts a book together on the simulated table and prints what lies there after each step. */
final class Rehearse extends Command
{
    use ReadsDesigns;

    private const WRONG_FILE = 2;

    protected $signature = 'ephemeron:rehearse {file : a design file; - reads standard input}';

    protected $description = 'Puts a book together on a table: what lies there after each step, and what does not come together';

    public function handle(DesignReader $reader, Workshop $workshop): int
    {
        $file = $this->argument('file');
        assert(is_string($file));
        try {
            $plan = $workshop->plan($reader->fromJson($this->contents($file)));
        } catch (InvalidDesign $error) {
            $this->complain($file, $error);

            return self::WRONG_FILE;
        }
        $table = new Table($plan->blueprint);
        $titles = array_column(array_map(static fn ($step): array => [$step->key, "{$step->number}. {$step->title}"], $plan->steps), 1, 0);
        foreach ($plan->workings->jobs as $job) {
            $table->do($job);
            $this->raw($titles[$job->key] ?? $job->key);
            $this->tell($job, $table, $plan->blueprint);
        }
        $complaints = [...$table->leave(), ...(new Uprights($plan->scenes()))->lookAt($plan->blueprint->faces)];
        foreach ($complaints as $complaint) {
            $this->raw(sprintf('Rule %d%s: %s', $complaint->rule, $this->at($complaint, $titles), $complaint->sentence));
        }
        $this->raw($complaints === [] ? 'It comes together.' : 'It does not come together.');

        return $complaints === [] ? self::SUCCESS : self::FAILURE;
    }

    private function tell(Job $job, Table $table, Blueprint $blueprint): void
    {
        $letter = static fn (string $part): string => $blueprint->parts[$part]->letter ?? $part;
        $joined = array_filter($table->joined(), static fn (string $since): bool => $since === $job->key);
        $covered = array_filter($job->acts, static fn ($act): bool => $act->covers() !== []);
        if ($joined !== []) {
            $this->raw('   joined: '.implode(', ', array_map($letter, array_map(strval(...), array_keys($joined)))));
        }
        if ($covered !== []) {
            $surfaces = array_merge(...array_map(
                static fn ($act): array => array_map(static fn ($reach): string => $reach->surface, $act->covers()),
                array_values($covered),
            ));
            $this->raw('   covered: '.implode(', ', array_values(array_unique($surfaces))));
        }
        $loose = array_filter(
            array_keys($blueprint->parts),
            static fn (int|string $part): bool => ! isset($table->joined()[$part]),
        );
        $this->raw('   on the table: '.($loose === [] ? 'the book' : implode(', ', array_map($letter, array_map(strval(...), $loose)))));
    }

    /** @param array<string, string> $titles */
    private function at(Complaint $complaint, array $titles): string
    {
        return $complaint->job === null ? '' : ', step '.($titles[$complaint->job] ?? $complaint->job);
    }
}
