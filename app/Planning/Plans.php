<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Project;
use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Cutting\AsCut;
use Ephemeron\Cutting\CutPlanner;
use Ephemeron\Design\Design;
use Ephemeron\Fit\Guest;
use Ephemeron\Fit\Layout;
use Ephemeron\Format\DesignReader;
use Ephemeron\Format\DesignWriter;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\WorkPlan;
use Ephemeron\Workshop;
use Illuminate\Contracts\Cache\Repository;

/**
 * Reads a project’s design and works it out, going on from what is cut. A plan is worked out once for what it is made from, and
 * remembered: the design, what is cut, the plans that longer looks have found, and the code.
 */
final readonly class Plans
{
    private const DAYS = 7;

    public function __construct(
        private DesignReader $reader,
        private DesignWriter $writer,
        private Workshop $workshop,
        private CutPlanner $planner,
        private Repository $cache,
        private Turns $turns,
        private Blueprints $blueprints,
    ) {
    }

    /** @throws InvalidDesign where what is stored cannot be read */
    public function design(Project $project): Design
    {
        return $this->reader->fromArray($project->design);
    }

    /** @throws InvalidDesign */
    public function plan(Project $project): WorkPlan
    {
        return $this->known($project, $project->design);
    }

    /** The plan where it is there already. */
    public function kept(Project $project): ?WorkPlan
    {
        $kept = $this->cache->get('plan:'.$this->mark($project));

        return $kept instanceof WorkPlan ? $kept : null;
    }

    /**
     * How it looks, before anything of it is cut.
     *
     * @param array<string, mixed> $changes by place, as if it were changed so; nothing is kept
     *
     * @throws InvalidDesign
     */
    public function layout(Project $project, array $changes = []): Layout
    {
        $design = $this->design($project);

        return $changes === [] ? $this->workshop->layout($design, $this->blueprints->of($design, $project->design))
            : $this->workshop->layout($this->reader->changed($design, $changes));
    }

    /** So many books of it, as if nothing were cut and by itself. */
    public function together(Project $project, int $copies): WorkPlan
    {
        return $this->remembered(
            $this->markOf($project->design, $copies, [], []),
            fn (): WorkPlan => $this->worked($project, $this->reader->fromArray($project->design), $copies, AsCut::nothing(), []),
        );
    }

    /**
     * Books cut by one plan, as if nothing were cut; its own plan is that of the first of them.
     *
     * @param non-empty-list<array{Project, int}> $books and how many of each
     *
     * @throws InvalidDesign
     */
    public function ofAll(array $books): WorkPlan
    {
        [$host, $copies] = array_shift($books);
        $guests = array_map(static fn (array $book): array => [$book[0]->id, $book[0]->design, $book[1]], $books);

        return $this->remembered(
            $this->markOf($host->design, $copies, [], $guests),
            fn (): WorkPlan => $this->worked($host, $this->reader->fromArray($host->design), $copies, AsCut::nothing(), $guests),
        );
    }

    /** The plan before the last change, if there was one. */
    public function before(Project $project): ?WorkPlan
    {
        $design = $project->versions()->where('number', $project->version - 1)->first()?->design;

        return $design === null ? null : $this->known($project, $design);
    }

    /**
     * The plan as it would be with these changes; nothing is kept.
     *
     * @param array<string, mixed> $changes by place
     *
     * @throws InvalidDesign
     */
    public function tried(Project $project, array $changes): WorkPlan
    {
        $design = $this->reader->changed($this->design($project), $changes);

        return $project->host === null
            ? $this->worked($project, $design, $project->copies, CutSoFar::of($project), self::guests($project))
            : $this->with($project, $design);
    }

    /** The plan of this project as it will be with another design. */
    public function with(Project $project, Design $design): WorkPlan
    {
        return $this->known($project, $this->writer->toArray($design));
    }

    /** The plan by which it is cut, with another design of it: its own, or that of the book it is cut with. */
    public function atTheTrimmer(Project $project, Design $design): WorkPlan
    {
        $host = $project->host;

        return $host === null ? $this->with($project, $design) : $this->hosting($host, $project, $this->writer->toArray($design));
    }

    /** The same as long as the plan of the book is. */
    public function mark(Project $project): string
    {
        $host = $project->host;

        return $host === null ? $this->markWith($project, $project->design, self::guests($project))
            : Mark::of($this->markWith($host, $host->design, self::guests($host)), $project->id);
    }

    /**
     * @param array<string, mixed> $design of this book, as it is or as it might be
     *
     * @throws InvalidDesign
     */
    private function known(Project $project, array $design): WorkPlan
    {
        $host = $project->host;
        if ($host === null) {
            return $this->hosting($project, $project, $design);
        }
        $guests = self::guests($host, $project, $design);

        return $this->remembered(Mark::of($this->markWith($host, $host->design, $guests), $project->id), function () use (
            $host,
            $project,
            $design,
        ): WorkPlan {
            $all = $this->hosting($host, $project, $design);
            foreach ($all->guests as $guest) {
                if ($guest->known === $project->id) {
                    return $this->workshop->planOfGuest($guest, $all);
                }
            }

            // One that cannot be read is no guest, and says why.
            return $this->worked($project, $this->reader->fromArray($design), $project->copies, AsCut::nothing(), []);
        });
    }

    /**
     * The plan of a book by which others are cut too, or none.
     *
     * @param Project $changed it, or one of its guests
     * @param array<string, mixed> $design of that one
     *
     * @throws InvalidDesign
     */
    private function hosting(Project $host, Project $changed, array $design): WorkPlan
    {
        $own = $changed->is($host) ? $design : $host->design;
        $guests = self::guests($host, $changed, $design);
        $mark = $this->markWith($host, $own, $guests);

        return $this->remembered($mark, function () use ($host, $own, $guests, $mark, $changed, $design): WorkPlan {
            $read = $this->reader->fromArray($own);
            $blueprint = $this->blueprints->of($read, $own);
            $this->turns->wait($mark, $blueprint->pieces() * $host->copies, $changed, $design === $changed->design ? null : $design);
            $known = $this->cache->get("plan:{$mark}");

            return $known instanceof WorkPlan ? $known
                : $this->worked($host, $read, $host->copies, CutSoFar::of($host), $guests, $blueprint);
        });
    }

    /**
     * @param array<string, mixed>|null $design of one of them, as it might be
     * @return list<array{int, array<string, mixed>, int}> number, design and copies of the books that are cut with it
     */
    private static function guests(Project $host, ?Project $changed = null, ?array $design = null): array
    {
        return array_values(
            $host->guests->sortBy('id')->map(
                static fn (Project $guest): array => [
                    $guest->id,
                    $changed?->is($guest) === true ? $design ?? $guest->design : $guest->design,
                    $guest->copies,
                ],
            )->all(),
        );
    }

    /** @param \Closure(): WorkPlan $work */
    private function remembered(string $mark, \Closure $work): WorkPlan
    {
        $known = $this->cache->get("plan:{$mark}");
        if ($known instanceof WorkPlan) {
            return $known;
        }
        $plan = $work();
        $this->cache->put("plan:{$mark}", $plan, now()->addDays(self::DAYS));

        return $plan;
    }

    /**
     * @param array<string, mixed> $design
     * @param list<array{int, array<string, mixed>, int}> $guests
     */
    private function markWith(Project $project, array $design, array $guests): string
    {
        return $this->markOf($design, $project->copies, [CutSoFar::searched($project), CutSoFar::mark($project)], $guests);
    }

    /**
     * @param array<string, mixed> $design
     * @param list<mixed> $cut
     * @param list<array{int, array<string, mixed>, int}> $guests
     */
    private function markOf(array $design, int $copies, array $cut, array $guests): string
    {
        return Mark::of(CodeEdition::whole(), $this->planner::class, $design, $copies, $cut, $guests);
    }

    /** @param list<array{int, array<string, mixed>, int}> $guests */
    private function worked(
        Project $project,
        Design $design,
        int $copies,
        AsCut $cut,
        array $guests,
        ?Blueprint $blueprint = null,
    ): WorkPlan {
        $others = [];
        foreach ($guests as $index => [$known, $guest, $count]) {
            try {
                $others[] = new Guest($index + 2, $known, $this->reader->fromArray($guest), $count);
            } catch (InvalidDesign) {
                // The shelf says what is wrong with it; the others are cut without it.
            }
        }

        $workshop = $this->workshop->with($this->turns->watched(new KeptPlans($project, $this->planner)));

        return $workshop->plan($design, $copies, $cut, $others, $blueprint);
    }
}
