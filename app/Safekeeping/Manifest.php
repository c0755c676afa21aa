<?php

declare(strict_types=1);

namespace App\Safekeeping;

use Carbon\CarbonInterface;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What lies in a copy of the shelf. */
final readonly class Manifest
{
    /** @param array<string, string> $sums SHA-256 by entry */
    private function __construct(public CarbonInterface $made, public int $books, public int $papers, public array $sums)
    {
    }

    /** @param array<string, string> $sums */
    public static function of(array $sums): self
    {
        return new self(now(), self::count('projects'), self::count('papers'), $sums);
    }

    /** Of a shelf of whatever edition: it is copied before it is brought to a new one. */
    private static function count(string $table): int
    {
        $rows = DB::table($table);

        return match (true) {
            ! Schema::hasTable($table) => 0,
            Schema::hasColumn($table, 'deleted_at') => $rows->whereNull('deleted_at')->count(),
            default => $rows->count(),
        };
    }

    public function json(): string
    {
        return json_encode([
            'format' => ShelfCopy::FORMAT,
            'version' => ShelfCopy::VERSION,
            'made' => $this->made->toIso8601String(),
            'books' => $this->books,
            'papers' => $this->papers,
            'sha256' => $this->sums,
        ], JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
    }

    /** @throws UnusableCopy */
    public static function read(string $json): self
    {
        $read = json_decode($json, true);
        if (! is_array($read) || ($read['format'] ?? null) !== ShelfCopy::FORMAT || ! is_int($read['version'] ?? null)) {
            throw UnusableCopy::notOne();
        }
        if ($read['version'] > ShelfCopy::VERSION) {
            throw UnusableCopy::newer();
        }
        $sums = [];
        foreach (is_array($read['sha256'] ?? null) ? $read['sha256'] : [] as $entry => $sum) {
            $sums[(string) $entry] = is_string($sum) ? $sum : '';
        }
        $made = is_string($read['made'] ?? null) ? strtotime($read['made']) : false;

        return new self(
            now()->setTimestamp($made === false ? 0 : $made),
            is_int($read['books'] ?? null) ? $read['books'] : 0,
            is_int($read['papers'] ?? null) ? $read['papers'] : 0,
            $sums,
        );
    }
}
