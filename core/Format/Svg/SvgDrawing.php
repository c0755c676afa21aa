<?php

declare(strict_types=1);

namespace Ephemeron\Format\Svg;

use Ephemeron\Blueprint\Corner;
use Ephemeron\Blueprint\Fold;
use Ephemeron\Blueprint\Lie;
use Ephemeron\Blueprint\Notch;
use Ephemeron\Blueprint\Trim;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Point;
use Ephemeron\Geometry\Polygon;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Geometry\Segment;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;

/**
 * Writes one drawing as SVG. User units are millimetres, so that a drawing is true to scale wherever its width
 * and height are honoured; a screen may fit it instead.
 */
final class SvgDrawing
{
    private const GAP = 2.4;

    /** On screens fractions are set by the typeface, which wants them spelled out and apart from the whole number. */
    private const ON_SCREEN = [
        '½' => "\u{200A}1⁄2", '¼' => "\u{200A}1⁄4", '¾' => "\u{200A}3⁄4", '⅛' => "\u{200A}1⁄8",
        '⅜' => "\u{200A}3⁄8", '⅝' => "\u{200A}5⁄8", '⅞' => "\u{200A}7⁄8",
    ];

    /** Anything but signs that stand for themselves. */
    private const TO_ESCAPE = '~[^ !#-%(-;=?-\~]~';

    private string $body = '';

    /** @var array<string, array{Rectangle, bool}> what is hatched, and whether crossed, by what stands for it on screens */
    private array $hatchings = [];

    /** @var array{float, float, float, float} x, y, width, height in mm */
    private array $box;

    public function __construct(float $x, float $y, float $width, float $height, private readonly string $title)
    {
        $this->box = [$x, $y, $width, $height];
    }

    /** @return array{float, float} width and height in millimetres */
    public function size(): array
    {
        return [$this->box[2], $this->box[3]];
    }

    /** Around a rectangle, with a margin in millimetres. */
    public static function around(Rectangle $area, float $margin, string $title): self
    {
        [$x, $y, $width, $height] = $area->inMillimetres();

        return new self($x - $margin, $y - $margin, $width + 2 * $margin, $height + 2 * $margin, $title);
    }

    public function line(Segment $segment, LineKind $kind): self
    {
        return $this->stroke(
            $segment->from->x->inMillimetres(),
            $segment->from->y->inMillimetres(),
            $segment->to->x->inMillimetres(),
            $segment->to->y->inMillimetres(),
            $kind,
        );
    }

    /** A line by its ends in millimetres. */
    public function stroke(float $x1, float $y1, float $x2, float $y2, LineKind $kind): self
    {
        return $this->element('line', ['x1' => $x1, 'y1' => $y1, 'x2' => $x2, 'y2' => $y2, ...$kind->attributes()]);
    }

    /** Upright lines from the top edge down, one every so many millimetres, in one stroke. */
    public function bars(float $apart, int $count, float $height, LineKind $kind): self
    {
        $path = '';
        for ($bar = 1; $bar <= $count; $bar++) {
            $path .= 'M'.self::number($bar * $apart).' 0v'.self::number($height);
        }

        return $this->element('path', ['d' => $path, ...$kind->attributes()]);
    }

    public function fold(Segment $segment, Fold $fold): self
    {
        return $this->line($segment, $fold === Fold::Mountain ? LineKind::Mountain : LineKind::Valley);
    }

    /** @param array<string, string|int|float> $attributes */
    public function rectangle(Rectangle $area, array $attributes = []): self
    {
        [$x, $y, $width, $height] = $area->inMillimetres();

        return $this->element('rect', ['x' => $x, 'y' => $y, 'width' => $width, 'height' => $height, ...$attributes]);
    }

    /**
     * A sheet or piece of paper: filled, with its outline.
     *
     * @param array<string, string|int|float> $attributes
     */
    public function paper(Rectangle $area, string $fill, string $class = 'paper', array $attributes = []): self
    {
        return $this->rectangle(
            $area,
            [...LineKind::Outline->attributes(), 'class' => "{$class} line-outline", 'fill' => $fill, ...$attributes],
        );
    }

