<?php

declare(strict_types=1);

namespace Ephemeron\Assembly;

use Ephemeron\Blueprint\Act\Act;
use Ephemeron\Blueprint\Act\ActKind;
use Ephemeron\Blueprint\Act\Glue;
use Ephemeron\Blueprint\Act\Reach;
use Ephemeron\Blueprint\Act\SetMagnet;
use Ephemeron\Blueprint\Act\Shape;
use Ephemeron\Blueprint\Act\Slip;
use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Pouch;

/**
 * A table on which the jobs are done one after the other: it knows what lies on it, what is joined to what, what is covered, what is
 * pierced, and complains where a hand would not get at something. It knows nothing of how the order was found.
 */
final class Table
{
    /** @var array<string, list<array{Reach, string}>> what covers a surface, and since which job */
    private array $covered = [];

    /** @var array<string, string> job in which a part was first joined to another */
    private array $joined = [];

    /** @var array<int, string> job in which a joint was made */
    private array $made = [];

    /** @var array<string, true> parts that were handled after they were shaped */
    private array $used = [];

    /** @var array<string, true> */
    private array $pierced = [];

    /** @var array<string, int> magnets that wait for their second, by flap */
    private array $magnets = [];

    /** @var list<Complaint> */
    private array $complaints = [];

    private readonly Surfaces $surfaces;

    /** @var array<string, true> parts that are glued to another one day */
    private readonly array $hangs;

    private readonly Mouths $mouths;

    public function __construct(private readonly Blueprint $blueprint)
    {
        $this->surfaces = new Surfaces($blueprint);
        $this->mouths = new Mouths($blueprint);
        $hangs = [];
        foreach ($blueprint->all(Joint::class) as $joint) {
            if ($joint->from->part !== $joint->onto->part) {
                $hangs[$joint->from->part] = true;
            }
        }
        $this->hangs = $hangs;
    }

    /**
     * @param list<Job> $jobs in the order in which they are told
     * @return list<Complaint>
     */
    public static function rehearse(Blueprint $blueprint, array $jobs): array
    {
        $table = new self($blueprint);
        foreach ($jobs as $job) {
            $table->do($job);
        }

        return $table->leave();
    }

    public function do(Job $job): void
    {
        // What is done at one go does not stand in its own way.
        foreach ($job->acts as $act) {
            $this->look($job, $act);
        }
        foreach ($job->acts as $act) {
            $this->take($job, $act);
        }
    }

    /** @return list<Complaint> all there were, and what was left undone */
    public function leave(): array
    {
        foreach ($this->blueprint->all(Joint::class) as $joint) {
            if (! isset($this->made[spl_object_id($joint)])) {
                $this->complain(
                    1,
                    null,
                    sprintf('Nobody joins %s to %s.', $this->name($joint->from->part), $this->name($joint->onto->part)),
                );
            }
        }
        foreach ($this->blueprint->parts as $key => $part) {
            if (! isset($this->used[$key])) {
                $this->complain(1, null, sprintf('%s is cut, and no step uses it.', $this->name((string) $key)));
            }
        }
        foreach ($this->magnets as $waiting) {
            if ($waiting !== 0) {
                $this->complain(4, null, 'A magnet has no second one.');
            }
        }
        $edges = new PouchEdges($this->blueprint);
        foreach ($this->blueprint->all(Pouch::class) as $pouch) {
            foreach ($edges->problems($pouch) as $problem) {
                $this->complain(6, null, "{$pouch->name}: {$problem}.");
            }
        }

        return $this->complaints;
    }

    /** @return array<string, string> what each part was first joined in, by part */
    public function joined(): array
    {
        return $this->joined;
    }

    /** @return list<string> surfaces that something covers */
    public function covered(): array
    {
        return array_map(strval(...), array_keys($this->covered));
    }

    private function look(Job $job, Act $act): void
    {
        foreach ($act->parts() as $part) {
            if (! isset($this->blueprint->parts[$part])) {
                $this->complain(1, $job, "There is no piece “{$part}”.");
            }
        }
        foreach ($act->needs() as $need) {
            $reach = $this->surfaces->named($need);
            $since = $this->coveredSince($reach);
            if ($since !== null) {
                $this->complain(
                    $act->kind() === ActKind::Glue ? 2 : 3,
                    $job,
                    sprintf('%s: the place is covered since “%s”.', $this->surface($reach), $this->title($since)),
                );
            }
        }
        foreach ($act->hanging() as $part) {
            if (isset($this->hangs[$part]) && ! isset($this->joined[$part]) && ! $this->joins($job, $part)) {
                $this->complain($act instanceof SetMagnet ? 4 : 2, $job, sprintf('%s hangs on nothing yet.', $this->name($part)));
            }
        }
        match (true) {
            $act instanceof Shape => $this->lookAtShape($job, $act),
            $act instanceof Slip => $this->lookAtSlip($job, $act),
            $act->kind() === ActKind::Ink => $this->lookAtEdges($job, $act),
            $act->kind() === ActKind::Thread => $this->lookAtHoles($job, $act),
            default => null,
        };
    }

