<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * One thing that was done to a book, with what it takes to take it back and to do it again.
 *
 * @property int $id
 * @property int $number
 * @property string $kind key of the {@see \App\History\Slice} it changed
 * @property string $sentence what was done: `cut 3 of Dew point`
 * @property array<string, mixed> $before
 * @property array<string, mixed> $after
 * @property bool $undone
 */
final class Event extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['number', 'kind', 'sentence', 'before', 'after', 'undone'];

    /** @var array<string, string> */
    protected $casts = ['before' => 'array', 'after' => 'array', 'undone' => 'boolean', 'number' => 'integer'];

    protected $attributes = ['undone' => false];
}
