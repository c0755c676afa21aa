<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Planning\CodeEdition;
use Illuminate\Console\Command;

final class WriteEdition extends Command
{
    protected $signature = 'ephemeron:edition';

    protected $description = 'Write down which edition of the code this is, after it has changed';

    public function handle(): int
    {
        CodeEdition::write();

        return self::SUCCESS;
    }
}
