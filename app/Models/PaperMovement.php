<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Sheets that were taken from the drawer or came back, and why.
 *
 * @property int $id
 * @property int $change
 * @property string $why
 * @property Paper|null $paper
 */
final class PaperMovement extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['project_id', 'step', 'change', 'why'];

    /** @return BelongsTo<Paper, $this> */
    public function paper(): BelongsTo
    {
        return $this->belongsTo(Paper::class);
    }
}
