<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Ephemeron\Format\DesignSchema;
use Ephemeron\Furniture\Showroom;
use Illuminate\Console\Command;

/** Writes the published schema of the design file anew; a test tells when that is due. */
final class WriteSchema extends Command
{
    protected $signature = 'ephemeron:schema';

    protected $description = 'Writes docs/format/design.schema.json from the fields of the design';

    public function handle(Showroom $showroom): int
    {
        file_put_contents(base_path('docs/format/design.schema.json'), (new DesignSchema($showroom))->json());

        return self::SUCCESS;
    }
}
