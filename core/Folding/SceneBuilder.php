<?php

declare(strict_types=1);

namespace Ephemeron\Folding;

use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\Lie;
use Ephemeron\Blueprint\Part;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Paper\Side;

/** Makes scenes of a blueprint: one for every part that is scored, and one for the book, as far as its parts are glued to each other. */
final class SceneBuilder
{
    /** Key of the scene in which the book is put together and shut. */
    public const BOOK = 'book';

    /** More pieces than this on the pages are not shown: the folding is what one looks at. */
    private const MOST_PIECES = 160;

    /** @var array<string, FoldedSheet> */
    private array $folded = [];

    /** @var array<string, string> what is seen of a panel, by part, panel and side */
    private array $seen = [];

    private int $pieces = 0;

    /** @var list<SceneStep> */
    private array $steps = [];

    /** @var array<string, int> number of the step in which it is glued, by task */
    private array $numbers = [];

    /** @param list<string> $order keys of the tasks as hands do them; without it the book is glued from its outside inwards */
    public function __construct(
        private readonly Blueprint $blueprint,
        private readonly Notation $notation,
        private readonly array $order = [],
    ) {
        foreach ($blueprint->pages() as $face) {
            $this->seen["{$face->paper->part}/{$face->paper->panel}/{$face->paper->side->value}"] ??= $face->shortName();
        }
    }

    /** @return array<string, string> names of the scenes there are, by key */
    public function names(): array
    {
        $names = [];
        if ($this->bookRoot() !== null) {
            $names[self::BOOK] = 'The book';
        }
        foreach ($this->blueprint->parts as $key => $part) {
            if ($part->creases !== []) {
                $names[(string) $key] = "{$part->letter} · {$part->name}";
            }
        }

        return $names;
    }

    /** One of those; null if there is none of that name. */
    public function scene(string $key): ?Scene
    {
        $this->pieces = 0;
        $this->steps = [];
        if ($key === self::BOOK) {
            return $this->book();
        }
        $part = $this->blueprint->parts[$key] ?? null;
        if ($part === null || $part->creases === []) {
            return null;
        }
        $folded = $this->foldedSheet($part);
        foreach ($folded->moves as $move) {
            $this->steps[] = new SceneStep($move->number, 'fold', $this->foldInWords($folded, $move));
        }

        return new Scene(
            $key,
            "{$part->letter} · {$part->name}",
            $this->node($part, $folded, $folded->base, null, $this->stepsByEdge($folded, 0), null, []),
            $this->steps,
            $folded->problems,
        );
    }

    /** @return int|null number of the step of the whole book in which this task glues something on; null where it glues nothing on */
    public function gluedAt(string $task): ?int
    {
        $root = $this->bookRoot();
        $joints = $root === null ? [] : $this->attached($root, $this->blueprint->all(Joint::class));
        $found = array_search($task, array_keys($this->glueSteps($joints)), true);

        return $found === false ? null : $found + 1;
    }

    /**
     * A part flat on the table with what is glued to it by then, and with what that is glued to.
     *
     * @param list<Joint> $made
     * @param string|null $page for which of several alike it is, where what is glued on depends on that: key of a face
     */
    public function onTheTable(string $root, array $made, ?string $page = null): Scene
    {
        $this->pieces = 0;
        $this->numbers = [];
        $part = $this->blueprint->part($root);
        $folded = $this->foldedSheet($part);

        return new Scene(
            $root,
            "{$part->letter} · {$part->name}",
            $this->node($part, $folded, $folded->base, null, [], null, $this->attached($root, $made), page: $page),
            [],
            [],
        );
    }

    public function foldedSheet(Part $part): FoldedSheet
    {
        return $this->folded[$part->key] ??= (new Folder)->fold(CreasePattern::of($part));
    }