    /** A picture stretched over an area. */
    public function picture(Rectangle $area, string $address, ?Rectangle $within = null): self
    {
        if ($within !== null) {
            [$x, $y, $width, $height] = $within->inMillimetres();
            $this->open('svg', ['x' => $x, 'y' => $y, 'width' => $width, 'height' => $height, 'viewBox' => "{$x} {$y} {$width} {$height}"]);
            $this->picture($area, $address);

            return $this->close('svg');
        }

        [$x, $y, $width, $height] = $area->inMillimetres();

        return $this->element('image', [
            'x' => $x,
            'y' => $y,
            'width' => $width,
            'height' => $height,
            'preserveAspectRatio' => 'none',
            'href' => $address,
        ]);
    }

    /**
     * A place of a picture, turned to lie on an area.
     *
     * @param Rectangle $whole what the picture covers
     * @param Rectangle $place what of it is seen, in the same measure
     * @param int $quarters by which it is turned clockwise, 0 to 3
     */
    public function cropped(Rectangle $area, Rectangle $whole, string $address, Rectangle $place, int $quarters): self
    {
        [$left, $top, $width, $height] = $area->inMillimetres();
        $this->open('svg', [
            'x' => $left,
            'y' => $top,
            'width' => $width,
            'height' => $height,
            'viewBox' => sprintf('0 0 %s %s', self::number($width), self::number($height)),
            'class' => 'print',
        ]);
        [$x, $y] = match ($quarters) {
            1 => [$width, 0.0],
            2 => [$width, $height],
            3 => [0.0, $height],
            default => [0.0, 0.0],
        };
        $this->open('g', ['transform' => sprintf(
            'translate(%s %s) rotate(%d) translate(%s %s)',
            self::number($x),
            self::number($y),
            90 * $quarters,
            self::number(-$place->left()->inMillimetres()),
            self::number(-$place->top()->inMillimetres()),
        )]);
        $this->picture($whole, $address);

        return $this->close('g')->close('svg');
    }

    /**
     * A piece of paper of any outline, with areas cut out of it.
     *
     * @param list<Polygon> $outlines the first is the piece, the others are holes and missing corners
     * @param array<string, string|int|float> $attributes
     */
    public function shape(array $outlines, array $attributes = []): self
    {
        $path = '';
        foreach ($outlines as $outline) {
            $points = array_map(
                static fn (Point $corner): string => self::number($corner->x->inMillimetres()).' '
                    .self::number($corner->y->inMillimetres()),
                $outline->corners,
            );
            $path .= 'M'.implode('L', $points).'Z';
        }

        return $this->element('path', ['d' => $path, 'fill-rule' => 'evenodd', ...$attributes]);
    }

    /** What is taken off a corner of a piece of this size: drawn over it in the colour of the table. */
    public function corner(Corner $corner, Size $piece, string $ground): self
    {
        $x = $corner->side === Edge::Left ? 0.0 : $piece->width->inMillimetres();
        $y = $corner->upper === Edge::Top ? 0.0 : $piece->height->inMillimetres();
        $reach = $corner->reach->inMillimetres();
        $dx = $corner->side === Edge::Left ? $reach : -$reach;
        $dy = $corner->upper === Edge::Top ? $reach : -$reach;
        $round = ($dx > 0) === ($dy > 0);
        [$from, $to] = [self::number($x + $dx).' '.self::number($y), self::number($x).' '.self::number($y + $dy)];
        $edge = match ($corner->trim) {
            Trim::Mitred => "L{$to}",
            Trim::Rounded => sprintf('A%1$s %1$s 0 0 %2$d %3$s', self::number($reach), $round ? 0 : 1, $to),
            Trim::Scalloped => sprintf('A%1$s %1$s 0 0 %2$d %3$s', self::number($reach), $round ? 1 : 0, $to),
        };
        $this->element(
            'path',
            [
                'd' => sprintf('M%s %sL%s%sZ', self::number($x), self::number($y), $from, $edge),
                'fill' => $ground,
                'stroke' => $ground,
                'stroke-width' => '1.6',
            ],
        );

        return $this->element('path', ['d' => "M{$from}{$edge}", ...LineKind::Outline->attributes(), 'fill' => 'none']);
    }

