<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

use Ephemeron\Blueprint\Draft;
use Ephemeron\Design\MatRule;
use Ephemeron\Design\Parameter;
use Ephemeron\Design\Placed;
use Ephemeron\Design\Values;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\Stock;

/**
 * A kind of book. A new one is one class that implements this and an entry in the {@see Catalogue}.
 */
interface Structure
{
    public function about(): About;

    /** @return list<Parameter> */
    public function parameters(): array;

    public function defaultMats(): MatRule;

    /**
     * Values that are each in their range and cannot be built together.
     *
     * @return array<string, string> a sentence with the numbers, by the key of the parameter to change
     */
    public function refusals(Values $values, Notation $notation): array;

    /** @return list<Placed> what sits on its faces unless the maker says otherwise */
    public function defaultFurniture(Values $values, Unit $unit): array;

    /** @return array<string, Stock> a usual paper for every role it uses, by role */
    public function materials(Unit $unit): array;

    /** Lays out parts, faces and tasks. Any values that are not refused must do. */
    public function layOut(Brief $brief): Draft;
}
