<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\ProjectFactory;
use Ephemeron\Blueprint\Part;
use Ephemeron\Fit\Guest;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
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
 * @property int $copies books made together
 * @property string|null $lesson what to do differently next time
 * @property int|null $batch_of the project it is a batch of
 * @property int|null $cut_with the project by whose plan it is cut
 * @property \Illuminate\Support\Carbon|null $deleted_at
 * @property \Illuminate\Support\Carbon|null $published_at since when its pattern hangs on the board of the club
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Departure> $departures
 * @property-read \Illuminate\Database\Eloquent\Collection<int, CutWork> $cutWorks
 * @property-read \Illuminate\Database\Eloquent\Collection<int, SpoiledPiece> $spoiledPieces
 * @property-read \Illuminate\Database\Eloquent\Collection<int, self> $batches
 * @property-read \Illuminate\Database\Eloquent\Collection<int, self> $guests
 * @property-read self|null $host
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Tick> $ticks
 * @property-read \Illuminate\Database\Eloquent\Collection<int, PlanSearch> $searches
 * @property-read \Illuminate\Database\Eloquent\Collection<int, OffcutChoice> $offcutChoices
 */
final class Project extends Model
{
    /** @use HasFactory<ProjectFactory> */
    use HasFactory;
    use OfAMaker;
    use SoftDeletes;

    /** More than anyone undoes; the oldest go first. */
    private const VERSIONS_KEPT = 200;

    protected $fillable = ['name', 'design', 'revision', 'version', 'copies', 'batch_of', 'cut_with', 'lesson'];

    /** @var array<string, string> */
    protected $casts = [
        'design' => 'array',
        'revision' => 'integer',
        'version' => 'integer',
        'copies' => 'integer',
        'batch_of' => 'integer',
        'cut_with' => 'integer',
        'published_at' => 'datetime',
    ];

    protected $attributes = ['revision' => 1, 'version' => 1, 'copies' => 1, 'batch_of' => null, 'cut_with' => null, 'lesson' => null];

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

    /** @return HasMany<Departure, $this> where its copies went */
    public function departures(): HasMany
    {
        return $this->hasMany(Departure::class);
    }

    /** @return HasMany<Event, $this> */
    public function events(): HasMany
    {
        return $this->hasMany(Event::class);
    }

    /** @return HasMany<CutWork, $this> plans that were begun, the earliest first */
    public function cutWorks(): HasMany
    {
        return $this->hasMany(CutWork::class);
    }

    /** @return HasMany<SpoiledPiece, $this> */
    public function spoiledPieces(): HasMany
    {
        return $this->hasMany(SpoiledPiece::class);
    }

    /** @param int $count of these pieces that are gone from the book, in all */
    public function loses(string $sheet, string $piece, int $count): void
    {
        $which = ['sheet' => $sheet, 'piece' => $piece];
        $count > 0 ? $this->spoiledPieces()->updateOrCreate($which, ['count' => $count]) : $this->spoiledPieces()->where($which)->delete();
        $this->unsetRelation('spoiledPieces');
    }

    /** @return HasMany<Share, $this> links by which it is shown */
    public function shares(): HasMany
    {
        return $this->hasMany(Share::class);
    }

    /** @return HasMany<self, $this> so many at once of this book */
    public function batches(): HasMany
    {
        return $this->hasMany(self::class, 'batch_of');
    }

    /** @return BelongsTo<self, $this> the book by whose plan this one is cut; none where each is cut by itself */
    public function host(): BelongsTo
    {
        return $this->belongsTo(self::class, 'cut_with');
    }

    /** @return HasMany<self, $this> books that are cut by the plan of this one */
    public function guests(): HasMany
    {
        return $this->hasMany(self::class, 'cut_with');
    }

