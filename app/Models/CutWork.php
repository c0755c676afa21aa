<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * The plan of a paper as it was when a sheet of it was begun.
 *
 * @property int $id
 * @property string $plan as {@see \Ephemeron\Format\CutWorkJson} writes it
 */
final class CutWork extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['plan'];
}
