<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\ParameterListing;
use Ephemeron\Furniture\Furniture;
use Ephemeron\Furniture\Showroom;
use Illuminate\Console\Command;

final class ListFurniture extends Command
{
    protected $signature = 'ephemeron:furniture {--json : as JSON, for other programs}';

    protected $description = 'Lists the things that can be put on a face and their parameters';

    public function handle(Showroom $showroom, ParameterListing $listing): int
    {
        if ($this->option('json')) {
            $this->output->writeln(json_encode(array_map(static fn (Furniture $furniture): array => [
                'key' => $furniture->key(),
                'name' => $furniture->name(),
                'summary' => $furniture->summary(),
                'kin' => $furniture->kin()->value,
                'parameters' => array_map($listing->described(...), $furniture->parameters()),
            ], array_values($showroom->all())), JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR));

            return self::SUCCESS;
        }
        foreach ($showroom->all() as $furniture) {
            $this->line("<options=bold>{$furniture->name()}</> ({$furniture->key()})");
            $this->line("  {$furniture->summary()}");
            foreach ($furniture->parameters() as $parameter) {
                $this->line($listing->line($parameter));
            }
            $this->newLine();
        }

        return self::SUCCESS;
    }
}
