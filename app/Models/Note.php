<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A measurement or remark noted at a step.
 *
 * @property int $id
 * @property string $step
 * @property string $text
 * @property string $mark stays the same when a struck note comes back
 */
final class Note extends Model
{
    protected $fillable = ['step', 'text', 'mark'];
}
