<?php

declare(strict_types=1);

namespace App\Drawer;

use App\Club\TheirOwn;
use App\Models\Paper;
use App\Models\Project;
use App\Models\Supply;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Storage;

/** Books, papers and supplies that were taken away lie here for thirty days; then they go, pictures too. */
final readonly class TakenOff
{
    public const DAYS = 30;

    private const KINDS = ['book' => Project::class, 'paper' => Paper::class, 'supply' => Supply::class];

    public function __construct(private Repository $cache)
    {
    }

    /** @return list<TakenThing> the latest first */
    public function all(): array
    {
        $things = [];
        foreach (self::KINDS as $kind => $model) {
            foreach ($model::onlyTrashed()->latest('deleted_at')->limit(200)->get() as $thing) {
                $things[] = new TakenThing($kind, $thing->id, $thing->name, Carbon::parse($thing->deleted_at)->addDays(self::DAYS));
            }
        }
        usort($things, static fn (TakenThing $one, TakenThing $other): int => $other->goes <=> $one->goes);

        return $things;
    }

    /** @return string|null what it is called; null where it does not lie here */
    public function bringBack(string $kind, int $id): ?string
    {
        $model = self::KINDS[$kind] ?? null;
        $thing = $model === null ? null : $model::onlyTrashed()->find($id);
        $thing?->restore();

        return $thing?->name;
    }

    /** Once a day is enough. */
    public function clearNowAndThen(): void
    {
        if ($this->cache->add('taken-off-cleared', true, now()->addDay())) {
            $this->clear();
        }
    }

    public function clear(): void
    {
        $before = now()->subDays(self::DAYS);
        foreach (self::KINDS as $model) {
            foreach ($model::onlyTrashed()->withoutGlobalScope(TheirOwn::class)->where('deleted_at', '<', $before)->get() as $thing) {
                $pictures = $thing instanceof Paper ? array_filter([$thing->picture, $thing->picture_b]) : [];
                $thing->forceDelete();
                foreach ($pictures as $picture) {
                    // Leftovers show a part of the same picture.
                    if (! Paper::query()->withoutGlobalScopes()->where('picture', $picture)->orWhere('picture_b', $picture)->exists()) {
                        Storage::disk('local')->delete("papers/{$picture}");
                    }
                }
            }
        }
    }
}
