<?php

declare(strict_types=1);

namespace Ephemeron\Bench;

use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Caution;
use Ephemeron\Blueprint\Corner;
use Ephemeron\Blueprint\Crease;
use Ephemeron\Blueprint\Fold;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Task;
use Ephemeron\Cutting\Blank;
use Ephemeron\Cutting\CutStep;
use Ephemeron\Cutting\Offcut;
use Ephemeron\Cutting\Piece;
use Ephemeron\Cutting\SheetPattern;
use Ephemeron\Design\Decorating;
use Ephemeron\Fit\StockPlan;
use Ephemeron\Fit\Workings;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Notation;
use Ephemeron\Scoring\ScoresByHand;

/**
 * Turns workings into the steps of the work: cut all, sort by section, score all, slit, fold and burnish, notch,
 * then the structure's own tasks. Everything that is done to a part waits for the part.
 */
final readonly class WorkOrder
{
    private Notation $notation;

    public function __construct(private Workings $workings)
    {
        $this->notation = $workings->notation();
    }

    /** @return list<Step> */
    public function steps(): array
    {
        $cutting = $this->cutting();
        $cuts = array_map(strval(...), array_keys($cutting));
        $drafts = [...$cutting, ...$this->sorting($cuts), ...$this->shaping($cuts), ...$this->tasks()];
        $graph = new StepGraph;
        foreach ($drafts as $key => [$step, $after]) {
            $graph->add($key, $step->phase, $after);
        }
        $steps = [];
        foreach ($graph->inOrder() as $key) {
            $steps[] = $this->numbered($drafts[$key][0], count($steps) + 1);
        }

        return $steps;
    }

    /** @return array<string, array{Step, list<string>}> */
    private function cutting(): array
    {
        $drafts = [];
        foreach ($this->workings->stocks as $stock) {
            foreach ($stock->cuts->patterns as $pattern) {
                $key = $pattern->key;
                $lines = array_map(fn (CutStep $cut): string => $this->cutLine($cut, $stock), $pattern->steps());
                $drafts[$key] = [$this->step(
                    $key,
                    Phase::Cut,
                    $this->cutTitle($stock, $pattern),
                    match (true) {
                        $lines === [] => 'The sheet is used whole: nothing to cut.',
                        $stock->isByHand() => 'Board is cut with knife and metal ruler, one at a time, never in the trimmer.',
                        default => 'Set the fence, cut every piece that is alike, then move it.',
                    },
                    'Cutting',
                    places: $lines,
                    caution: $lines === [] ? null : ($stock->isByHand() ? Caution::Knife : Caution::Trimmer),
                    parts: $this->partsOf($pattern, $stock),
                    picture: Picture::sheet($key),
                ), ['practise']];
            }
        }

        return $drafts;
    }

    private function cutTitle(StockPlan $stock, SheetPattern $pattern): string
    {
        $letters = array_map(strval(...), array_keys($pattern->gives));
        $sheets = match (true) {
            $pattern->supply->isCutBefore() && $pattern->count === 1 => "the piece {$this->notation->size($pattern->supply->sheet)} that was cut before",
            $pattern->supply->isCutBefore() => "{$pattern->count} pieces {$this->notation->size($pattern->supply->sheet)} that were cut before",
            $pattern->supply->isLeftover && $pattern->count === 1 => "the leftover {$this->notation->size($pattern->supply->sheet)}",
            $pattern->supply->isLeftover => "{$pattern->count} leftovers {$this->notation->size($pattern->supply->sheet)}",
            $pattern->count === 1 => 'one sheet',
            default => "{$pattern->count} sheets alike",
        };

        return sprintf(
            '%s: cut %s into %s',
            $stock->stock->name,
            $sheets,
            $letters === [] ? 'what is kept for later' : implode(', ', $letters),
        );
    }

    private function cutLine(CutStep $cut, StockPlan $stock): string
    {
        $passes = $stock->passes($cut);
        $fence = $this->notation->text($cut->fence);

        return rtrim(sprintf(
            '%s: divide the %s of %s %s%s. It gives %s and %s. %s',
            match (true) {
                $stock->isByHand() => "Mark {$fence}",
                $cut->sameFence => "Same fence, {$fence}",
                default => "Fence {$fence}",
            },
            $cut->along->value,
            $cut->together === 1 ? 'the' : "{$cut->together} equal",
            $this->notation->size($cut->piece),
            $cut->together === 1 ? ' piece' : ' pieces, '.($passes->count() === 1 ? 'together' : "in {$passes->text()}"),
            $this->outcome($cut->first),
            $this->outcome($cut->second),
            $stock->isByHand() ? '' : $this->workings->trimmer()->advice($cut, $this->notation),
        ));
    }

    private function outcome(Piece $piece): string
    {
        return match (true) {
            $piece instanceof Blank => $piece->label(),
            $piece instanceof Offcut && $piece->selvage => 'the selvage strip',
            $piece instanceof Offcut => 'an offcut '.$this->notation->size($piece->area()->size),
            default => 'a piece '.$this->notation->size($piece->area()->size).' to cut on',
        };
    }

    /** @return list<string> */
    private function partsOf(SheetPattern $pattern, StockPlan $stock): array
    {
        return array_keys(
            array_filter($this->workings->blueprint->parts, static fn (Part $part): bool => isset($pattern->gives[$part->letter])),
        );
    }

    /**
     * @param list<string> $cuts keys of the cutting steps
     * @return array<string, array{Step, list<string>}>
     */
    private function sorting(array $cuts): array
    {
        $places = [];
        foreach ($this->workings->blueprint->sections() as $section => $parts) {
            $pieces = array_map(
                fn (Part $part): string => trim(
                    sprintf('%s%s %s', $this->count($part) > 1 ? "{$this->count($part)} " : '', $part->letter, $this->where($part)),
                ),
                $parts,
            );
            $places[] = "{$section}: ".implode(', ', $pieces);
        }
        if ($this->workings->blueprint->pieces() < 2) {
            return [];
        }

        return ['sort' => [$this->step(
            'sort',
            Phase::Sort,
            'Clip the pieces of each section together',
            'Pencil the letter on the back of each piece and clip the sections; pieces of two sections look alike and are not.',
            'Cutting',
            places: $places,
            picture: Picture::sections(),
        ), $cuts]];
    }

    /** `(page 1)`. */
    private function where(Part $part): string
    {
        $places = PlacesInShort::of($part->places);

        return $places === '' ? '' : "({$places})";
    }

    /**
     * Scoring, slitting, folding and notching, part by part.
     *
     * @param list<string> $cuts keys of the cutting steps
     * @return array<string, array{Step, list<string>}>
     */
    private function shaping(array $cuts): array
    {
        $drafts = [];
        foreach ($this->workings->blueprint->parts as $part) {
            $before = ['sort', ...$cuts];
            foreach ([
                $this->scoring($part),
                $this->slitting($part),
                $this->cuttingAway($part),
                $this->folding($part),
                $this->notching($part),
                $this->trimming($part),
            ] as $step) {
                if ($step !== null) {
                    $drafts[$step->key] = [$step, $before];
                    $before = [$step->key];
                }
            }
        }

        return $drafts;
    }

    private function scoring(Part $part): ?Step
    {
        $plan = $this->workings->scores[$part->key] ?? null;
        if ($plan === null) {
            return null;
        }
        $off = array_filter($plan->lines(), static fn ($line): bool => ! $line->isOnGroove());
        $lines = array_map(fn ($line): string => sprintf(
            '%s is between grooves: %s past the groove at %s.',
            $this->notation->exact($line->at),
            $this->notation->exact($line->past()),
            $this->notation->text($line->groove ?? $line->at),
        ), array_values($off));
        array_push($lines, ...(new ScoresByHand($part, $this->notation))->sentences());

        return $this->step(
            "score-{$part->key}",
            Phase::Score,
            "Score {$this->named($part)}",
            $plan->sentence($this->notation),
            $part->section,
            lines: $lines,
            parts: [$part->key],
            picture: Picture::part($part->key),
        );
    }

    private function cuttingAway(Part $part): ?Step
    {
        if ($part->cutAways === []) {
            return null;
        }
        $lines = [];
        foreach ($part->cutAways as $area) {
            $bounds = $area->bounds();
            $lines[] = sprintf(
                '%s from the left, %s from the top: %s%s.',
                $this->notation->text($bounds->left()),
                $this->notation->text($bounds->top()),
                $this->notation->size($bounds->size),
                count($area->corners) === 4 ? '' : ', aslant as drawn',
            );
        }

        return $this->step(
            "cut-away-{$part->key}",
            Phase::Slit,
            "Cut the areas out of {$this->named($part)}",
            'Along the scores, with scissors or with knife and metal ruler. What comes away is left blank in the drawing.',
            $part->section,
            lines: $lines,
            caution: Caution::Knife,
            parts: [$part->key],
            picture: Picture::part($part->key),
        );
    }

    private function trimming(Part $part): ?Step
    {
        if ($part->corners === []) {
            return null;
        }
        $first = $part->corners[0];
        $where = count($part->corners) === 4
            ? 'all four'
            : implode(
                ' and ',
                array_map(static fn (Corner $corner): string => "{$corner->upper->value} {$corner->side->value}", $part->corners),
            );

        return $this->step(
            "trim-{$part->key}",
            Phase::Notch,
            "{$first->trim->verb()} the corners of {$this->named($part)}",
            sprintf(
                '%s, %s. Now, while the piece is single: afterwards the punch does not reach.',
                ucfirst($where),
                $this->notation->text($first->reach),
            ),
            $part->section,
            parts: [$part->key],
            picture: Picture::part($part->key),
        );
    }

    private function slitting(Part $part): ?Step
    {
        if ($part->slits === []) {
            return null;
        }
        $lines = [];
        foreach ($part->slits as $slit) {
            $along = $slit->line->along();
            $from = $along === Axis::Height ? $slit->line->from->x : $slit->line->from->y;
            $to = $along === Axis::Height ? $slit->line->to->x : $slit->line->to->y;
            $at = $along === Axis::Height ? $slit->line->from->y : $slit->line->from->x;
            $lines[] = sprintf(
                '%s from the %s: from %s to %s (%s long).',
                $this->notation->text($at),
                $along === Axis::Height ? 'top' : 'left',
                $this->notation->number($from),
                $this->notation->text($to),
                $this->notation->text($slit->line->length()),
            );
        }

        return $this->step(
            "slit-{$part->key}",
            Phase::Slit,
            "Slit {$this->named($part)}",
            'Along the scores, from one edge and not through: stop exactly at the crossing score.',
            $part->section,
            lines: $lines,
            caution: Caution::Knife,
            parts: [$part->key],
            picture: Picture::part($part->key),
        );
    }

    private function folding(Part $part): ?Step
    {
        if ($part->creases === [] || $this->hasFoldTask($part)) {
            return null;
        }
        $folds = array_unique(array_map(static fn (Crease $crease): string => $crease->fold->value, $part->creases));
        $way = match ($folds) {
            [Fold::Valley->value] => 'All folds are valleys, seen from side A.',
            [Fold::Mountain->value] => 'All folds are mountains, seen from side A.',
            default => 'Valleys and mountains as drawn, seen from side A.',
        };

        return $this->step(
            "fold-{$part->key}",
            Phase::Fold,
            "Fold and burnish {$this->named($part)}",
            "{$way} Bring the edges level above and below before you press, then burnish.",
            $part->section,
            parts: [$part->key],
            picture: Picture::part($part->key),
        );
    }

    private function hasFoldTask(Part $part): bool
    {
        foreach ($this->workings->blueprint->tasks as $task) {
            if ($task->phase === Phase::Fold && in_array($part->key, $task->parts, true)) {
                return true;
            }
        }

        return false;
    }

    private function notching(Part $part): ?Step
    {
        if ($part->notches === []) {
            return null;
        }
        $count = count($part->notches) * $this->count($part);

        return $this->step(
            "notch-{$part->key}",
            Phase::Notch,
            "Punch the notches of {$this->named($part)}",
            sprintf(
                '%s of %s: half the circle at the middle of the opening, through one layer only. Now, before anything is glued: afterwards the punch goes through both layers. Ink the edges now too, if you ink.',
                $count === 1 ? 'One thumb notch' : "{$count} thumb notches",
                $this->notation->text($part->notches[0]->diameter),
            ),
            $part->section,
            parts: [$part->key],
            picture: Picture::part($part->key),
        );
    }

    /** @return array<string, array{Step, list<string>}> */
    private function tasks(): array
    {
        $drafts = [];
        foreach ($this->workings->blueprint->tasks as $task) {
            $gluing = $this->workings->design->schools->gluing;
            $aside = $gluing->aside($task->adhesive);
            $drafts[$task->key] = [$this->step(
                $task->key,
                $this->phaseOf($task),
                $task->title,
                $task->text,
                $task->section,
                $gluing->applied($task->adhesive),
                lines: $aside === null ? [] : [$aside],
                caution: $task->caution,
                parts: $task->parts,
                places: $task->places,
                picture: $this->pictureOf($task),
            ), [...$task->after, ...$this->shapingOf($task)]];
        }

        return $drafts;
    }

    /** Binding moves before or behind the decorating as the maker likes; the rest stays where its structure put it. */
    private function phaseOf(Task $task): Phase
    {
        return match (true) {
            ! $task->binds => $task->phase,
            $this->workings->design->schools->decorating === Decorating::First => Phase::Finish,
            $this->workings->design->schools->decorating === Decorating::Last => Phase::Assemble,
            default => $task->phase,
        };
    }

    private function pictureOf(Task $task): Picture
    {
        return match (true) {
            $task->face !== null => Picture::face($task->face),
            $task->parts !== [] => Picture::part($task->parts[0]),
            $task->drawn !== null => Picture::part($task->drawn),
            default => Picture::none(),
        };
    }

    /** @return list<string> what must have been done to the parts of a task */
    private function shapingOf(Task $task): array
    {
        $before = $task->phase === Phase::Prepare ? [] : ['sort'];
        foreach ($task->parts as $part) {
            array_push($before, "score-{$part}", "slit-{$part}", "cut-away-{$part}");
            if ($task->phase !== Phase::Fold) {
                array_push($before, "fold-{$part}", "notch-{$part}", "trim-{$part}");
            }
        }

        return $before;
    }

    private function named(Part $part): string
    {
        $count = $this->count($part);

        return ($count === 1 ? '' : "all {$count} of ")."{$part->letter}, ".lcfirst($part->name);
    }

    /** How many pieces there are, of all books that are made together. */
    private function count(Part $part): int
    {
        return $part->quantity * $this->workings->copies;
    }

    /**
     * @param list<string> $lines
     * @param list<string> $parts
     * @param list<string> $places
     */
    private function step(
        string $key,
        Phase $phase,
        string $title,
        string $text,
        string $section,
        Adhesive $adhesive = Adhesive::None,
        array $lines = [],
        ?Caution $caution = null,
        array $parts = [],
        array $places = [],
        ?Picture $picture = null,
    ): Step {
        return new Step(
            $key,
            0,
            $phase,
            $title,
            $text,
            $lines,
            $section,
            $adhesive,
            $caution,
            $parts,
            $places,
            $picture ?? Picture::none(),
        );
    }

    private function numbered(Step $step, int $number): Step
    {
        return new Step(
            $step->key,
            $number,
            $step->phase,
            $step->title,
            $step->text,
            $step->lines,
            $step->section,
            $step->adhesive,
            $step->caution,
            $step->parts,
            $step->places,
            $step->picture,
        );
    }
}
