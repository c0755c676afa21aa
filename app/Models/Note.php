<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A measurement, remark or photograph, and what it is about: the key of a step, “face:…”, “piece:…” (key of a part) or “book”.
 *
 * @property int $id
 * @property string $step
 * @property string $text
 * @property int $project_id
 * @property string|null $part key of the piece that was measured
 * @property string|null $axis which side of it
 * @property string|null $panel where not the piece itself was measured
 * @property bool $is_play whether it was tight or loose in its place, and not cut so
 * @property int|null $planned in ticks
 * @property int|null $came in ticks
 * @property string|null $photo name of its file
 * @property \Illuminate\Support\Carbon|null $created_at
 * @property string $mark stays the same when a struck note comes back
 */
final class Note extends Model
{
    public const FACE = 'face:';

    public const PIECE = 'piece:';

    protected $fillable = ['step', 'text', 'mark', 'part', 'panel', 'is_play', 'axis', 'planned', 'came', 'photo'];

    /** @var array<string, string> */
    protected $casts = ['is_play' => 'boolean', 'planned' => 'integer', 'came' => 'integer', 'project_id' => 'integer'];
}