    private function book(): ?Scene
    {
        $root = $this->bookRoot();
        if ($root === null) {
            return null;
        }
        $joints = $this->attached($root, $this->blueprint->all(Joint::class));
        $this->numbers = [];
        foreach ($this->glueSteps($joints) as $task => $text) {
            $this->numbers[$task] = count($this->steps) + 1;
            $this->steps[] = new SceneStep($this->numbers[$task], 'glue', $text);
        }
        $glued = count($this->steps);
        $most = 0;
        $problems = [];
        $parts = array_values(array_unique([$root, ...array_map(static fn (array $attached): string => $attached[1], $joints)]));
        foreach ($parts as $part) {
            $folded = $this->foldedSheet($this->blueprint->part($part));
            $most = max($most, count($folded->moves));
            array_push($problems, ...$folded->problems);
        }
        for ($k = 1; $k <= $most; $k++) {
            $this->steps[] = new SceneStep($glued + $k, 'fold', $this->foldsTogether($parts, $k));
        }
        $part = $this->blueprint->part($root);
        $folded = $this->foldedSheet($part);

        return new Scene(
            self::BOOK,
            'The book',
            $this->node($part, $folded, $folded->base, null, $this->stepsByEdge($folded, $glued), null, $joints, $glued),
            $this->steps,
            array_values(array_unique($problems)),
        );
    }

    /** The part that more is glued to than to any other, among those that fold. */
    private function bookRoot(): ?string
    {
        $counts = [];
        foreach ($this->blueprint->all(Joint::class) as $joint) {
            if ($joint->from->part !== $joint->onto->part && ($this->blueprint->parts[$joint->onto->part] ?? null)?->creases !== []) {
                $counts[$joint->onto->part] = ($counts[$joint->onto->part] ?? 0) + 1 + ($joint->layer === Layer::Structure ? 100 : 0);
            }
        }
        // What lies outermost: nothing of the structure is glued on by it.
        foreach ($this->blueprint->all(Joint::class) as $joint) {
            if ($joint->layer === Layer::Structure && $joint->from->part !== $joint->onto->part
                && isset($counts[$joint->from->part], $counts[$joint->onto->part])) {
                $counts[$joint->from->part] -= 1000;
            }
        }
        $single = array_filter(
            $counts,
            fn (int $count, string $key): bool => ($this->blueprint->parts[$key] ?? null)?->quantity === 1,
            ARRAY_FILTER_USE_BOTH,
        );
        arsort($single);

        return $single === [] ? null : (string) array_key_first($single);
    }

    /**
     * Joints through which everything hangs on the root, in the order in which they are found.
     *
     * @param list<Joint> $left
     * @return list<array{Joint, string, bool}> the joint, the part it brings, and whether that part is the one that is glued (and not the
     *     one it is glued to)
     */
    private function attached(string $root, array $left): array
    {
        $placed = [$root => true];
        $attached = [];
        // One of many goes onto each place once, and not onto what hangs on another of its own.
        $carries = [];
        $hangsOn = [];
        do {
            $before = count($attached);
            foreach ($left as $index => $joint) {
                [$from, $onto] = [$joint->from->part, $joint->onto->part];
                $isMany = ($this->blueprint->parts[$from] ?? null)?->quantity > 1 || $this->blueprint->parts[$from]->creases === [];
                if ($from === $onto || count($attached) >= self::MOST_PIECES) {
                    unset($left[$index]);
                } elseif (isset($placed[$onto]) && ($isMany || ! isset($placed[$from]))) {
                    unset($left[$index]);
                    $place = "{$from} {$onto} {$joint->onto->panel}";
                    if ($joint->face === null && (isset($carries[$place]) || isset($hangsOn["{$onto} {$from}"]))) {
                        continue;
                    }
                    $carries[$place] = true;
                    $attached[] = [$joint, $from, true];
                    $placed[$from] = true;
                } elseif (isset($placed[$from]) && ! isset($placed[$onto]) && $joint->layer === Layer::Structure) {
                    $attached[] = [$joint, $onto, false];
                    $placed[$onto] = true;
                    $hangsOn["{$onto} {$from}"] = true;
                    unset($left[$index]);
                }
            }
        } while (count($attached) > $before);

        return $attached;
    }

    /**
     * @param list<array{Joint, string, bool}> $joints
     * @return array<string, string> what is done, by task, as hands do it
     */
    private function glueSteps(array $joints): array
    {
        $steps = [];
        foreach ($joints as [$joint]) {
            $steps[$joint->task] ??= ($this->blueprint->tasks[$joint->task] ?? null)->title
                ?? 'Glue on '.$this->blueprint->part($joint->from->part)->called();
        }
        $ranks = array_flip($this->order);
        uksort($steps, static fn (string $one, string $other): int => ($ranks[$one] ?? 0) <=> ($ranks[$other] ?? 0));

        return $steps;
    }

