<?php

declare(strict_types=1);

namespace App\Club;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Scope;

/** Of many makers each finds what is their own, wherever it is looked for: in lists, by number, through what belongs to it. */
final readonly class TheirOwn implements Scope
{
    /** @param bool $andLent whether what others lend is found too */
    public function __construct(private bool $andLent = false)
    {
    }

    /** @param Builder<covariant Model> $builder */
    public function apply(Builder $builder, Model $model): void
    {
        $maker = Club::atWork();
        if ($maker !== null) {
            $builder->whereIn($model->qualifyColumn('maker_id'), $this->andLent ? Club::drawers() : [$maker]);
        }
    }
}
