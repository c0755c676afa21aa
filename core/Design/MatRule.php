<?php

declare(strict_types=1);

namespace Ephemeron\Design;

use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\Unit;

/** How the faces of a book are matted, with exceptions for single faces. */
final readonly class MatRule
{
    public const MOST_LAYERS = 2;

    /**
     * @param int $layers 0 (bare), 1 or 2
     * @param array<string, FaceMats> $faces exceptions by face key, or by what a row of numbered faces has in common: `concertina` for
     *   `concertina-1` …
     * @param Alternation $alternate what keeps two facing pages from showing the same print
     */
    public function __construct(
        public MatSchool $school,
        public int $layers,
        public array $faces = [],
        public Alternation $alternate = Alternation::None,
        public MatCorners $corners = MatCorners::Follow,
    ) {
    }

    /** @param array<string, FaceMats>|null $faces */
    public function with(
        ?MatSchool $school = null,
        ?int $layers = null,
        ?array $faces = null,
        ?Alternation $alternate = null,
        ?MatCorners $corners = null,
    ): self {
        return new self(
            $school ?? $this->school,
            $layers ?? $this->layers,
            $faces ?? $this->faces,
            $alternate ?? $this->alternate,
            $corners ?? $this->corners,
        );
    }

    public static function none(): self
    {
        return new self(MatSchool::Fine, 0);
    }

    /**
     * The mats of one face, the lowest first; none where a border would eat the face up.
     *
     * The second layer of a double mat leaves another ⅛ in (3 mm) of the first on each side; on narrow strips
     * half of that along the long sides (common practice, no published source: ¾×4 → ⅝×3¾).
     *
     * @return list<Size>
     */
    public function matsFor(string $face, Size $size, Unit $unit): array
    {
        [$school, $layers] = $this->ruleFor($face);
        $rim = $this->onFace($face)->rim;
        $mats = [];
        $mat = $size;
        for ($layer = 1; $layer <= $layers; $layer++) {
            if ($layer > 1 && $rim !== null && ! $mat->shortSide()->isMoreThan($rim->times(2))) {
                break;
            }
            $mat = match (true) {
                $layer === 1 => $mat->within($school->border($unit)),
                $rim === null => self::inner($mat, $unit, $school),
                default => $mat->within($rim),
            };
            if ($mat->shortSide()->isLessThan(Length::inches(0, 1, 4))) {
                break;
            }
            $mats[] = $mat;
        }

        return $mats;
    }

    /** @return array{MatSchool, int} school and layers on one face */
    public function ruleFor(string $face): array
    {
        $exception = $this->exception($face);

        return [$exception->school ?? $this->school, $exception->layers ?? $this->layers];
    }

    /** What was said for one face, or for the row of faces it is of. */
    public function onFace(string $face): FaceMats
    {
        return $this->exception($face) ?? new FaceMats;
    }

    public function cornersOf(string $face): MatCorners
    {
        return $this->exception($face)->corners ?? $this->corners;
    }

    private function exception(string $face): ?FaceMats
    {
        return $this->faces === [] ? null : $this->faces[$face] ?? $this->faces[preg_replace('/-\d+$/', '', $face) ?? ''] ?? null;
    }

    /** The picture that the mat of a face carries on together with others, empty for none. */
    public function pictureOf(string $face): string
    {
        return ($this->faces[$face] ?? null)->picture ?? '';
    }

    public static function inner(Size $outer, Unit $unit, MatSchool $school = MatSchool::Fine): Size
    {
        $border = $school->inner($unit);
        if ($outer->shortSide()->isMoreThan(Length::inches(1))) {
            return $outer->within($border);
        }
        $long = $border->times(2);
        $narrow = $border;

        return $outer->width->isLessThan($outer->height)
            ? new Size($outer->width->minus($narrow), $outer->height->minus($long))
            : new Size($outer->width->minus($long), $outer->height->minus($narrow));
    }
}
