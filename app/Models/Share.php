<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A link by which a book is shown to whoever has it, until it is taken back.
 *
 * @property int $id
 * @property int $project_id
 * @property string $token
 * @property \Illuminate\Support\Carbon $created_at
 */
final class Share extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['token'];

    /** @return BelongsTo<Project, $this> */
    public function project(): BelongsTo
    {
        return $this->belongsTo(Project::class);
    }
}