    /** Diagonal hatching; crossed for tape. A screen fills the area with a pattern, which is short; elsewhere it is lines. */
    public function hatch(Rectangle $area, bool $crossed): self
    {
        $kind = $crossed ? LineKind::Tape : LineKind::Glue;
        $before = strlen($this->body);
        $this->rectangle($area, ['class' => "line-{$kind->value}", 'stroke' => 'none', 'fill' => "url(#{$kind->value}-%)"]);
        $this->hatchings[substr($this->body, $before)] = [$area, $crossed];

        return $this;
    }

    private function hatchLines(Rectangle $area, bool $crossed, float $gap): string
    {
        [$left, $top, $width, $height] = $area->inMillimetres();
        $path = '';
        for ($offset = $gap; $offset < $width + $height; $offset += $gap) {
            // From the left or bottom side up to the top or right side of the rectangle.
            $x1 = max(0.0, $offset - $height);
            $y1 = min($offset, $height);
            $x2 = min($offset, $width);
            $y2 = max(0.0, $offset - $width);
            foreach ($crossed ? [[$x1, $x2], [$width - $x1, $width - $x2]] : [[$x1, $x2]] as [$from, $to]) {
                $path .= sprintf(
                    'M%s %sL%s %s',
                    self::number($left + $from),
                    self::number($top + $y1),
                    self::number($left + $to),
                    self::number($top + $y2),
                );
            }
        }

        return $path;
    }

    /** The half circle that a punch takes out. */
    public function notch(Notch $notch, string $fill): self
    {
        $r = $notch->diameter->inMillimetres() / 2;
        $x = $notch->centre->x->inMillimetres();
        $y = $notch->centre->y->inMillimetres();
        [$dx, $dy, $sweep] = match ($notch->edge) {
            Edge::Top => [$r, 0.0, 0],
            Edge::Bottom => [$r, 0.0, 1],
            Edge::Left => [0.0, $r, 1],
            Edge::Right => [0.0, $r, 0],
        };
        $path = sprintf(
            'M%s %sA%s %s 0 0 %d %s %s',
            self::number($x - $dx),
            self::number($y - $dy),
            self::number($r),
            self::number($r),
            $sweep,
            self::number($x + $dx),
            self::number($y + $dy),
        );

        return $this->element('path', ['d' => $path, ...LineKind::Outline->attributes(), 'fill' => $fill]);
    }

    /** @param array<string, string|int|float> $attributes */
    public function text(float $x, float $y, string $text, float $size, string $anchor = 'middle', array $attributes = []): self
    {
        $written = [
            'x' => $x,
            'y' => $y,
            'font-size' => $size,
            'text-anchor' => $anchor,
            'fill' => LineKind::INK,
            'font-family' => 'serif',
            ...$attributes,
        ];
        $this->body .= '<text'.$this->attributes($written).'>'.self::escape($text).'</text>';

        return $this;
    }

    /** The same with no writing smaller than that many millimetres, for when it is printed small. */
    public function legible(float $least): self
    {
        $larger = clone $this;
        $larger->body = (string) preg_replace_callback(
            '/(<text[^>]* font-size=")([0-9.]+)"/',
            static fn (array $found): string => sprintf('%s%s"', $found[1], max($least, (float) $found[2])),
            $this->body,
        );

        return $larger;
    }

    /** A letter in a ring; one that is written on the side beneath in a dashed one. */
    public function ring(float $x, float $y, string $letter, float $radius, bool $isBeneath = false): self
    {
        $this->element(
            'circle',
            [
                'cx' => $x,
                'cy' => $y,
                'r' => $radius,
                ...LineKind::Outline->attributes(),
                'class' => $isBeneath ? 'ring is-beneath line-outline' : 'ring line-outline',
                ...($isBeneath ? ['stroke-dasharray' => '3 2'] : []),
                'fill' => '#fffdf6',
            ],
        );

        return $this->text(
            $x,
            $y + $radius * 0.36,
            $letter,
            $radius * min(1.15, 2.2 / mb_strlen($letter)),
            attributes: ['font-weight' => '600'],
        );
    }

