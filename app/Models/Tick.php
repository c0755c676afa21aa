<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Something done at the table: a step, or one of its places (`mat-pages#3`).
 *
 * @property string $key
 * @property \Illuminate\Support\Carbon|null $created_at
 */
final class Tick extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['key'];

    /** @var array<string, string> */
    protected $casts = ['created_at' => 'datetime'];

    /** Whether it is a sheet that is cut, or one of its cuts: {@see \Ephemeron\Cutting\PatternKeys}. */
    public static function isOfASheet(string $key): bool
    {
        return preg_match('/^cut-[0-9a-f]{12}-/', $key) === 1;
    }
}
