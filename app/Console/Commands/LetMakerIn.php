<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Club\PassPhrase;
use App\Club\Sessions;
use App\Models\Maker;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Validator;

/** The first keeper, and any maker who has lost the pass phrase, by whoever keeps the machine. */
final class LetMakerIn extends Command
{
    protected $signature = 'ephemeron:maker {name} {--keeper : looks after the shelf} {--phrase= : else it is asked for}';

    protected $description = 'Lets a maker in, or gives one a new pass phrase; the first one takes over what is on the shelf';

    public function handle(Sessions $sessions): int
    {
        $name = $this->argument('name');
        $phrase = $this->option('phrase') ?? $this->secret('Pass phrase');
        $check = Validator::make(
            ['name' => $name, 'phrase' => $phrase],
            ['name' => ['required', 'string', 'max:60'], 'phrase' => ['required', 'string', new PassPhrase(is_string($name) ? $name : '')]],
        );
        if ($check->fails()) {
            $this->error(implode(' ', $check->errors()->all()));

            return self::FAILURE;
        }
        $isFirst = Maker::query()->doesntExist();
        $maker = Maker::query()->firstOrNew(['name' => $name]);
        $keeps = $maker->keeper || $isFirst || (bool) $this->option('keeper');
        $maker->fill(['keeper' => $keeps, 'left_at' => null])->takePhrase(is_string($phrase) ? $phrase : '', given: ! $isFirst);
        $sessions->endOthers($maker);
        if ($isFirst) {
            foreach (['projects', 'papers', 'supplies', 'choices'] as $table) {
                DB::table($table)->whereNull('maker_id')->update(['maker_id' => $maker->id]);
            }
        }
        $what = $maker->wasRecentlyCreated ? 'is let in' : 'has a new pass phrase';
        $this->info("{$maker->name} {$what}".($keeps ? ', and keeps the shelf.' : '.'));

        return self::SUCCESS;
    }
}
