<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Setting;

/** What the maker has chosen once for all books; looked up once for each request. */
final class Settings
{
    /** @var array<string, string>|null */
    private ?array $chosen = null;

    public function get(string $key): ?string
    {
        return $this->chosen()[$key] ?? null;
    }

    /** @return array<string, string> those whose key begins so, without that beginning */
    public function beginning(string $with): array
    {
        $found = [];
        foreach ($this->chosen() as $key => $value) {
            if (str_starts_with($key, $with)) {
                $found[substr($key, strlen($with))] = $value;
            }
        }

        return $found;
    }

    public function put(string $key, string $value): void
    {
        Setting::query()->updateOrCreate(['key' => $key], ['value' => $value]);
        $this->chosen = null;
    }

    public function forget(string $key): void
    {
        Setting::query()->where('key', $key)->delete();
        $this->chosen = null;
    }

    /** Another request begins. */
    public function lookAnew(): void
    {
        $this->chosen = null;
    }

    /** @return array<string, string> */
    private function chosen(): array
    {
        return $this->chosen ??= array_column(
            Setting::query()->get()->map(static fn (Setting $setting): array => [$setting->key, $setting->value])->all(),
            1,
            0,
        );
    }
}
