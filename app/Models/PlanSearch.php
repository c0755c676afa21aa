<?php

declare(strict_types=1);

namespace App\Models;

use Ephemeron\Cutting\CutPlan;
use Ephemeron\Format\CutWorkJson;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A longer look for a better cut plan of one paper of a project, and what came of it.
 *
 * @property int $id
 * @property int $project_id
 * @property string $key what was to be cut from what, see {@see \App\Planning\KeptPlans}
 * @property string $state
 * @property int $share of its time, in hundredths
 * @property int|null $sheets of the best plan it found
 * @property int|null $bound
 * @property string|null $plan as {@see CutWorkJson} writes it
 * @property bool $taken whether the book is cut by it
 * @property Project|null $project
 */
final class PlanSearch extends Model
{
    public const WAITING = 'waiting';

    public const RUNNING = 'running';

    public const DONE = 'done';

    public const CANCELLED = 'cancelled';

    protected $fillable = ['project_id', 'key', 'state', 'share', 'sheets', 'bound', 'plan', 'taken'];

    /** @var array<string, string> */
    protected $casts = ['taken' => 'boolean', 'share' => 'integer', 'sheets' => 'integer', 'bound' => 'integer', 'project_id' => 'integer'];

    protected $attributes = ['state' => self::WAITING, 'share' => 0, 'sheets' => null, 'bound' => null, 'plan' => null, 'taken' => false];

    /** @return BelongsTo<Project, $this> */
    public function project(): BelongsTo
    {
        return $this->belongsTo(Project::class);
    }

    public function isUnderWay(): bool
    {
        return in_array($this->state, [self::WAITING, self::RUNNING], true);
    }

    public function cutPlan(): ?CutPlan
    {
        return $this->plan === null ? null : (new CutWorkJson)->planFrom($this->plan);
    }
}
