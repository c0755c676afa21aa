<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Whether one offcut of a cutting step is kept or binned, where the maker has said so.
 *
 * @property string $step
 * @property int $offcut which of the pattern, from 0
 * @property bool $keep
 */
final class OffcutChoice extends Model
{
    protected $fillable = ['step', 'offcut', 'keep'];

    /** @var array<string, string> */
    protected $casts = ['keep' => 'boolean', 'offcut' => 'integer'];
}
