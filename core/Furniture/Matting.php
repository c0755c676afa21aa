<?php

declare(strict_types=1);

namespace Ephemeron\Furniture;

use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Draft;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\PanelRef;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Task;
use Ephemeron\Design\MatRule;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Notation;
use Ephemeron\Paper\Side;
use Ephemeron\Paper\StockRole;

/** Mats every face of a book by one rule. Covers take the cover paper on top. */
final readonly class Matting
{
    public function __construct(private MatRule $rule)
    {
    }

    public function apply(Draft $draft, Notation $notation): void
    {
        foreach ($draft->faces() as $face) {
            if ($face->isOfTheBook()) {
                $this->matFace($draft, $face, $notation);
            }
        }
    }

    private function matFace(Draft $draft, Face $face, Notation $notation): void
    {
        $sizes = $this->rule->matsFor($face->key, $face->size, $notation->unit);
        $task = $face->isCover() ? 'mat-covers' : 'mat-pages';
        $under = $face->paper;
        $parts = [];
        foreach ($sizes as $layer => $size) {
            $top = $layer === count($sizes) - 1;
            $part = $draft->part(new Part(
                key: "{$face->key}/mat-".($layer + 1),
                name: ($face->isCover() ? 'Cover mat' : 'Page mat').($layer === 0 ? '' : ', second layer'),
                section: $face->isCover() ? 'Cover' : 'Page mats',
                size: $size,
                role: $this->role($face, $layer, $top),
                places: [$face->name],
            ));
            $draft->joint(new Joint(
                new PanelRef($part, 'whole', Side::B),
                $under,
                Rectangle::centred($size, $face->size),
                Adhesive::WetGlue,
                Layer::Mat,
                $layer === 0 ? $task : "double-{$task}",
                $face->key,
            ));
            $under = new PanelRef($part, 'whole', Side::A);
            $parts[] = $part;
        }
        if ($parts !== []) {
            $this->addTasks($draft, $face, $task, $parts);
        }
    }

    private function role(Face $face, int $layer, bool $top): StockRole
    {
        return match (true) {
            $face->isCover() && $top => StockRole::CoverPaper,
            $layer === 0 => StockRole::MatBase,
            default => StockRole::MatTop,
        };
    }

    /** @param list<string> $parts lowest first */
    private function addTasks(Draft $draft, Face $face, string $task, array $parts): void
    {
        $section = $face->isCover() ? 'Cover' : 'Page mats';
        $what = $face->isCover() ? 'cover' : 'page';
        if (count($parts) > 1) {
            $draft->task(new Task(
                "double-{$task}",
                Phase::Mat,
                "Double up the {$what} mats",
                'Glue each second mat onto its first one with an even border all round. Check that the print stands upright on both.',
                $section,
                Adhesive::WetGlue,
                $parts,
                places: [$face->name],
                face: $face->key,
            ));
        }
        $draft->task(new Task(
            $task,
            Phase::Mat,
            $face->isCover() ? 'Mat the covers' : 'Mat the pages',
            'Glue the mat in the middle of the face with an even border, print upright, and press from the middle outwards. Up to the scores, never over them.',
            $section,
            Adhesive::WetGlue,
            [$parts[0]],
            [
                ...(count($parts) > 1 ? ["double-{$task}"] : []),
                ...($face->isCover() && $draft->hasTask('ribbon') ? ['ribbon'] : []),
                ...($face->isCover() && $draft->hasTask('cover-cards') ? ['cover-cards'] : []),
            ],
            [$face->name],
            $face->key,
        ));
    }
}