    /** A hole: a ring of its size, and a cross through it that reaches beyond; of a pricked one the cross alone. */
    public function hole(Point $at, Length $diameter, string $fill): self
    {
        [$x, $y, $radius] = [$at->x->inMillimetres(), $at->y->inMillimetres(), $diameter->inMillimetres() / 2];
        if ($radius > 0.0) {
            $this->element('circle', ['cx' => $x, 'cy' => $y, 'r' => $radius, ...LineKind::Outline->attributes(), 'fill' => $fill]);
        }
        $arm = max(1.2, $radius + 0.6);

        return $this->element('path', [
            'd' => sprintf(
                'M%s %sL%s %sM%s %sL%s %s',
                ...array_map(self::number(...), [$x - $arm, $y, $x + $arm, $y, $x, $y - $arm, $x, $y + $arm]),
            ),
            ...LineKind::Outline->attributes(),
            'stroke-width' => '0.25',
        ]);
    }

    /** The nib where a cut starts: a small wedge. */
    public function nib(Segment $segment, float $size): self
    {
        $x = $segment->from->x->inMillimetres();
        $y = $segment->from->y->inMillimetres();
        $upright = $segment->from->x->equals($segment->to->x);
        $points = $upright
            ? [[$x - $size / 2, $y - $size], [$x + $size / 2, $y - $size], [$x, $y]]
            : [[$x - $size, $y - $size / 2], [$x - $size, $y + $size / 2], [$x, $y]];

        return $this->element('polygon', [
            'points' => implode(
                ' ',
                array_map(static fn (array $point): string => self::number($point[0]).','.self::number($point[1]), $points),
            ),
            'class' => 'nib',
            'fill' => LineKind::INK,
        ]);
    }

    /** A small arrow-flag for the way the print runs: up, or down where it stands on its head. */
    public function flag(float $x, float $y, float $size, Lie $lie): self
    {
        $degrees = match ($lie) {
            Lie::Upright => 0,
            Lie::UpsideDown => 180,
            Lie::HeadLeft => -90,
            Lie::HeadRight => 90,
        };
        $turn = $degrees === 0 ? '' : sprintf('rotate(%d %s %s)', $degrees, self::number($x), self::number($y));
        $path = sprintf(
            'M%1$s %2$sL%1$s %3$sM%4$s %5$sL%1$s %3$sL%6$s %5$s',
            self::number($x),
            self::number($y + $size),
            self::number($y - $size),
            self::number($x - $size * 0.5),
            self::number($y - $size * 0.35),
            self::number($x + $size * 0.5),
        );

        return $this->element(
            'path',
            [
                'd' => $path,
                ...LineKind::Outline->attributes(),
                'class' => 'flag line-outline',
                ...($turn === '' ? [] : ['transform' => $turn]),
            ],
        );
    }

    /** @param array<string, string|int|float> $attributes */
    public function open(string $element, array $attributes): self
    {
        $this->body .= "<{$element}{$this->attributes($attributes)}>";

        return $this;
    }

    public function close(string $element): self
    {
        $this->body .= "</{$element}>";

        return $this;
    }

    /** Places what another drawing function draws at an offset. */
    public function shifted(Length $dx, Length $dy, callable $draw): self
    {
        $this->open('g', ['transform' => 'translate('.self::number($dx->inMillimetres()).' '.self::number($dy->inMillimetres()).')']);
        $draw($this);

        return $this->close('g');
    }

    /** @param array<string, string|int|float> $attributes */
    public function element(string $name, array $attributes): self
    {
        $this->body .= "<{$name}{$this->attributes($attributes)}/>";

        return $this;
    }

    /**
     * To stand inside a page: fitted by the page's styles.
     *
     * @param bool $hasLinks whether there is something in it to press
     */
    public function inline(string $class = 'drawing', bool $hasLinks = false): string
    {
        return $this->within($class, $hasLinks, strtr($this->hatched(), self::ON_SCREEN));
    }

