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
 */
final class Note extends Model
{
    protected $fillable = ['step', 'text'];
}
