<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\ParameterListing;
use Ephemeron\Structure\Catalogue;
use Ephemeron\Structure\Structure;
use Illuminate\Console\Command;

final class ListStructures extends Command
{
    protected $signature = 'ephemeron:structures {--json : as JSON, for other programs}';

    protected $description = 'Lists the structures and their parameters';

    public function handle(Catalogue $catalogue, ParameterListing $listing): int
    {
        if ($this->option('json')) {
            $this->output->writeln(json_encode(array_map(static fn (Structure $structure): array => [
                'key' => $structure->about()->key,
                'name' => $structure->about()->name,
                'summary' => $structure->about()->summary,
                'skill' => $structure->about()->skill->value,
                'parameters' => array_map($listing->described(...), $structure->parameters()),
            ], $catalogue->all()), JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR));

            return self::SUCCESS;
        }
        foreach ($catalogue->all() as $structure) {
            $this->line("<options=bold>{$structure->about()->name}</> ({$structure->about()->key})");
            $this->line("  {$structure->about()->summary}");
            foreach ($structure->parameters() as $parameter) {
                $this->line($listing->line($parameter));
            }
            $this->newLine();
        }

        return self::SUCCESS;
    }
}
