<?php

declare(strict_types=1);

namespace App\Drawing;

use Ephemeron\Assembly\Job;
use Ephemeron\Bench\Step;
use Ephemeron\Bench\Words\Edges;
use Ephemeron\Blueprint\Act\Act;
use Ephemeron\Blueprint\Act\Glue;
use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\PanelRef;
use Ephemeron\Blueprint\Part;
use Ephemeron\Folding\Scene;
use Ephemeron\Folding\SceneBuilder;
use Ephemeron\Folding\ScenePose;
use Ephemeron\Format\Svg\LineKind;
use Ephemeron\Format\Svg\SvgDrawing;
use Ephemeron\Measure\Length;
use Ephemeron\Paper\Side;
use Ephemeron\WorkPlan;

/** The table at one step: the piece in hand with its glued side up, what lies there before it, and after. */
final readonly class TableDrawing
{
    private const GAP = 14.0;

    private SceneBuilder $scenes;

    public function __construct(private WorkPlan $plan, private Prints $prints = new Prints)
    {
        $this->scenes = $plan->scenes();
    }

    /** What is folded in it, or the first thing that is glued; none where nothing is. */
    public function draw(Step $step): ?SvgDrawing
    {
        $frames = $this->frames($step);

        return $frames === [] ? null : $this->sideBySide($frames, "Step {$step->number} on the table");
    }

    /** @return list<Frame> */
    private function frames(Step $step): array
    {
        $folded = $step->folds();
        if ($folded !== null) {
            return $this->folded($this->plan->blueprint->part($folded));
        }
        $glued = array_values(array_filter($step->acts, static fn (Act $act): bool => $act instanceof Glue));
        $joint = $glued[0]->joint ?? null;
        if ($joint === null) {
            return [];
        }
        $face = $joint->face === null ? null : $this->plan->blueprint->face($joint->face);

        // A second mat goes onto its first one while that lies on the table.
        return $face === null || $joint->onto->part !== $face->paper->part
            ? $this->panels($joint, $step, $glued)
            : $this->face($joint, $face, $step, $glued);
    }

    /** @param non-empty-list<Frame> $frames */
    private function sideBySide(array $frames, string $title): SvgDrawing
    {
        $widths = array_map(static fn (Frame $frame): float => $frame->size->width->inMillimetres(), $frames);
        $height = max(1.0, ...array_map(static fn (Frame $frame): float => $frame->size->height->inMillimetres(), $frames));
        // Wherever a still is fitted to, a label can be read: it takes its share of the width as of the height.
        $size = max(5.5, (array_sum($widths) + self::GAP * (count($frames) + 1)) / 30, $height / 14);
        // A label wants its room too: somewhat more than half its size for each letter.
        $slots = array_map(
            static fn (Frame $frame, float $own): float => max($own, 0.62 * $size * mb_strlen($frame->label)),
            $frames,
            $widths
        );
        $width = array_sum($slots) + self::GAP * (count($frames) + 1);
        $drawing = new SvgDrawing(0.0, 0.0, $width, $height + 4.5 * $size, $title);
        $x = self::GAP;
        foreach ($frames as $index => $frame) {
            $drawing->shifted(Length::micrometres((int) round(1000 * $x)), Length::micrometres((int) round(3000 * $size)), $frame->draw);
            $drawing->text($x, 1.7 * $size, $frame->label, $size, 'start');
            $x += $slots[$index] + self::GAP;
        }

        return $drawing;
    }

    /**
     * @param list<Glue> $glued
     * @return list<Frame>
     */
    private function face(Joint $joint, Face $face, Step $step, array $glued): array
    {
        $here = array_values(array_filter($glued, static fn (Glue $act): bool => $act->joint->face === $joint->face));
        $before = $this->before($step);
        $shown = fn (Lying $lying, bool $isNew): \Closure => function (SvgDrawing $drawing) use ($lying, $isNew, $face, $joint): void {
            (new FaceDrawing($this->plan->layout, [], $lying, $this->prints, ring: self::ring($drawing)))->draw($drawing, $face, $isNew);
            $drawing->rectangle($joint->contact(), [...LineKind::Hidden->attributes(), 'stroke-width' => '0.8']);
        };

        return [
            $this->inHand($joint),
            new Frame(Edges::face($face).', before', $face->size, $shown($before, false)),
            new Frame('after', $face->size, $shown($before->with($here), true)),
        ];
    }

    private function before(Step $step): Lying
    {
        return Lying::after($this->plan->blueprint, $this->done($step));
    }

    /** @return list<Job> what is done before a step */
    private function done(Step $step): array
    {
        $done = [];
        foreach ($this->plan->workings->jobs as $job) {
            if ($job->key === $step->key) {
                break;
            }
            $done[] = $job;
        }

        return $done;
    }

    /**
     * @param list<Glue> $glued
     * @return list<Frame>
     */
    private function panels(Joint $joint, Step $step, array $glued): array
    {
        $onto = $this->plan->blueprint->part($joint->onto->part);
        if ($joint->from->part === $joint->onto->part) {
            return [$this->inHand($joint)];
        }
        $made = [];
        foreach ($this->done($step) as $job) {
            array_push($made, ...$this->structural($job->acts));
        }
        $up = $this->sideUp($joint->onto, $made);
        $before = $this->still($this->scenes->onTheTable($onto->key, $made), $up, []);
        // A second mat goes onto a first one that may be for many faces: one of each is shown.
        $now = array_map(static fn (Glue $act): Joint => $act->joint, $joint->face === null ? $glued : [$glued[0]]);
        $after = $this->still($this->scenes->onTheTable($onto->key, [...$made, ...$now], $joint->face), $up, [$joint->from->part => true]);

        return [
            $this->inHand($joint),
            new Frame("onto {$onto->letter}, {$this->up($onto, $up)}", $before->size(), $before->draw(...)),
            new Frame('after', $after->size(), $after->draw(...)),
        ];
    }

    /**
     * The side that something is put on, unless it lies glued to the book: then the other one is up.
     *
     * @param list<Joint> $made
     */
    private function sideUp(PanelRef $onto, array $made): Side
    {
        foreach ($made as $joint) {
            if ($joint->from->part === $onto->part && $joint->from->side === $onto->side) {
                return $onto->side->other();
            }
        }

        return $onto->side;
    }

    /** @param array<string, true> $new keys of parts */
    private function still(Scene $scene, Side $up, array $new): SceneStill
    {
        return new SceneStill(ScenePose::of($scene, 0, $up === Side::B, SceneStill::LAYER), $new);
    }

    /**
     * @param list<Act> $acts
     * @return list<Joint> what they glue of the book itself, not what lies on its faces
     */
    private function structural(array $acts): array
    {
        $joints = array_map(static fn (Act $act): ?Joint => $act instanceof Glue ? $act->joint : null, $acts);

        return array_values(array_filter($joints, static fn (?Joint $joint): bool => $joint?->face === null && $joint !== null));
    }

    /** @return list<Frame> */
    private function folded(Part $part): array
    {
        $scene = $this->scenes->scene($part->key);
        if ($scene === null) {
            return [];
        }
        $still = new SceneStill(ScenePose::of($scene, count($scene->steps), layer: SceneStill::LAYER));
        $flat = function (SvgDrawing $drawing) use ($part): void {
            (new PartDrawing($this->plan->notation(), false))->bare($drawing, $part);
        };

        return [
            new Frame("{$part->letter}, letter down", $part->size, $flat),
            new Frame('folded', $still->size(), $still->draw(...)),
        ];
    }

    private function inHand(Joint $joint): Frame
    {
        $part = $this->plan->blueprint->part($joint->from->part);
        $with = $this->plan->design->schools->gluing->applied($joint->adhesive);

        return new Frame("{$part->letter}, {$this->up($part, $joint->from->side)}", $part->size, $this->piece($part, $joint->from, $with));
    }

    private function up(Part $part, Side $side): string
    {
        return $part->shows === $side ? 'letter down' : 'letter up';
    }

    /** The radius of a ring around a letter: as large beside a small piece as on a wide one, as a still is fitted to where it is shown. */
    private static function ring(SvgDrawing $still): float
    {
        return max(7.0, $still->size()[0] / 70, $still->size()[1] / 24);
    }

    /** Lying with this side up, the panel that is meant lit where it is glued. */
    private function piece(Part $part, PanelRef $panel, ?Adhesive $with): \Closure
    {
        return function (SvgDrawing $drawing) use ($part, $panel, $with): void {
            $width = $part->size->width->inMillimetres();
            $isBack = $panel->side === Side::B;
            $drawing->open('g', $isBack ? ['transform' => "translate({$width} 0) scale(-1 1)"] : ['class' => 'piece']);
            (new PartDrawing($this->plan->notation(), false))->bare($drawing, $part, $this->prints, $panel->side);
            $area = $part->panel($panel->panel)->area;
            if ($with !== null && $part->glueZones === []) {
                $drawing->hatch($area, $with === Adhesive::Tape);
            }
            $drawing->rectangle($area, [...LineKind::Outline->attributes(), 'stroke-width' => '0.9']);
            $drawing->close('g');
            $radius = min(self::ring($drawing), $part->size->shortSide()->inMillimetres() * 0.2);
            if ($part->shows !== $panel->side) {
                $drawing->ring(2.2 * $radius, 2.2 * $radius, $part->letter, $radius);
            }
        };
    }
}
