<?php

declare(strict_types=1);

namespace App\Models;

use App\View\Money;
use Ephemeron\Paper\Price;
use Illuminate\Database\Eloquent\Model;

/**
 * Where a finished book went.
 *
 * @property int $id
 * @property int $project_id
 * @property string $kind sold, given or kept
 * @property int $copies
 * @property int $mills that were paid for them together
 * @property \Illuminate\Support\Carbon $on
 */
final class Departure extends Model
{
    public const KINDS = ['sold' => 'sold', 'given' => 'given away', 'kept' => 'kept'];

    protected $fillable = ['project_id', 'kind', 'copies', 'mills', 'on'];

    /** @var array<string, string> */
    protected $casts = ['project_id' => 'integer', 'copies' => 'integer', 'mills' => 'integer', 'on' => 'date'];

    /** `two sold on 4 May 2026 for 19.00`. */
    public function sentence(): string
    {
        return sprintf(
            '%s %s on %s%s',
            $this->copies === 1 ? 'One' : $this->copies,
            self::KINDS[$this->kind] ?? $this->kind,
            $this->on->translatedFormat('j F Y'),
            $this->mills === 0 ? '' : ' for '.Money::money(new Price($this->mills)),
        );
    }
}
