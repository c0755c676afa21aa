<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Safekeeping\ShelfCopy;
use App\Safekeeping\UnusableCopy;
use Illuminate\Console\Command;

final class BackUp extends Command
{
    protected $signature = 'ephemeron:backup {file : the zip to write}';

    protected $description = 'Writes the whole shelf, with papers and pictures, into one file, and reads it back';

    public function handle(): int
    {
        $file = $this->argument('file');
        assert(is_string($file));
        try {
            $this->info('A copy '.ShelfCopy::write($file)->sentence().'.');
        } catch (UnusableCopy $error) {
            $this->error($error->getMessage());

            return self::FAILURE;
        }

        return self::SUCCESS;
    }
}
