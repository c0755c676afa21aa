<?php

declare(strict_types=1);

namespace App\Safekeeping;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Facades\Storage;

/** The copies that are kept beside the shelf: one a day by itself, the last ones of them, and one before every restoring. */
final readonly class Copies
{
    private const FOLDER = 'copies';

    /** Daily ones, and those made before a restoring, that are kept. */
    private const KEPT = 7;

    /** What is of the machine and not of the shelf. */
    private const OF_THE_MACHINE = ['migrations', 'jobs', 'failed_jobs', 'job_batches', 'cache', 'cache_locks', 'sessions', 'devices'];

    /**
     * @param string $why `daily`, `before`: begins the name of the file
     * @return string its name
     *
     * @throws UnusableCopy
     */
    public function keep(string $why): string
    {
        Storage::disk('local')->makeDirectory(self::FOLDER);
        $name = "{$why}-".now()->format('Y-m-d-His').'.zip';
        ShelfCopy::write($this->file($name));
        foreach (array_slice($this->all($why), self::KEPT) as $old) {
            Storage::disk('local')->delete(self::FOLDER."/{$old}");
        }

        return $name;
    }

    /** @return list<string> names, the newest first */
    public function all(string $why = ''): array
    {
        $names = array_map(basename(...), Storage::disk('local')->files(self::FOLDER));
        $names = array_values(array_filter(
            $names,
            static fn (string $name): bool => preg_match('/^(daily|before)-[0-9-]{17}\.zip$/', $name) === 1 && str_starts_with($name, $why),
        ));
        usort($names, static fn (string $one, string $other): int => strstr($other, '-') <=> strstr($one, '-'));

        return $names;
    }

    public function isDailyDue(): bool
    {
        if (! ShelfCopy::isPossible()) {
            return false;
        }
        $last = $this->all('daily')[0] ?? null;

        return $last === null || ! str_contains($last, now()->format('Y-m-d'));
    }

    /** Where a copy of this name lies. */
    public function file(string $name): string
    {
        return Storage::disk('local')->path(self::FOLDER."/{$name}");
    }

    /**
     * The shelf becomes that of the copy; as it is now it is kept aside. All or nothing: what goes wrong leaves it as it is.
     *
     * @return string name of the copy of how it was
     *
     * @throws UnusableCopy
     */
    public function restore(ShelfCopy $copy): string
    {
        $database = $copy->database();
        try {
            $this->upgrade($database);
            $aside = $this->keep('before');
            DB::statement('ATTACH ? AS restored', [$database]);
            try {
                DB::transaction($this->takeOver(...));
            } finally {
                DB::statement('DETACH restored');
            }
        } finally {
            unlink($database);
        }
        foreach ($copy->pictures() as $place => $contents) {
            CannotBeKept::put($place, $contents);
        }

        return $aside;
    }

    /** A copy of an earlier edition is brought to this one, where it lies; one of a later edition cannot be. */
    private function upgrade(string $database): void
    {
        config(['database.connections.restored' => [...(array) config('database.connections.sqlite'), 'database' => $database]]);
        try {
            $known = array_map(static fn (string $file): string => basename($file, '.php'), glob(database_path('migrations/*.php')) ?: []);
            if (DB::connection('restored')->table('migrations')->whereNotIn('migration', $known)->exists()) {
                throw UnusableCopy::newer();
            }
            Artisan::call('migrate', ['--database' => 'restored', '--force' => true]);
            DB::connection('restored')->statement('PRAGMA journal_mode = DELETE');
        } catch (\PDOException) {
            throw UnusableCopy::damaged('shelf.sqlite');
        } finally {
            DB::purge('restored');
        }
    }

    private function takeOver(): void
    {
        DB::statement('PRAGMA defer_foreign_keys = ON');
        $tables = array_values(array_diff(Schema::getTableListing('main', schemaQualified: false), self::OF_THE_MACHINE));
        // All are emptied before any is filled: what is deleted takes with it, or lets go of, what belongs to it.
        foreach ($tables as $table) {
            DB::statement("DELETE FROM main.\"{$table}\"");
        }
        foreach ($tables as $table) {
            $columns = implode(', ', array_map(
                static fn (string $column): string => "\"{$column}\"",
                Schema::getColumnListing($table),
            ));
            DB::statement("INSERT INTO main.\"{$table}\" ({$columns}) SELECT {$columns} FROM restored.\"{$table}\"");
        }
    }
}
