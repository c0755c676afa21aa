<?php

declare(strict_types=1);

namespace Ephemeron\Scoring;

use Ephemeron\Blueprint\Crease;
use Ephemeron\Blueprint\Panel;
use Ephemeron\Blueprint\Part;
use Ephemeron\Design\ScoringSchool;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Unit;

/**
 * Where the sixteenth goes that a sloppy cut leaves: scored from one end the last panel takes it, scored from both ends the panel in the
 * middle. Where the outer panels must be equal, that decides how to score.
 */
final readonly class ErrorBudget
{
    /**
     * @param list<string> $panels along the side, from the left or the top
     * @param bool $outerEqual the first and the last panel are drawn equal
     */
    private function __construct(public Axis $along, private array $panels, private int $middle, public bool $outerEqual)
    {
    }

    /** @return list<self> one for every side that is scored */
    public static function of(Part $part): array
    {
        $budgets = [];
        foreach (Axis::cases() as $along) {
            $places = [];
            foreach ($part->creases as $crease) {
                if ($crease->along() === $along) {
                    $places[$crease->at()->ticks] = true;
                }
            }
            if ($places === []) {
                continue;
            }
            $whole = $part->size->along($along)->ticks;
            $ends = [0, ...array_keys($places), $whole];
            sort($ends);
            $names = [];
            $middle = 0;
            for ($k = 0; $k < count($ends) - 1; $k++) {
                $names[] = self::name($part, $along, $ends[$k], $ends[$k + 1], $k + 1);
                $middle = 2 * $ends[$k] < $whole && $whole <= 2 * $ends[$k + 1] ? $k : $middle;
            }
            $last = count($ends) - 1;
            $budgets[] = new self($along, $names, $middle, $ends[1] - $ends[0] === $ends[$last] - $ends[$last - 1]);
        }

        return $budgets;
    }

    public function taker(ScoringSchool $school): string
    {
        return $school === ScoringSchool::Turn ? $this->panels[$this->middle] : $this->panels[count($this->panels) - 1];
    }

    /** The way that keeps equal what must be; null where it does not matter. */
    public function better(): ?ScoringSchool
    {
        return $this->outerEqual && $this->taker(ScoringSchool::Turn) !== $this->taker(ScoringSchool::Absolute) ? ScoringSchool::Turn
            : null;
    }

    public function text(ScoringSchool $school, Notation $notation): string
    {
        // What a sloppy cut leaves (common practice, no published source).
        $error = $notation->unit === Unit::Inch ? Length::inches(0, 1, 16) : Length::millimetres(2);
        $taken = sprintf(
            'Cut %s off true along the %s, the %s takes it',
            $notation->text($error),
            $this->along->value,
            $this->taker($school),
        );
        $better = $this->better();
        if ($better === null) {
            return "{$taken}.";
        }

        return $school === $better
            ? "{$taken}, and the {$this->panels[0]} and the {$this->panels[count($this->panels) - 1]} stay equal."
            : sprintf(
                '%s, and is no longer equal to the %s. Scored from both ends (turn), the %s takes it and they stay equal.',
                $taken,
                $this->panels[0],
                $this->taker($better),
            );
    }

    private static function name(Part $part, Axis $along, int $from, int $to, int $number): string
    {
        foreach ($part->panels as $panel) {
            [$begin, $end] = $along === Axis::Width ? [$panel->area->left(), $panel->area->right()]
                : [$panel->area->top(), $panel->area->bottom()];
            if ($begin->equals(Length::ofTicks($from)) && $end->equals(Length::ofTicks($to)) && count(
                array_filter($part->creases, static fn (Crease $crease): bool => $crease->along() !== $along),
            ) === 0) {
                $name = $panel->name === '' ? Panel::inWords($panel->key) : $panel->name;

                return str_ends_with($name, 'panel') ? $name : "{$name} panel";
            }
        }

        return sprintf('%s panel', ['first', 'second', 'third', 'fourth', 'fifth', 'sixth'][$number - 1] ?? "{$number}th");
    }
}
