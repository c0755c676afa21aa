<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint\Act;

/**
 * One thing a hand does, told with the things it is done to and not with words: what it must be able to reach, what it covers, which parts
 * must hang on something already. The order of the steps, their words and their proof follow from that.
 */
interface Act
{
    public function kind(): ActKind;

    /** @return list<string> keys of the parts in hand */
    public function parts(): array;

    /** @return list<Reach> what the hand must get at */
    public function needs(): array;

    /** @return list<Reach> what nobody gets at any more afterwards */
    public function covers(): array;

    /** @return list<string> keys of parts that must have been joined to something before */
    public function hanging(): array;
}
