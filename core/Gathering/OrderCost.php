<?php

declare(strict_types=1);

namespace Ephemeron\Gathering;

/** What an order of sheets costs: the weights of the rules it breaks. */
final readonly class OrderCost
{
    /** Of leaves that face each other. */
    public function facing(Leaf $left, Leaf $right): int
    {
        $cost = 0;
        foreach (OrderRule::cases() as $rule) {
            $cost += $rule->isBrokenBy($left, $right) ? $rule->weight() : 0;
        }

        return $cost;
    }

    /** Of a leaf and the one after the next. */
    public function apart(Leaf $one, Leaf $third): int
    {
        return $one->sheet !== $third->sheet && $one->hasPocket() && $third->hasPocket() ? OrderRule::PocketsClose->weight() : 0;
    }

    /** Of all leaves in reading order. */
    public function of(Signature $signature): int
    {
        $leaves = $signature->leaves();
        $cost = 0;
        foreach ($leaves as $index => $leaf) {
            $cost += isset($leaves[$index + 1]) ? $this->facing($leaf, $leaves[$index + 1]) : 0;
            $cost += isset($leaves[$index + 2]) ? $this->apart($leaf, $leaves[$index + 2]) : 0;
        }

        return $cost;
    }

    /**
     * @param int $before faces that come before its first one
     * @return list<Broken>
     */
    public function broken(Signature $signature, int $before = 0): array
    {
        $broken = [];
        $leaves = $signature->leaves();
        foreach ($signature->openings($before) as $index => $opening) {
            foreach (OrderRule::cases() as $rule) {
                if ($rule->isBrokenBy($opening->left, $opening->right)) {
                    $broken[] = new Broken($rule, $opening->number);
                }
            }
            if (isset($leaves[$index + 2]) && $this->apart($opening->left, $leaves[$index + 2]) > 0) {
                $broken[] = new Broken(OrderRule::PocketsClose, $opening->number);
            }
        }

        return $broken;
    }
}