    private function take(Job $job, Act $act): void
    {
        foreach ($act->parts() as $part) {
            if ($job->task !== null) {
                $this->used[$part] = true;
            }
            if ($act->kind() === ActKind::Pierce) {
                $this->pierced[$part] = true;
            }
        }
        if ($act instanceof Glue) {
            $this->join($job, $act->joint);
        }
        if ($act instanceof SetMagnet) {
            $this->lookAtMagnet($job, $act);
            $this->magnets[$act->flap ?? ''] = ($this->magnets[$act->flap ?? ''] ?? 0) + ($act->isFirst ? 1 : -1);
        }
        foreach ($act->covers() as $cover) {
            $reach = $this->surfaces->named($cover);
            $this->covered[$reach->surface][] = [$reach, $job->key];
        }
    }

    private function join(Job $job, Joint $joint): void
    {
        $id = spl_object_id($joint);
        if (isset($this->made[$id])) {
            $this->complain(1, $job, sprintf('%s has been joined there already.', $this->name($joint->from->part)));
        }
        $this->made[$id] = $job->key;
        if ($joint->from->part !== $joint->onto->part) {
            $this->joined[$joint->from->part] ??= $job->key;
        }
    }

    /** Whether the job itself joins the part to another: what follows from that is done after it, in the same breath. */
    private function joins(Job $job, string $part): bool
    {
        foreach ($job->acts as $act) {
            if ($act instanceof Glue && $act->joint->from->part === $part) {
                return true;
            }
        }

        return false;
    }

    /** Notches, corners and slits come while a piece is single. */
    private function lookAtShape(Job $job, Shape $act): void
    {
        if (isset($this->joined[$act->part])) {
            $this->complain(
                5,
                $job,
                sprintf('%s is joined to another piece since “%s”.', $this->name($act->part), $this->title($this->joined[$act->part])),
            );
        }
    }

    /** Edges are inked before a piece is glued to another. */
    private function lookAtEdges(Job $job, Act $act): void
    {
        foreach ($act->parts() as $part) {
            if (isset($this->joined[$part])) {
                $this->complain(
                    5,
                    $job,
                    sprintf('%s is joined to another piece since “%s”.', $this->name($part), $this->title($this->joined[$part]))
                );
            }
        }
    }

    private function lookAtSlip(Job $job, Slip $act): void
    {
        $isPart = isset($this->blueprint->parts[$act->into]);
        if ($isPart && ! isset($this->joined[$act->into])) {
            $this->complain(2, $job, sprintf('%s hangs on nothing yet.', $this->name($act->into)));
        }
        $pouch = $this->blueprint->find(Pouch::class, $act->into);
        if ($pouch === null) {
            if (! $isPart) {
                $this->complain(1, $job, "There is no pocket “{$act->into}”.");
            }

            return;
        }
        foreach ($this->mouths->jointsOf($act) as $joint) {
            if (! isset($this->made[spl_object_id($joint)])) {
                $this->complain(2, $job, sprintf('%s: the pocket is not there yet.', $this->name($act->part)));
            }
        }
        foreach ($this->mouths->of($act) as $mouth) {
            $since = $this->coveredSince($mouth);
            if ($since !== null) {
                $this->complain(
                    6,
                    $job,
                    sprintf('%s can not slide in: the mouth is covered since “%s”.', $this->name($act->part), $this->title($since)),
                );
            }
        }
    }

    /** @return string|null the job in which something was put over a place */
    private function coveredSince(Reach $place): ?string
    {
        foreach ($this->covered[$place->surface] ?? [] as [$cover, $since]) {
            if ($place->isUnder($cover)) {
                return $since;
            }
        }

        return null;
    }

    private function lookAtMagnet(Job $job, SetMagnet $act): void
    {
        if (! $act->isFirst && ($this->magnets[$act->flap ?? ''] ?? 0) < 1) {
            $this->complain(4, $job, 'The second magnet of a pair has no first one to find.');
        }
    }

    private function lookAtHoles(Job $job, Act $act): void
    {
        if ($act instanceof \Ephemeron\Blueprint\Act\Thread && ! $act->pierced) {
            return;
        }
        foreach ($act->parts() as $part) {
            if (! isset($this->pierced[$part])) {
                $this->complain(5, $job, sprintf('%s has no holes yet.', $this->name($part)));
            }
        }
    }

    private function complain(int $rule, ?Job $job, string $sentence): void
    {
        $this->complaints[] = new Complaint($rule, $job?->key, $sentence);
    }

    private function name(string $part): string
    {
        $found = $this->blueprint->parts[$part] ?? null;

        return $found === null ? "“{$part}”" : "{$found->letter} ({$found->name})";
    }

    private function surface(Reach $reach): string
    {
        return $this->blueprint->faces[$reach->surface]->name ?? $this->name(explode('/', $reach->surface)[0]);
    }

    private function title(string $job): string
    {
        return $this->blueprint->tasks[$job]->title ?? $job;
    }
}
