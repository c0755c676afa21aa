<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A tablet or a phone that may come to this machine.
 *
 * @property int $id
 * @property string $name
 * @property string $token SHA-256 of what it says each time
 * @property Carbon|null $seen_at
 * @property Carbon $updated_at
 */
final class Device extends Model
{
    protected $fillable = ['name', 'token', 'seen_at'];

    /** @var array<string, string> */
    protected $casts = ['seen_at' => 'datetime'];
}