    /** @param list<string> $parts */
    private function foldsTogether(array $parts, int $number): string
    {
        $said = [];
        foreach ($parts as $part) {
            $folded = $this->foldedSheet($this->blueprint->part($part));
            $move = $folded->moves[$number - 1] ?? null;
            if ($move !== null) {
                $said[$this->foldInWords($folded, $move)] = true;
            }
        }

        return implode(' ', array_slice(array_keys($said), 0, 2)).(count($said) > 2 ? ' The other sheets alike.' : '');
    }

    /** @return array<int, int> number of the step by edge */
    private function stepsByEdge(FoldedSheet $folded, int $before): array
    {
        $steps = [];
        foreach ($folded->moves as $move) {
            foreach ($move->hinges as $edge) {
                $steps[$edge] = $before + $move->number;
            }
        }

        return $steps;
    }

    /**
     * @param array<int, int> $steps by edge
     * @param array{dx: int, dy: int, quarters: int, over: bool, behind: bool, step: int, px: int, py: int}|null $glued
     * @param array<int, array{Joint, string, bool}> $joints
     * @param array<int, array{int, Hinge}>|null $parents
     */
    private function node(
        Part $part,
        FoldedSheet $folded,
        int $face,
        ?Hinge $hinge,
        array $steps,
        ?array $glued,
        array $joints,
        int $gluedSteps = 0,
        ?array $parents = null,
        int $base = -1,
        ?string $page = null,
    ): SceneNode {
        $this->pieces++;
        $parents ??= HingeTree::from($folded->hinges, $face);
        $base = $base < 0 ? $face : $base;
        $pattern = $folded->pattern;
        $children = [];
        foreach ($parents as $child => [$parent, $score]) {
            if ($parent === $face) {
                $children[] = $this->node($part, $folded, $child, $score, $steps, null, $joints, $gluedSteps, $parents, $base, $page);
            }
        }
        $panel = $part->panels === [] && $part->creases === [] ? 'whole' : $pattern->faces[$face]->panel ?? 'whole';
        array_push($children, ...$this->whatIsGluedOn($part, $panel, $joints, $gluedSteps, $page));
        $edge = $hinge === null ? null : $pattern->edges[$hinge->edge];
        $parentFace = $parents[$face][0] ?? null;
        $outline = $pattern->faces === [] ? null : $pattern->outline($face);

        return new SceneNode(
            $part,
            $panel,
            $outline ?? [
                [0, 0],
                [$part->size->width->ticks, 0],
                [$part->size->width->ticks, $part->size->height->ticks],
                [0, $part->size->height->ticks],
            ],
            $pattern->faces === [] ? [] : $pattern->windows($face),
            $edge === null ? null : [$pattern->vertices[$edge->from], $pattern->vertices[$edge->to]],
            $hinge === null || $parentFace === null ? 0 : FoldAngles::turn($pattern, $hinge, $parentFace),
            $hinge === null ? 0 : $steps[$hinge->edge] ?? 0,
            $this->lift($folded, $face, $base),
            $glued,
            array_filter(['A' => $this->label($part, $panel, Side::A), 'B' => $this->label($part, $panel, Side::B)]),
            array_values(
                array_filter(
                    $part->glueZones,
                    static fn ($zone): bool => self::isWithin(
                        $outline ?? [],
                        $zone->area->left()->ticks + intdiv($zone->area->width()->ticks, 2),
                        $zone->area->top()->ticks + intdiv($zone->area->height()->ticks, 2),
                    ),
                ),
            ),
            $children,
        );
    }

    /** Layers between it and what is held, seen from its own side A. */
    private function lift(FoldedSheet $folded, int $face, int $base): int
    {
        if ($face === $base || $folded->layers === []) {
            return 0;
        }
        $layers = $folded->layerOf($face) - $folded->layerOf($base);

        return $folded->places[$base]->isTurnedOver() === $folded->places[$face]->isTurnedOver() ? $layers : -$layers;
    }

