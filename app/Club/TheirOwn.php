<?php

declare(strict_types=1);

namespace App\Club;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Scope;
use Illuminate\Support\Facades\DB;

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
        if ($maker === null) {
            return;
        }
        $lent = DB::table('lendings')->join('circle_maker', 'lendings.circle_id', '=', 'circle_maker.circle_id')
            ->where('circle_maker.maker_id', $maker)->select('lendings.maker_id');
        $whose = $model->qualifyColumn('maker_id');
        $builder->where(function (Builder $own) use ($whose, $maker, $lent): void {
            $own->where($whose, $maker);
            $this->andLent ? $own->orWhereIn($whose, $lent) : null;
        });
    }
}
