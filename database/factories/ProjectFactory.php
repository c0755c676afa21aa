<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Project;
use Ephemeron\Format\DesignReader;
use Ephemeron\Format\DesignWriter;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<Project> */
final class ProjectFactory extends Factory
{
    protected $model = Project::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return $this->designed(['structure' => 'nested-gusset-album', 'name' => 'Test album']);
    }

    /** @param array<string, mixed> $design as a file would give it, without format and version */
    public function of(array $design): self
    {
        return $this->state(fn (): array => $this->designed($design));
    }

    public function configure(): self
    {
        return $this->afterCreating(function (Project $project): void {
            $project->versions()->create(['number' => 1, 'change' => 'Put on the shelf', 'design' => $project->design]);
        });
    }

    /**
     * @param array<string, mixed> $design
     * @return array<string, mixed>
     */
    private function designed(array $design): array
    {
        $read = DesignReader::ofTheHouse()->fromArray(['format' => DesignReader::FORMAT, 'version' => DesignReader::VERSION, ...$design]);

        return ['name' => $read->name, 'design' => DesignWriter::ofTheHouse()->toArray($read)];
    }
}
