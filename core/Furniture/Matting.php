<?php

declare(strict_types=1);

namespace Ephemeron\Furniture;

use Ephemeron\Blueprint\Act\Depth;
use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Corner;
use Ephemeron\Blueprint\Draft;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\Notch;
use Ephemeron\Blueprint\PanelRef;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Remark;
use Ephemeron\Blueprint\Task;
use Ephemeron\Design\Allowances;
use Ephemeron\Design\Alternation;
use Ephemeron\Design\FaceMats;
use Ephemeron\Design\MatRule;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\OnePicture;
use Ephemeron\Paper\Side;
use Ephemeron\Paper\StockRole;

/**
 * Mats the faces of a book, and those of flaps and structure-card pockets on them, by one rule. Covers take the cover paper on top; a face
 * that carries on the picture of another names it.
 */
final readonly class Matting
{
    public function __construct(private MatRule $rule)
    {
    }

    /**
     * @param Length $covered how much of the face, from its foot, is covered by a pocket that is there first; the mat tucks in behind it
     *     by a border
     */
    public function mat(Draft $draft, Face $face, Notation $notation, Length $covered): void
    {
        if (! $face->takesMat) {
            return;
        }
        $room = $this->room($face, $covered, $notation);
        $sizes = $this->rule->matsFor($face->key, $room->size(), $notation->unit);
        $own = $this->rule->onFace($face->key);
        $task = match (true) {
            $face->isCover() => 'mat-covers',
            $face->isOfTheBook() => 'mat-pages',
            $face->turns => 'mat-flaps',
            default => 'mat-pockets',
        };
        $under = $face->paper;
        $parts = [];
        foreach ($sizes as $layer => $size) {
            $top = $layer === count($sizes) - 1;
            $shows = $top && $this->isOther($face) && $this->rule->alternate === Alternation::Sides ? Side::B : Side::A;
            $middle = Rectangle::centred($size, $room->size());
            $area = Rectangle::at($room->left()->plus($middle->left()), $room->top()->plus($middle->top()), $size);
            $strips = MatStrips::of($area, $top ? $own : new FaceMats, $notation);
            if ($strips->lacks !== null) {
                $draft->add($this->tooWide($face, $own, $strips->lacks, $notation));
            }
            $isWhole = $strips->isOne();
            foreach ($strips->areas as $index => $strip) {
                $part = $draft->part(new Part(
                    key: "{$face->key}/mat-".($layer + 1).($isWhole ? '' : '/strip-'.($index + 1)),
                    name: $this->name($face).($isWhole ? '' : ', strip').($layer === 0 ? '' : ', second layer'),
                    section: $this->section($face),
                    size: $strip->size(),
                    // Of several strips every other one is of the other print.
                    role: $index % 2 === 1 || $isWhole ? $this->role($face, $layer, $top) : StockRole::MatOther,
                    shows: $shows,
                    notches: $top && $isWhole ? $this->notches($draft, $face, $size, $notation) : [],
                    corners: $isWhole ? $this->rule->cornersOf($face->key)->of($this->cornersBelow($draft, $face), $notation->unit) : [],
                    places: [$face->name],
                    why: $this->why($face, $room->size(), $sizes, $layer, $notation).($isWhole ? '' : $this->strips($own, $notation)),
                    picture: $top && $isWhole ? $this->picture($face) : null,
                ), ...($isWhole ? [] : ["{$face->key}/mat-".($layer + 1)]), ...($top ? [$face->key] : []));
                $draft->add(new Joint(
                    new PanelRef($part, 'whole', $shows->other()),
                    $under,
                    $strip,
                    Adhesive::WetGlue,
                    Layer::Mat,
                    $layer === 0 ? $task : "double-{$task}",
                    $face->key,
                    depth: $strips->isOver($index) ? Depth::Double : Depth::Mat,
                ));
                $parts[$layer][] = $part;
            }
            $under = new PanelRef($parts[$layer][0], 'whole', $shows);
        }
        if ($parts !== []) {
            $this->addTasks($draft, $face, $task, array_values($parts));
        }
    }

    /**
     * Over a thumb notch the mat gets one of its own, larger by ¼ in (6 mm): its edge lies back by the border, so that an even edge of
     * card shows.
     *
     * @return list<Notch>
     */
    private function notches(Draft $draft, Face $face, Size $mat, Notation $notation): array
    {
        $part = $draft->partOf($face->paper->part);
        if ($part->notches === []) {
            return [];
        }
        $panel = $part->panel($face->paper->panel)->area;
        $notches = [];
        foreach ($part->notches as $notch) {
            $larger = $notch->diameter->plus((new Allowances($notation->unit))->quarter());
            $edge = $face->edgeOf($notch->edge);
            $mouth = $edge->isUpright() ? $mat->height : $mat->width;
            if ($panel->middleOf($notch->edge) == $notch->centre && $mouth->isMoreThan($larger)) {
                $notches[] = new Notch(Rectangle::whole($mat)->middleOf($edge), $edge, $larger);
            }
        }

        return $notches;
    }

    /** @return list<Corner> of the piece or panel it lies on, as the reader sees them */
    private function cornersBelow(Draft $draft, Face $face): array
    {
        $part = $draft->partOf($face->paper->part);
        if ($part->corners === []) {
            return [];
        }
        $panel = $part->panel($face->paper->panel)->area;
        $whole = Rectangle::whole($part->size);
        $corners = [];
        foreach ($part->corners as $corner) {
            $isHere = ($corner->side === Edge::Left ? $panel->left()->isZero() : $panel->right()->equals($whole->right()))
                && ($corner->upper === Edge::Top ? $panel->top()->isZero() : $panel->bottom()->equals($whole->bottom()));
            if (! $isHere) {
                continue;
            }
            [$one, $other] = [$face->edgeOf($corner->upper), $face->edgeOf($corner->side)];
            [$upper, $side] = $one->isUpright() ? [$other, $one] : [$one, $other];
            $corners[] = new Corner($upper, $side, $corner->trim, $corner->reach);
        }

        return $corners;
    }

    private function room(Face $face, Length $covered, Notation $notation): Rectangle
    {
        $room = $face->matted ?? Rectangle::whole($face->size);
        if (! $covered->isPositive()) {
            return $room;
        }
        [$school] = $this->rule->ruleFor($face->key);
        $visible = $room->height()->minus($covered)->plus($school->border($notation->unit)->times(2));

        return new Rectangle(
            $room->corner(),
            new Size($room->width(), Length::shortest(Length::longest($visible, Length::zero()), $room->height())),
        );
    }

    /** Mats of faces that turn over head or foot lie one below the other. */
    private function picture(Face $face): ?OnePicture
    {
        return OnePicture::named($this->rule->pictureOf($face->key), $face->hinge?->isUpright() === false);
    }

    private function tooWide(Face $face, FaceMats $mats, Length $lacks, Notation $notation): Remark
    {
        return new Remark(
            Remark::WATCH,
            'strips-too-wide',
            sprintf(
                'The strips %s leave %s on the mat of %s: it stays one mat. Take narrower strips.',
                $mats->widths?->text($notation),
                $lacks->isPositive() ? "only {$notation->text($lacks)}" : 'nothing',
                lcfirst($face->name),
            ),
            face: $face->key,
            mend: 'One mat',
            changes: ["mats.faces.{$face->key}.widths" => null],
        );
    }

    private function name(Face $face): string
    {
        return match (true) {
            $face->isCover() => 'Cover mat',
            $face->isOfTheBook() => 'Page mat',
            $face->turns => 'Flap mat',
            default => 'Pocket mat',
        };
    }

    private function section(Face $face): string
    {
        return match (true) {
            $face->isCover() => 'Cover',
            $face->isOfTheBook() => 'Page mats',
            default => 'Flap and pocket mats',
        };
    }

    /** Facing pages follow each other in the reading order, so every other face is never beside one of its own. */
    private function isOther(Face $face): bool
    {
        return ! $face->isCover() && $face->order % 2 === 0;
    }

    private function role(Face $face, int $layer, bool $top): StockRole
    {
        return match (true) {
            $layer === 0 && $this->rule->onFace($face->key)->plain => StockRole::InsertCard,
            $face->isCover() && $top => StockRole::CoverPaper,
            $top && $this->isOther($face) && $this->rule->alternate === Alternation::Papers => StockRole::MatOther,
            $layer === 0 => StockRole::MatBase,
            default => StockRole::MatTop,
        };
    }

    /** @param array<int, Size> $sizes */
    private function why(Face $face, Size $room, array $sizes, int $layer, Notation $notation): string
    {
        [$school] = $this->rule->ruleFor($face->key);
        $border = $layer === 0 ? $school->border($notation->unit)
            : $this->rule->onFace($face->key)->rim ?? $school->inner($notation->unit);

        return sprintf(
            '%s less %s on each side.',
            $notation->size($layer === 0 ? $room : $sizes[$layer - 1] ?? $room),
            $notation->text($border),
        );
    }

    /** @param non-empty-list<non-empty-list<string>> $parts by layer, lowest first */
    private function addTasks(Draft $draft, Face $face, string $task, array $parts): void
    {
        $section = $this->section($face);
        $what = ['mat-covers' => 'cover', 'mat-pages' => 'page', 'mat-flaps' => 'flap', 'mat-pockets' => 'pocket'][$task] ?? '';
        if (count($parts) > 1) {
            $draft->task(new Task(
                "double-{$task}",
                Phase::Mat,
                "Double up the {$what} mats",
                'Check that the print stands upright on both.',
                $section,
                Adhesive::WetGlue,
                array_values(array_unique(array_merge(...$parts))),
                places: [$face->name],
                face: $face->key,
            ));
        }
        $draft->task(new Task(
            $task,
            Phase::Mat,
            match ($task) {
                'mat-covers' => 'Mat the covers',
                'mat-pages' => 'Mat the pages',
                'mat-flaps' => 'Mat the flaps',
                default => 'Mat the pocket fronts',
            },
            'Print upright; press from the middle outwards. Up to the scores, never over them.',
            $section,
            Adhesive::WetGlue,
            array_values(array_unique($parts[0])),
            places: [$face->name],
            face: $face->key,
        ));
    }

    private function strips(FaceMats $own, Notation $notation): string
    {
        return $own->tuck?->isPositive() === true
            ? " In strips; what is left goes {$notation->text($own->tuck)} in under the others."
            : ' In strips that butt against each other.';
    }
}