    /**
     * @param array<int, array{Joint, string, bool}> $joints
     * @return list<SceneNode>
     */
    private function whatIsGluedOn(Part $part, string $panel, array $joints, int $gluedSteps, ?string $page): array
    {
        $children = [];
        foreach ($joints as $index => [$joint, $brings, $isGlued]) {
            $here = $isGlued ? $joint->onto : $joint->from;
            // Of several alike each carries what belongs to its own page.
            if ($part->quantity > 1 && $joint->face !== $page) {
                continue;
            }
            if ($here->part !== $part->key || ! $this->isPanel($here->panel, $panel) || $this->pieces >= 4 * self::MOST_PIECES) {
                continue;
            }
            $other = $this->blueprint->part($brings);
            $there = $isGlued ? $joint->from : $joint->onto;
            $rest = $joints;
            unset($rest[$index]);
            $folded = $this->foldedSheet($other);
            $base = $folded->pattern->faceOf($there->panel) ?? $folded->base;
            $children[] = $this->node(
                $other,
                $folded,
                $base,
                null,
                $this->stepsByEdge($folded, $gluedSteps),
                $this->glued($joint, $part, $other, $isGlued, $this->numbers[$joint->task] ?? 0),
                $rest,
                $gluedSteps,
                page: $joint->face,
            );
        }

        return $children;
    }

    private function isPanel(string $wanted, string $panel): bool
    {
        return $wanted === $panel || $wanted === 'whole';
    }

    /**
     * How the sheet of the part that comes lies on the sheet of the part that is there.
     *
     * @return array{dx: int, dy: int, quarters: int, over: bool, behind: bool, step: int, px: int, py: int}
     */
    private function glued(Joint $joint, Part $here, Part $comes, bool $isGlued, int $step): array
    {
        $onto = $this->blueprint->part($joint->onto->part)->panel($joint->onto->panel)->area;
        $from = $this->blueprint->part($joint->from->part)->panel($joint->from->panel)->area;
        $lie = $this->lieBelow($joint);
        // The glued side looks at the other: equal sides mean that one is turned over.
        $over = $joint->from->side === $joint->onto->side;
        $quarters = match ($joint->onto->side === Side::A ? $lie : $lie->over(Edge::Left)) {
            Lie::Upright => $this->quarters($joint),
            Lie::HeadLeft => 1,
            Lie::UpsideDown => 2,
            Lie::HeadRight => 3,
        };
        $middle = $this->middleOn($onto, $joint, $lie);
        $own = $this->shutOver($joint) ?? self::middle($this->held($joint, $from));
        // The middles of what is glued and of its place come together, whichever of the two comes.
        [$target, $mine] = $isGlued ? [$middle, $own] : [$own, $middle];

        return [
            'dx' => $target[0] - $mine[0],
            'dy' => $target[1] - $mine[1],
            // Taken back behind a mirror a turn goes the same way round, otherwise the other.
            'quarters' => $isGlued || $over ? $quarters : (4 - $quarters) % 4,
            'over' => $over,
            'behind' => ($isGlued ? $joint->onto->side : $joint->from->side) === Side::B,
            'step' => $step,
            'px' => $mine[0],
            'py' => $mine[1],
        ];
    }

    /** How the sheet that something is put on lies before the reader; what lies on it already is upright. */
    private function lieBelow(Joint $joint): Lie
    {
        $face = $joint->face === null ? null : $this->blueprint->faces[$joint->face] ?? null;

        return $face === null || $face->paper->part !== $joint->onto->part ? Lie::Upright : $face->lie;
    }

    /**
     * The middle of the place that is given, on the sheet it is on.
     *
     * @return array{int, int} in ticks
     */
    private function middleOn(Rectangle $panel, Joint $joint, Lie $lie): array
    {
        [$x, $y] = self::middle($joint->area);
        [$width, $height] = [$panel->width()->ticks, $panel->height()->ticks];
        foreach ($joint->face === null ? [] : $this->blueprint->on($joint->face) as $lower) {
            // A face's measures are those of its paper, also for what goes onto a layer that lies there.
            if ($lower !== $joint && $lower->from->part === $joint->onto->part) {
                [$x, $y] = [$x - $lower->area->left()->ticks, $y - $lower->area->top()->ticks];
            }
        }
        [$x, $y] = match ($lie) {
            Lie::Upright => [$x, $y],
            Lie::UpsideDown => [$width - $x, $height - $y],
            Lie::HeadLeft => [$width - $y, $x],
            Lie::HeadRight => [$y, $height - $x],
        };

        return [$joint->onto->side === Side::A ? $panel->left()->ticks + $x : $panel->right()->ticks - $x, $panel->top()->ticks + $y];
    }

