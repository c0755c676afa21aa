<?php

declare(strict_types=1);

namespace App\Safekeeping;

use Illuminate\Support\Facades\DB;

/** Whether what is done can be kept: asked by `/up`. */
final readonly class Health
{
    /** Bytes that a day of work may want. */
    private const LEAST = 50 * 1024 * 1024;

    /** @throws \RuntimeException which says what cannot be written */
    public static function check(): void
    {
        foreach (['framework/sessions', 'framework/cache', 'framework/views', 'logs'] as $folder) {
            if (! is_writable(storage_path($folder))) {
                throw new \RuntimeException("storage/{$folder} cannot be written.");
            }
        }
        $free = disk_free_space(storage_path());
        if ($free !== false && $free < self::LEAST) {
            throw new \RuntimeException('The disk is full.');
        }
        // Takes the lock that a change takes, and changes nothing.
        DB::transaction(static fn (): array => DB::select('select 1'));
    }
}
