<?php

declare(strict_types=1);

namespace App\Drawing;

use Ephemeron\Blueprint\GlueZone;
use Ephemeron\Folding\Scene;
use Ephemeron\Folding\SceneNode;
use Ephemeron\Folding\SceneRooms;
use Ephemeron\Geometry\Box;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\Side;
use Illuminate\Support\HtmlString;

/**
 * A scene as nested boxes in space: every panel turns about its score by a share that the browser sets for each step (`--s1`, `--s2` …);
 * everything else is written here. What is joined in a step is away until the browser gets there: of a thick book most is never laid out.
 */
final readonly class FoldingMarkup
{
    /** Pixels between two layers that lie on each other. */
    private const LAYER = 1.1;

    private const BREADTH = 600.0;

    private const HEIGHT = 380.0;

    private float $scale;

    public function __construct(private Scene $scene, private Prints $prints = new Prints)
    {
        $size = $scene->root->part->size;
        $this->scale = min(self::BREADTH / $size->width->inMillimetres(), self::HEIGHT / $size->height->inMillimetres());
    }

    public function html(): HtmlString
    {
        $size = $this->scene->root->part->size;
        // A glueing step has no share yet: where nothing moves, what is glued is there.
        $folds = array_filter($this->scene->steps, static fn ($step): bool => $step->kind !== 'glue');
        $steps = implode('', array_map(static fn ($step): string => "--s{$step->number}:0;", $folds));

        return new HtmlString(sprintf(
            '<div class="world" x-ignore="" data-rooms="%s" style="%swidth:%spx;height:%spx">%s</div>',
            $this->rooms(),
            $steps,
            $this->px($size->width->ticks),
            $this->px($size->height->ticks),
            $this->node($this->scene->root),
        ));
    }

    /** What is in space before the first step and after each, from the middle of the sheet: the eye keeps all of it in view. */
    private function rooms(): string
    {
        $size = $this->scene->root->part->size;
        $layer = (int) round(self::LAYER / $this->scale * Length::TICKS_PER_MILLIMETRE);
        $middle = [$size->width->ticks / 2, $size->height->ticks / 2, 0];

        return json_encode(array_map(fn (Box $room): array => array_map(
            fn (float $edge, float|int $from): int => (int) round(($edge - $from) / Length::TICKS_PER_MILLIMETRE * $this->scale),
            [$room->left, $room->top, $room->back, $room->right, $room->bottom, $room->front],
            [...$middle, ...$middle],
        ), array_values(SceneRooms::of($this->scene, $layer))), JSON_THROW_ON_ERROR);
    }

    /**
     * @param int $glued number of the step in which the part it belongs to is glued; 0 for what is glued when all is folded
     * @param int $seen number of the step in which that comes into view
     */
    private function node(SceneNode $node, int $glued = 0, int $seen = 0): string
    {
        if ($node->glued !== null) {
            [$glued, $seen] = [$node->glued['step'], $node->joined()];
        }
        $inside = $this->leaf($node, $glued, $seen).implode(
            '',
            array_map(fn (SceneNode $child): string => $this->node($child, $glued, $seen), $node->children),
        );
        if ($node->glued !== null) {
            return $this->glued($node->glued, $seen, $inside);
        }
        if ($node->hinge === null) {
            return "<div class=\"hang\">{$inside}</div>";
        }
        [[$ax, $ay], [$bx, $by]] = $node->hinge;
        $share = $node->fold > 0 ? "var(--s{$node->fold})" : '0';

        return sprintf(
            '<div class="hang" style="transform-origin:%spx %spx 0;transform:rotate3d(%d,%d,0,calc(%s * %ddeg))">%s</div>',
            $this->px($ax),
            $this->px($ay),
            $bx - $ax,
            $by - $ay,
            $share,
            90 * $node->quarters,
            $inside,
        );
    }

    /** @param array{dx: int, dy: int, quarters: int, over: bool, behind: bool, step: int, px: int, py: int} $glued */
    private function glued(array $glued, int $seen, string $inside): string
    {
        return sprintf(
            '<div class="hang" style="--o:var(--s%d);transform-origin:%spx %spx 0;transform:translate3d(%spx,%spx,%spx)%s%s">%s</div>',
            $seen,
            $this->px($glued['px']),
            $this->px($glued['py']),
            $this->px($glued['dx']),
            $this->px($glued['dy']),
            $glued['behind'] ? -self::LAYER : self::LAYER,
            $glued['quarters'] === 0 ? '' : sprintf(' rotateZ(%ddeg)', 90 * $glued['quarters']),
            $glued['over'] ? ' rotateY(180deg)' : '',
            $inside,
        );
    }

    private function leaf(SceneNode $node, int $glued, int $seen): string
    {
        $xs = array_column($node->outline, 0);
        $ys = array_column($node->outline, 1);
        if ($xs === [] || $ys === []) {
            return '';
        }
        [$left, $top, $right, $bottom] = [min($xs), min($ys), max($xs), max($ys)];
        $lift = $node->lift === 0 || $node->fold === 0 ? '' : sprintf(
            ';transform:translateZ(calc(var(--s%d) * %spx))',
            $node->fold,
            round($node->lift * self::LAYER, 2),
        );

        return sprintf(
            '<div %s style="left:%spx;top:%spx;width:%spx;height:%spx%s">%s%s</div>',
            $seen === 0 ? 'class="leaf"' : "class=\"leaf is-away\" data-from=\"{$seen}\"",
            $this->px($left),
            $this->px($top),
            $this->px($right - $left),
            $this->px($bottom - $top),
            $lift,
            $this->side($node, $glued, Side::A, $left, $top, $right, $bottom),
            $this->side($node, $glued, Side::B, $left, $top, $right, $bottom),
        );
    }

    private function side(SceneNode $node, int $glued, Side $side, int $left, int $top, int $right, int $bottom): string
    {
        $isBack = $side === Side::B;
        $clip = $node->windows === [] && $this->isRectangle($node->outline) ? '' : $this->clip($node, $isBack, $left, $top, $right);
        $zones = implode(
            '',
            array_map(
                fn (GlueZone $zone): string => $zone->side === $side ? $this->zone($zone, $glued, $isBack, $left, $top, $right) : '',
                $node->glue,
            ),
        );
        $label = $node->labels[$side->value] ?? '';
        $flag = $node->part->upright || $label !== '' ? sprintf(
            '<b class="flag%s">▲%s</b>',
            $label === '' ? ' is-bare' : '',
            $label === '' ? '' : '<br>'.e($label),
        ) : '';
        if (min($right - $left, $bottom - $top) * $this->scale < 18 * Length::TICKS_PER_MILLIMETRE) {
            $flag = '';
        }

        return sprintf(
            '<i class="side is-%s role-%s" style="%s">%s%s%s</i>',
            strtolower($side->value),
            $node->part->role->value,
            $clip,
            $this->picture($node, $side, $left, $top, $right, $bottom),
            $zones,
            $flag,
        );
    }

    /** The panel's outline, and round its windows and back: by the even-odd rule these are open. */
    private function clip(SceneNode $node, bool $isBack, int $left, int $top, int $right): string
    {
        $corners = [];
        foreach ([$node->outline, ...$node->windows] as $loop) {
            array_push($corners, ...$loop, ...array_slice($loop, 0, 1), ...array_slice($node->outline, 0, 1));
        }
        $places = array_map(
            fn (array $corner): string => $this->px($isBack ? $right - $corner[0] : $corner[0] - $left).'px '
                .$this->px($corner[1] - $top).'px',
            $corners,
        );

        return 'clip-path:polygon(evenodd,'.implode(',', $places).');';
    }

    /** The picture of the whole sheet, turned and moved so that the panel shows what is cut for it. */
    private function picture(SceneNode $node, Side $side, int $left, int $top, int $right, int $bottom): string
    {
        $width = $node->part->size->width->ticks;
        $within = Rectangle::at(
            Length::ofTicks($side === Side::B ? $width - $right : $left),
            Length::ofTicks($top),
            new Size(Length::ofTicks($right - $left), Length::ofTicks($bottom - $top)),
        );
        $seen = $this->prints->piece($node->part, $side, $within);
        if ($seen === null) {
            return '';
        }
        [$crop, $sheet] = [$seen->crop, $seen->picture->area];
        [$x, $y] = match ($crop->quarters) {
            1 => [$right - $left, 0],
            2 => [$right - $left, $bottom - $top],
            3 => [0, $bottom - $top],
            default => [0, 0],
        };

        return sprintf(
            '<s class="print" style="width:%spx;height:%spx;background-image:url(%s);'
                .'transform:translate(%spx,%spx) rotate(%ddeg) translate(%spx,%spx)"></s>',
            $this->px($sheet->width()->ticks),
            $this->px($sheet->height()->ticks),
            e($seen->picture->address),
            $this->px($x),
            $this->px($y),
            90 * $crop->quarters,
            $this->px($sheet->left()->ticks - $crop->area->left()->ticks),
            $this->px($sheet->top()->ticks - $crop->area->top()->ticks),
        );
    }

    private function zone(GlueZone $zone, int $glued, bool $isBack, int $left, int $top, int $right): string
    {
        $area = $zone->area;

        return sprintf(
            '<u class="zone is-%s" data-glue="%d" style="left:%spx;top:%spx;width:%spx;height:%spx"></u>',
            $zone->adhesive->value,
            $glued === 0 ? count($this->scene->steps) : $glued,
            $this->px($isBack ? $right - $area->right()->ticks : $area->left()->ticks - $left),
            $this->px($area->top()->ticks - $top),
            $this->px($area->width()->ticks),
            $this->px($area->height()->ticks),
        );
    }

    /** @param list<array{int, int}> $outline */
    private function isRectangle(array $outline): bool
    {
        return count($outline) === 4
            && count(array_unique(array_column($outline, 0))) === 2
            && count(array_unique(array_column($outline, 1))) === 2;
    }

    private function px(int $ticks): string
    {
        return (string) round($ticks / Length::TICKS_PER_MILLIMETRE * $this->scale, 2);
    }
}