    /** Quarters clockwise by which a piece is turned on what it is put on, looking at that sheet's side A. */
    private function quarters(Joint $joint): int
    {
        if ($joint->by === null || $joint->towards === null) {
            return 0;
        }
        $clockwise = [Edge::Top, Edge::Right, Edge::Bottom, Edge::Left];
        $isMirrored = $joint->from->side === $joint->onto->side && $joint->by->isUpright();
        $looks = $isMirrored ? $joint->by->opposite() : $joint->by;

        return (4 + (int) array_search($joint->towards, $clockwise, true) - (int) array_search($looks, $clockwise, true)) % 4;
    }

    /** What of a panel is held by the joint: all of it, or a strip as broad as the place that it is given. */
    private function held(Joint $joint, Rectangle $panel): Rectangle
    {
        if ($joint->by === null) {
            return $panel;
        }
        $along = $joint->towards ?? $joint->by;
        $size = $joint->area->size();

        return $panel->strip($joint->by, $along->isUpright() ? $size->width : $size->height);
    }

    /** @return array{int, int} in ticks */
    private static function middle(Rectangle $area): array
    {
        return [$area->left()->ticks + intdiv($area->width()->ticks, 2), $area->top()->ticks + intdiv($area->height()->ticks, 2)];
    }

    /**
     * A flap is glued by its tab, and its joint tells where it lies when it is shut: the middle of the shut flap on the sheet of its part,
     * as long as its tab stays where it is.
     *
     * @return array{int, int}|null null for what is glued by all of its panel
     */
    private function shutOver(Joint $joint): ?array
    {
        $part = $this->blueprint->part($joint->from->part);
        if ($joint->by !== null || $part->panel($joint->from->panel)->area->size()->equals($joint->area->size())) {
            return null;
        }
        $folded = $this->foldedSheet($part);
        $tab = $folded->pattern->faceOf($joint->from->panel);
        foreach ($part->panels as $panel) {
            $flap = $folded->pattern->faceOf($panel->key);
            if ($tab === null || $flap === null || $flap === $tab || ! $panel->area->size()->equals($joint->area->size())) {
                continue;
            }
            $place = $folded->places[$tab]->inverse()->after($folded->places[$flap]);
            [$x, $y] = $place->apply(
                $panel->area->left()->ticks + intdiv($panel->area->width()->ticks, 2),
                $panel->area->top()->ticks + intdiv($panel->area->height()->ticks, 2),
            );

            return [(int) round($x), (int) round($y)];
        }

        return null;
    }

    private function label(Part $part, string $panel, Side $side): string
    {
        return $this->seen["{$part->key}/{$panel}/{$side->value}"] ?? '';
    }

    /** @param list<array{int, int}> $outline */
    private static function isWithin(array $outline, int $x, int $y): bool
    {
        if ($outline === []) {
            return true;
        }

        return min(array_column($outline, 0)) <= $x && $x <= max(array_column($outline, 0)) && min(array_column($outline, 1)) <= $y
            && $y <= max(array_column($outline, 1));
    }

    private function foldInWords(FoldedSheet $folded, FoldMove $move): string
    {
        $edge = $folded->pattern->edges[$move->hinges[0]];
        $hinge = $folded->hinges[$move->hinges[0]];
        [$ax, $ay] = $folded->pattern->vertices[$edge->from];
        [$bx, $by] = $folded->pattern->vertices[$edge->to];
        $where = match (true) {
            $ax === $bx => 'the score at '.$this->notation->text(Length::ofTicks($ax)).' from the left',
            $ay === $by => 'the score at '.$this->notation->text(Length::ofTicks($ay)).' from the head',
            default => 'the slanted score',
        };
        $names = array_map(fn (int $face): string => $folded->pattern->faces[$face]->name(), $move->moving);
        $what = count($names) > 3 ? count($names).' panels' : implode(', ', $names);
        $kind = match ($edge->assignment) {
            Assignment::Mountain => 'mountain',
            Assignment::Valley => 'valley',
            default => 'fold',
        };
        $across = $hinge->quarters === 1 ? 'stands up at a right angle' : ($move->over ? 'comes over' : 'goes under');

        return sprintf(
            '%s, %s: %s %s%s.',
            ucfirst($where),
            $kind,
            $what,
            count($names) > 1 ? str_replace(['stands', 'comes', 'goes'], ['stand', 'come', 'go'], $across) : $across,
            $move->depth() > 1 ? ", {$move->depth()} scores at once" : '',
        );
    }
}
