<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;

/**
 * Makers to whom a drawer can be lent.
 *
 * @property int $id
 * @property string $name
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Maker> $makers
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Maker> $lenders
 */
final class Circle extends Model
{
    protected $fillable = ['name'];

    /** @return BelongsToMany<Maker, $this> */
    public function makers(): BelongsToMany
    {
        return $this->belongsToMany(Maker::class);
    }

    /** @return BelongsToMany<Maker, $this> whose drawers are lent to it */
    public function lenders(): BelongsToMany
    {
        return $this->belongsToMany(Maker::class, 'lendings');
    }
}
