<?php

declare(strict_types=1);

namespace App\Safekeeping;

use Illuminate\Cache\FileStore;

/** A cache in files that remembers nothing when the disk is full, and breaks no page by it. */
final class CacheInFiles extends FileStore
{
    /**
     * @param string $key
     * @param mixed $value
     * @param int $seconds
     */
    public function put($key, $value, $seconds): bool
    {
        try {
            return parent::put($key, Packed::of($value), $seconds);
        } catch (\ErrorException) {
            return false;
        }
    }

    /**
     * @param string $key
     * @param mixed $value
     * @param int $seconds
     */
    public function add($key, $value, $seconds): bool
    {
        try {
            return parent::add($key, Packed::of($value), $seconds);
        } catch (\Exception) {
            return false;
        }
    }

    /**
     * What other code than this has remembered is not remembered.
     *
     * @param string $key
     * @return array<array-key, mixed>
     */
    protected function getPayload($key): array
    {
        try {
            $kept = parent::getPayload($key);

            return ['data' => Packed::value($kept['data'] ?? null)] + $kept;
        } catch (\Error|\ErrorException) {
            return $this->emptyPayload();
        }
    }
}