    /** @return list<string> what a plan of it is made from, to be fetched for many books at once */
    public static function planned(): array
    {
        $cut = ['ticks', 'cutWorks', 'spoiledPieces', 'offcutChoices', 'searches', 'guests'];

        return [...$cut, 'host', ...array_map(static fn (string $each): string => "host.{$each}", $cut)];
    }

    /** Whether nothing of it is cut, and it is cut with no other. */
    public function isFreeToCut(): bool
    {
        return $this->cut_with === null && ! $this->guests()->exists() && ! $this->cutWorks()->exists();
    }

    /** The book by whose plan this one is cut: another, or itself. */
    public function atTheTrimmer(): self
    {
        return $this->host ?? $this;
    }

    /** What a piece of a book that is cut with this one is known by here. */
    public function pieceAtTheTrimmer(string $piece): string
    {
        return $this->host === null ? $piece : Guest::piece($this->id, $piece);
    }

    /** @return list<string> what is ticked of it: its own steps, and the sheets of the book by whose plan it is cut */
    public function ticked(): array
    {
        $own = $this->ownTicks();
        $theirs = $this->host?->ownTicks() ?? [];
        $isOfASheet = static fn (mixed $key): bool => is_string($key) && Tick::isOfASheet($key);

        return array_values(array_filter([...$own, ...array_filter($theirs, $isOfASheet)], is_string(...)));
    }

    /** @return list<mixed> keys; a book that is nearly done has hundreds, and a page wants no more of them */
    private function ownTicks(): array
    {
        $keys = $this->relationLoaded('ticks') ? $this->ticks->pluck('key') : $this->ticks()->toBase()->pluck('key');

        return array_values($keys->all());
    }

    /** @return HasMany<Note, $this> */
    public function notes(): HasMany
    {
        return $this->hasMany(Note::class);
    }

    /**
     * What is noted about single pieces.
     *
     * @param list<Part> $parts
     * @return array<string, list<Note>> by the key of the piece, those of which something is noted
     */
    public function notesAbout(array $parts): array
    {
        $keys = array_map(static fn (Part $part): string => $part->key, $parts);
        $notes = array_fill_keys($keys, []);
        foreach ($this->notes()->where('step', 'like', Note::PIECE.'%')->oldest('id')->get() as $note) {
            $key = substr($note->step, strlen(Note::PIECE));
            if (isset($notes[$key])) {
                $notes[$key][] = $note;
            }
        }

        return array_filter($notes);
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
     * Takes a changed design as a new version, which is the one that holds. Belongs into a transaction with what remembers it.
     *
     * @param array<string, mixed> $design
     * @param int $from the revision the change started from
     *
     * @throws StaleRevision when another tab has saved in between
     */
    public function change(array $design, string $change, int $from): void
    {
        $this->claim($from);
        $this->versions()->where('number', '>', $this->version)->delete();
        $this->versions()->where('number', '<=', $this->version - self::VERSIONS_KEPT)->delete();
        $this->version++;
        $this->versions()->create(['number' => $this->version, 'change' => mb_substr($change, 0, 200), 'design' => $design]);
        $this->hold($design);
    }

    /**
     * Makes another version the one that holds.
     *
     * @return bool whether there is such a version
     */
    public function goTo(int $number): bool
    {
        $version = $this->versions()->where('number', $number)->first();
        if ($version === null) {
            return false;
        }
        $this->claim($this->revision);
        $this->version = $number;
        $this->hold($version->design);

        return true;
    }

    /** The guarded update takes the write lock first, so that two tabs cannot both pass. */
    private function claim(int $from): void
    {
        $free = self::query()->whereKey($this->id)->where('revision', $from)->update(['revision' => $from + 1]);
        if ($free === 0) {
            throw new StaleRevision($this);
        }
        $this->refresh();
    }

    /** @param array<string, mixed> $design */
    private function hold(array $design): void
    {
        $this->design = $design;
        $this->name = is_string($design['name'] ?? null) ? $design['name'] : $this->name;
        $this->save();
    }
}
