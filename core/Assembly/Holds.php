<?php

declare(strict_types=1);

namespace Ephemeron\Assembly;

use Ephemeron\Blueprint\Act\Act;
use Ephemeron\Blueprint\Act\ActKind;
use Ephemeron\Blueprint\Act\Glue;
use Ephemeron\Blueprint\Act\Nest;
use Ephemeron\Blueprint\Act\SetMagnet;
use Ephemeron\Blueprint\Act\Slip;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;

/**
 * Which acts bring about what others wait for. What hangs on something must have been joined to it; a pouch is there before something slips
 * into it; holes are there before something is drawn through; what is built up on the table is built up before it is glued down.
 */
final class Holds
{
    /** @var array<array-key, list<array{string, int}>> acts, by job and number in it, that join a part to another */
    private array $joined = [];

    /** @var array<array-key, list<array{string, int}>> those that make a pouch */
    private array $pouches = [];

    /** @var array<array-key, list<array{string, int}>> those that glue down what was built up, by part */
    private array $down = [];

    /** @var array<array-key, list<array{string, int}>> those that pierce a part */
    private array $pierced = [];

    /** @var array<array-key, list<array{string, int}>> those that glue something onto a part, or sew it */
    private array $onto = [];

    /** @var array<array-key, list<array{string, int}>> those that set the first magnet of a flap */
    private array $magnets = [];

    public function add(string $job, int $index, Act $act): void
    {
        $here = [$job, $index];
        if ($act instanceof Glue) {
            $this->addJoint($here, $act->joint);
        }
        if ($act instanceof SetMagnet && $act->isFirst) {
            $this->magnets[$act->flap ?? ''][] = $here;
        }
        if ($act->kind() === ActKind::Pierce) {
            foreach ($act->parts() as $part) {
                $this->pierced[$part][] = $here;
            }
        }
    }

    /** @return list<array{string, int}> job and number of the acts that must be done before this one */
    public function before(Act $act): array
    {
        if ($act instanceof Glue) {
            return [];
        }
        $before = array_merge(...array_map(fn (string $part): array => $this->joined[$part] ?? [], $act->hanging()));

        return match (true) {
            $act instanceof Slip => [...$before, ...$this->pouches[$act->into] ?? [], ...$this->joined[$act->into] ?? []],
            $act instanceof SetMagnet && ! $act->isFirst => [...$before, ...$this->magnets[$act->flap ?? ''] ?? []],
            // One gets at a leaf best while its sheet lies alone.
            $act instanceof Nest
                => array_merge($before, ...array_map(fn (string $part): array => $this->onto[$part] ?? [], $act->parts())),
            $act->kind() === ActKind::Thread
                => array_merge($before, ...array_map(fn (string $part): array => $this->pierced[$part] ?? [], $act->parts())),
            default => $before,
        };
    }

    /** @return list<array{string, int}> job and number of the acts that glue down what this one builds up */
    public function glueDown(Act $act): array
    {
        return $act instanceof Glue && $this->isBuiltUp($act->joint) ? $this->down[$act->joint->onto->part] ?? [] : [];
    }

    /** @param array{string, int} $here */
    private function addJoint(array $here, Joint $joint): void
    {
        $this->onto[$joint->onto->part][] = $here;
        if ($joint->pouch !== null) {
            $this->pouches[$joint->pouch][] = $here;
        }
        if ($joint->from->part !== $joint->onto->part) {
            $this->joined[$joint->from->part][] = $here;
        }
        if ($this->isBuiltUp($joint)) {
            $this->down[$joint->from->part][] = $here;
        }
    }

    /** Mats on mats, mats on pockets, pockets on pockets: done while the lower one lies flat on the table. */
    private function isBuiltUp(Joint $joint): bool
    {
        return ($joint->layer === Layer::Mat || $joint->layer === Layer::Pocket) && $joint->from->part !== $joint->onto->part;
    }
}
