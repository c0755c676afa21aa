<?php

declare(strict_types=1);

namespace App\Models;

use Ephemeron\Blueprint\Sundry;
use Ephemeron\Measure\Length;
use Ephemeron\Paper\Price;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * Something in the drawer that is not paper: so many of it, or so much.
 *
 * @property int $id
 * @property string $name
 * @property Sundry $kind
 * @property int $count pieces; of what is sold by length, 1
 * @property int|null $length ticks that are left of it, null for what is counted
 * @property int $mills of one piece, or of a metre
 * @property string $place
 * @property \Illuminate\Support\Carbon|null $deleted_at
 */
final class Supply extends Model
{
    use OfAMaker;
    use SoftDeletes;

    protected $fillable = ['name', 'kind', 'count', 'length', 'mills', 'place'];

    /** @var array<string, string> */
    protected $casts = ['kind' => Sundry::class, 'count' => 'integer', 'length' => 'integer', 'mills' => 'integer'];

    public function left(): ?Length
    {
        return $this->length === null ? null : Length::ofTicks($this->length);
    }

    public function price(): Price
    {
        return new Price($this->mills);
    }
}
