<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletingScope;

/**
 * Sheets that were taken from the drawer or came back, and why.
 *
 * @property int $id
 * @property int $change
 * @property int $paper_id
 * @property string|null $step key of the sheet; null when it has been put back
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
        $paper = $this->belongsTo(Paper::class);
        // What was taken of a paper that is out of the drawer comes back to it all the same.
        $paper->withoutGlobalScope(SoftDeletingScope::class);

        return $paper;
    }
}
