<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

use Ephemeron\Binding\BoardCase;
use Ephemeron\Blueprint\Draft;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Lie;
use Ephemeron\Blueprint\Opening;
use Ephemeron\Blueprint\PanelRef;
use Ephemeron\Blueprint\Pose;
use Ephemeron\Blueprint\Seen;
use Ephemeron\Geometry\Edge;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\Side;

/** The faces of a book whose pages stand in a case of two boards and a spine: covers, insides of the covers, and the pages between. */
final readonly class CasedBook
{
    public function __construct(private Draft $draft, private ReadingOrder $reading, private Edge $spineAt = Edge::Left)
    {
    }

    /**
     * @param list<array{PanelRef, PanelRef}> $leaves front and back of each page
     * @return list<array{Face, Face}> the faces of each page
     */
    public function addFaces(Size $page, array $leaves): array
    {
        $board = $this->draft->sizeOf(BoardCase::BOARD);
        $spine = new PanelRef(BoardCase::SPINE, 'whole', Side::A);
        $spineSize = $this->draft->sizeOf(BoardCase::SPINE);
        $opposite = $this->spineAt->opposite();
        $front = $this->reading->frontCover($board, new PanelRef(BoardCase::BOARD, 'whole', Side::A), hinge: $this->spineAt);
        $left = $this->reading->named(
            'inside-front',
            'Inside the front cover',
            $board,
            new PanelRef(BoardCase::BOARD, 'whole', Side::B),
            $opposite,
        );
        $inside = $left;
        $pages = [];
        foreach ($leaves as [$recto, $verso]) {
            $pages[] = $this->leaf($page, $recto, $verso, $left);
            $left = end($pages)[1];
        }
        $last = $this->reading->named(
            'inside-back',
            'Inside the back cover',
            $board,
            new PanelRef(BoardCase::BOARD, 'whole', Side::B),
            $this->spineAt,
        );
        $this->draft->add(new Opening($left->key, $last->key));
        $this->reading->backCover($board, new PanelRef(BoardCase::BOARD, 'whole', Side::A), hinge: $opposite);
        $bare = Seen::bare($spine, $this->spineAt === Edge::Left ? $spineSize : $spineSize->turned());
        $first = $pages[0][0] ?? $last;
        $lay = $this->spineAt === Edge::Left ? Pose::row(...) : Pose::column(...);
        $this->draft->add($lay(Pose::CLOSED, 'Closed', Seen::face($front)));
        $this->draft->add($lay(Pose::OPENED, 'Opened', Seen::face($inside), $bare, Seen::face($first)));

        return $pages;
    }

    /** @return array{Face, Face} */
    private function leaf(Size $page, PanelRef $recto, PanelRef $verso, Face $left): array
    {
        $front = $this->reading->page($page, $recto, $this->spineAt);
        // Flipped over the head, what is printed on the back of a leaf stands on its head.
        $lie = $this->spineAt === Edge::Top ? Lie::UpsideDown : Lie::Upright;
        $back = $this->reading->page($page, $verso, $this->spineAt->opposite(), lie: $lie);
        $this->draft->add(new Opening($left->key, $front->key));

        return [$front, $back];
    }
}
