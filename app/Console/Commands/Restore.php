<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Safekeeping\Copies;
use App\Safekeeping\ShelfCopy;
use App\Safekeeping\UnusableCopy;
use Illuminate\Console\Command;

final class Restore extends Command
{
    protected $signature = 'ephemeron:restore {file : a copy of a shelf} {--yes : without asking}';

    protected $description = 'Makes the shelf what it was when a copy of it was made; as it is now it is kept aside';

    public function handle(Copies $copies): int
    {
        $file = $this->argument('file');
        assert(is_string($file));
        try {
            $copy = ShelfCopy::read($file);
            $this->line('A copy '.$copy->sentence().'.');
            if (! $this->option('yes') && ! $this->confirm('What is on the shelf now makes room for it. Go on?')) {
                $this->line('Nothing was changed.');

                return self::FAILURE;
            }
            $aside = $copies->restore($copy);
        } catch (UnusableCopy $error) {
            $this->error($error->getMessage().' Nothing was changed.');

            return self::FAILURE;
        }
        $this->info('Restored. How it was lies in '.$copies->file($aside).'.');

        return self::SUCCESS;
    }
}
