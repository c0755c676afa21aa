<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Foundation\Auth\User;
use Illuminate\Support\Carbon;

/**
 * One of many who share a shelf.
 *
 * @property int $id
 * @property string $name
 * @property string $password
 * @property bool $keeper whether they look after the shelf: makers, circles, copies
 * @property bool $phrase_is_given whether the pass phrase is one the keeper gave, to be changed before anything else
 * @property Carbon|null $phrase_at when it was last changed
 * @property Carbon|null $seen_at when they last signed in
 * @property Carbon|null $left_at since when they cannot sign in any more
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Circle> $circles
 */
final class Maker extends User
{
    /** ASVS 4.0.3, 2.1.1: at least twelve characters; 2.1.2: at least 64 allowed, not more than 128. */
    public const SHORTEST = 12;

    public const LONGEST = 128;

    /** Days for which a pass phrase holds that the keeper gave (ASVS 2.3.1: it expires soon). */
    public const DAYS_GIVEN = 7;

    protected $fillable = ['name', 'password', 'keeper', 'phrase_is_given', 'phrase_at', 'seen_at', 'left_at'];

    protected $hidden = ['password'];

    /** @var array<string, string> */
    protected $casts = [
        'password' => 'hashed',
        'keeper' => 'boolean',
        'phrase_is_given' => 'boolean',
        'phrase_at' => 'datetime',
        'seen_at' => 'datetime',
        'left_at' => 'datetime',
    ];

    protected $attributes = ['keeper' => false, 'phrase_is_given' => false];

    /** @param bool $given by the keeper: the maker is to choose another one */
    public function takePhrase(string $phrase, bool $given): self
    {
        $this->fill(['password' => $phrase, 'phrase_is_given' => $given, 'phrase_at' => now()])->save();

        return $this;
    }

    /** What they are told when they come: that their pass phrase is another one since they were last here. */
    public function notice(): ?string
    {
        return $this->seen_at !== null && $this->phrase_at?->isAfter($this->seen_at) === true
            ? "Your pass phrase was changed {$this->phrase_at->diffForHumans()}. If you know nothing of it, tell the keeper of the shelf."
            : null;
    }

    /** Whether a given pass phrase has lain about for too long. */
    public function hasRunOut(): bool
    {
        return $this->phrase_is_given && $this->phrase_at?->isBefore(now()->subDays(self::DAYS_GIVEN)) !== false;
    }

    /** @return BelongsToMany<Circle, $this> */
    public function circles(): BelongsToMany
    {
        return $this->belongsToMany(Circle::class);
    }
}