    /** To stand inside a page whose typeface knows no fractions of its own. */
    public function plain(): string
    {
        return $this->within('drawing', false, $this->inLines(self::GAP));
    }

    private function within(string $class, bool $hasLinks, string $body): string
    {
        [$x, $y, $width, $height] = array_map(self::number(...), $this->box);

        return '<svg class="'.self::escape($class).'" xmlns="http://www.w3.org/2000/svg" viewBox="'."{$x} {$y} {$width} {$height}"
            .'" role="'.($hasLinks ? 'group' : 'img').'" aria-label="'.self::escape($this->title).'">'
            ."{$body}</svg>";
    }

    /**
     * A file of its own, true to scale.
     *
     * @param float $gap millimetres between the lines of a hatching, where they are to lie further apart because it is printed smaller
     */
    public function file(float $gap = self::GAP): string
    {
        [$x, $y, $width, $height] = array_map(self::number(...), $this->box);

        return '<?xml version="1.0" encoding="UTF-8"?>'."\n"
            ."<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"{$width}mm\" height=\"{$height}mm\" viewBox=\"{$x} {$y} {$width} "
            ."{$height}\">"
            .'<title>'.self::escape($this->title).'</title>'.$this->inLines(max(self::GAP, $gap))."</svg>\n";
    }

    /** With its hatchings as lines: thousands of them, written only where they are wanted. */
    private function inLines(float $gap): string
    {
        $lines = [];
        foreach ($this->hatchings as $pattern => [$area, $crossed]) {
            $kind = $crossed ? LineKind::Tape : LineKind::Glue;
            $lines[$pattern] = '<path'.$this->attributes(['d' => $this->hatchLines($area, $crossed, $gap), ...$kind->attributes()]).'/>';
        }

        return strtr($this->body, $lines);
    }

    /** With the patterns of its hatchings, which go by the drawing: on one page there are many, and one that is not shown has none. */
    private function hatched(): string
    {
        $patterns = '';
        foreach ([LineKind::Glue, LineKind::Tape] as $kind) {
            if (str_contains($this->body, "url(#{$kind->value}-%)")) {
                $lines = 'M-0.6 0.6L0.6-0.6M0 2.4L2.4 0M1.8 3L3 1.8'
                    .($kind === LineKind::Tape ? 'M-0.6 1.8L0.6 3M0 0L2.4 2.4M1.8-0.6L3 0.6' : '');
                $patterns .= "<pattern id=\"{$kind->value}-%\" width=\"2.4\" height=\"2.4\" patternUnits=\"userSpaceOnUse\">"
                    .'<path d="'.$lines.'" stroke="'.LineKind::INK.'" stroke-width="0.4" stroke-opacity="0.8" fill="none"/></pattern>';
            }
        }

        $of = hash('xxh32', $this->body);

        return $patterns === '' ? $this->body
            : '<defs>'.str_replace('-%"', "-{$of}\"", $patterns).'</defs>'.str_replace('-%)', "-{$of})", $this->body);
    }

    /** @return list<LineKind> the kinds of lines in it, for its legend */
    public function kinds(): array
    {
        return array_values(
            array_filter(LineKind::cases(), fn (LineKind $kind): bool => preg_match("/[\" ]line-{$kind->value}[\" ]/", $this->body) === 1),
        );
    }

    /** @param array<string, string|int|float> $attributes */
    private function attributes(array $attributes): string
    {
        $written = '';
        foreach ($attributes as $name => $value) {
            $written .= " {$name}=\"".(is_float($value) ? self::number($value) : self::escape((string) $value)).'"';
        }

        return $written;
    }

    /** To a thousandth of a millimetre, finer than a tick. */
    private static function number(float $value): string
    {
        // Adding nothing makes −0 a 0.
        return (string) (round($value, 4) + 0.0);
    }

    private static function escape(string $text): string
    {
        // Most are colours, classes and numbers, with nothing in them to escape.
        if (preg_match(self::TO_ESCAPE, $text) === 0) {
            return $text;
        }

        return htmlspecialchars($text, ENT_QUOTES | ENT_XML1 | ENT_SUBSTITUTE, 'UTF-8');
    }
}
