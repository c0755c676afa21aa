<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Paper;
use App\Models\Project;
use Ephemeron\Design\Design;
use Ephemeron\Filling\Keepsake;
use Ephemeron\Paper\Choice;
use Ephemeron\Paper\SheetSpot;
use Ephemeron\Paper\Side;
use Ephemeron\Paper\Stock;
use Illuminate\Support\Str;

/** Presses on faces as changes of a design: this print, its other side, a quarter turn, or as usual again. */
final readonly class PrintsChosen
{
    public function __construct(private Project $project, private Design $design)
    {
    }

    /**
     * A paper of the drawer for these places; where it is chosen already, its other side.
     *
     * @param list<string> $places
     * @return array<string, mixed> by place in the design
     */
    public function choose(Paper $paper, array $places): array
    {
        [$key, $changes] = $this->print($paper);
        $said = $this->design->choices->said;
        foreach ($places as $place) {
            $now = $said[$place] ?? new Choice;
            $said[$place] = $now->paper !== $key ? new Choice($key)
                : $now->proposed(false)->showing($now->side === Side::B || $paper->sides === 'single' ? null : Side::B);
        }

        return $this->changes($said, $changes);
    }

    /**
     * The print a quarter further round; after a whole turn it runs as it comes.
     *
     * @param list<string> $places
     * @return array<string, mixed>
     */
    public function turn(array $places): array
    {
        $said = $this->design->choices->said;
        foreach ($places as $place) {
            $now = $said[$place] ?? new Choice;
            $said[$place] = $now->proposed(false)->turned(($now->turn ?? 0) === 3 ? null : ($now->turn ?? 0) + 1);
        }

        return $this->changes($said);
    }

    /**
     * @param list<string> $places
     * @return array<string, mixed>
     */
    public function clear(array $places): array
    {
        return $this->changes(array_diff_key($this->design->choices->said, array_flip($places)));
    }

    /**
     * @param array<string, Choice> $said
     * @param array<string, mixed> $changes what is changed besides
     * @return array<string, mixed>
     */
    public function changes(array $said, array $changes = []): array
    {
        $was = $this->design->choices->said;
        foreach ($said + $was as $place => $unused) {
            $choice = $said[$place] ?? null;
            if ($choice == ($was[$place] ?? null)) {
                continue;
            }
            $changes["choices.{$place}"] = $choice?->saysSomething() === true ? array_filter(
                [
                    'paper' => $choice->paper,
                    'side' => $choice->side?->value,
                    'turn' => $choice->turn,
                    'proposed' => $choice->isProposed ?: null,
                    'picture' => $choice->picture?->name,
                    'stacked' => $choice->picture?->isStacked === true ?: null,
                    'at' => $choice->spot === null ? null : $this->spot($choice->spot),
                ],
                static fn (mixed $value): bool => $value !== null,
            ) : null;
        }
        // Prints that nothing is cut from any more are forgotten; they stay in the drawer.
        $wanted = array_filter([
            ...array_values(array_map(static fn (Choice $choice): ?string => $choice->paper, $said)),
            ...array_values(array_map(static fn (Keepsake $one): ?string => $one->paper, $this->design->keepsakes)),
        ]);
        foreach (array_keys($this->design->choices->papers) as $key) {
            if (! in_array($key, $wanted, true)) {
                $changes["papers.{$key}"] = null;
            }
        }

        return $changes;
    }

    /**
     * @param bool $isCutApart whether sheets that are set aside are meant
     * @return array{string, array<string, mixed>} its key, and what makes it one of the design's papers where it is none yet
     */
    public function print(Paper $paper, bool $isCutApart = false): array
    {
        foreach ($this->design->choices->papers as $key => $stock) {
            if ($stock->drawer === (string) $paper->id) {
                return [$key, []];
            }
        }
        $key = Str::limit(Str::slug($paper->name), 30, '')."-{$paper->id}";
        // What this book has cut of it already it need not find there again.
        $there = clone $paper;
        $there->count += $paper->takenFor($this->project) - ($isCutApart ? 0 : $paper->keptBack());
        $notation = $this->design->notation();

        return [$key, ["papers.{$key}" => [...$there->material($notation), 'leftovers' => $there->leftoversFor($notation)]]];
    }

    /**
     * How many sheets of a paper there are for this book, where that has changed.
     *
     * @return array<string, mixed>
     */
    public function counted(Paper $paper): array
    {
        foreach ($this->design->choices->papers as $key => $stock) {
            $there = $paper->count + $paper->takenFor($this->project) - $paper->keptBack();
            if ($stock->drawer === (string) $paper->id && $stock->available !== $there) {
                return ["papers.{$key}.count" => $there];
            }
        }

        return [];
    }

    /** @return array<string, string|int|bool> */
    private function spot(SheetSpot $spot): array
    {
        $notation = $this->design->notation();

        return [
            'left' => $notation->exact($spot->left),
            'top' => $notation->exact($spot->top),
            'sheet' => $spot->sheet,
            'turned' => $spot->turned,
        ];
    }

    /** @return list<string> names of prints whose paper is not in the drawer any more */
    public function gone(): array
    {
        $ids = array_map(static fn (Stock $stock): ?string => $stock->drawer, $this->design->choices->papers);
        $there = Paper::query()->whereKey(array_filter($ids))->get()->map(static fn (Paper $paper): string => (string) $paper->id)->all();
        $gone = array_filter(
            $this->design->choices->papers,
            static fn (Stock $stock): bool => $stock->drawer !== null && ! in_array($stock->drawer, $there, true),
        );

        return array_values(array_map(static fn (Stock $stock): string => $stock->name, $gone));
    }
}
