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
 * @property Carbon|null $left_at since when they cannot sign in any more
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Circle> $circles
 */
final class Maker extends User
{
    /** ASVS 4.0.3, 2.1.1: at least twelve characters; 2.1.2: at least 64 allowed, not more than 128. */
    public const SHORTEST = 12;

    public const LONGEST = 128;

    protected $fillable = ['name', 'password', 'keeper', 'left_at'];

    protected $hidden = ['password'];

    /** @var array<string, string> */
    protected $casts = ['password' => 'hashed', 'keeper' => 'boolean', 'left_at' => 'datetime'];

    protected $attributes = ['keeper' => false];

    /** @return BelongsToMany<Circle, $this> */
    public function circles(): BelongsToMany
    {
        return $this->belongsToMany(Circle::class);
    }
}
