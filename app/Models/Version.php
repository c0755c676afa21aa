<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A design as it once was, and what changed it.
 *
 * @property int $number
 * @property string $change
 * @property array<string, mixed> $design
 */
final class Version extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['number', 'change', 'design'];

    /** @var array<string, string> */
    protected $casts = ['design' => 'array'];
}
