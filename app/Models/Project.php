<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\ProjectFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Facades\DB;

/**
 * A design on the shelf, with every version it has gone through and what has been ticked off at the table.
 *
 * @property int $id
 * @property string $name
 * @property array<string, mixed> $design as the design format writes it
 * @property int $revision counts every write
 * @property int $version which version the design is at
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Tick> $ticks
 * @property-read \Illuminate\Database\Eloquent\Collection<int, PlanSearch> $searches
 * @property-read \Illuminate\Database\Eloquent\Collection<int, OffcutChoice> $offcutChoices
 */
final class Project extends Model
{
    /** @use HasFactory<ProjectFactory> */
    use HasFactory;
    use SoftDeletes;

    /** More than anyone undoes; the oldest go first. */
    private const VERSIONS_KEPT = 200;

    protected $fillable = ['name', 'design', 'revision', 'version'];

    /** @var array<string, string> */
    protected $casts = ['design' => 'array', 'revision' => 'integer', 'version' => 'integer'];

    protected $attributes = ['revision' => 1, 'version' => 1];

    /** @return HasMany<Version, $this> */
    public function versions(): HasMany
    {
        return $this->hasMany(Version::class);
    }

    /** @return HasMany<Tick, $this> */
    public function ticks(): HasMany
    {
        return $this->hasMany(Tick::class);
    }

    /** @return HasMany<OffcutChoice, $this> */
    public function offcutChoices(): HasMany
    {
        return $this->hasMany(OffcutChoice::class);
    }

    /** @return HasMany<PlanSearch, $this> */
    public function searches(): HasMany
    {
        return $this->hasMany(PlanSearch::class);
    }

    /** @return HasMany<Note, $this> */
    public function notes(): HasMany
    {
        return $this->hasMany(Note::class);
    }

    /** @param array<string, mixed> $design as the design format writes it */
    public static function put(array $design): self
    {
        $project = new self(['name' => $design['name'], 'design' => $design]);
        DB::transaction(function () use ($project, $design): void {
            $project->save();
            $project->versions()->create(['number' => 1, 'change' => 'Put on the shelf', 'design' => $design]);
        });

        return $project;
    }

    /**
     * Takes a changed design; whatever could have been redone is gone then.
     *
     * @param array<string, mixed> $design
     * @param int $from the revision the change started from
     *
     * @throws StaleRevision when another tab has saved in between
     */
    public function change(array $design, string $change, int $from): void
    {
        $this->writing($from, function () use ($design, $change): void {
            $this->versions()->where('number', '>', $this->version)->delete();
            $this->versions()->where('number', '<=', $this->version - self::VERSIONS_KEPT)->delete();
            $this->version++;
            $this->versions()->create(['number' => $this->version, 'change' => mb_substr($change, 0, 200), 'design' => $design]);
            $this->design = $design;
        });
    }

    /** @throws StaleRevision */
    public function undo(int $from): void
    {
        $this->goTo($this->version - 1, $from);
    }

    /** @throws StaleRevision */
    public function redo(int $from): void
    {
        $this->goTo($this->version + 1, $from);
    }

    public function undoable(): ?string
    {
        $exists = $this->versions()->where('number', $this->version - 1)->exists();

        return $exists ? $this->changeOf($this->version) : null;
    }

    public function redoable(): ?string
    {
        return $this->changeOf($this->version + 1);
    }

    private function changeOf(int $number): ?string
    {
        $change = $this->versions()->where('number', $number)->value('change');

        return is_string($change) ? $change : null;
    }

    private function goTo(int $number, int $from): void
    {
        $this->writing($from, function () use ($number): void {
            $version = $this->versions()->where('number', $number)->first();
            if ($version === null) {
                return;
            }
            $this->version = $number;
            $this->design = $version->design;
        });
    }

    /** @param callable(): void $write */
    private function writing(int $from, callable $write): void
    {
        DB::transaction(function () use ($from, $write): void {
            // The guarded update takes the write lock first, so that two tabs cannot both pass.
            $free = self::query()->whereKey($this->id)->where('revision', $from)->update(['revision' => $from + 1]);
            if ($free === 0) {
                throw new StaleRevision($this);
            }
            $this->refresh();
            $write();
            $this->name = is_string($this->design['name']) ? $this->design['name'] : $this->name;
            $this->save();
        });
    }
}
