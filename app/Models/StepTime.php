<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * How long one step of a book has taken.
 *
 * @property int $id
 * @property int $project_id
 * @property string $step
 * @property int $seconds so far, without what runs now
 * @property Carbon|null $running_since
 */
final class StepTime extends Model
{
    /** Nobody works longer at one step without a touch: what runs longer was forgotten (common practice, no published source). */
    public const MOST_AT_ONCE = 4 * 3600;

    protected $fillable = ['project_id', 'step', 'seconds', 'running_since'];

    protected $attributes = ['seconds' => 0, 'running_since' => null];

    /** @var array<string, string> */
    protected $casts = ['seconds' => 'integer', 'running_since' => 'datetime', 'project_id' => 'integer'];

    public function soFar(): int
    {
        return $this->seconds + $this->running();
    }

    public function running(): int
    {
        return $this->running_since === null ? 0
            : max(0, min(self::MOST_AT_ONCE, (int) $this->running_since->diffInSeconds(now(), true)));
    }
}
