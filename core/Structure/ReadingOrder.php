<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

use Ephemeron\Blueprint\Draft;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Lie;
use Ephemeron\Blueprint\PanelRef;
use Ephemeron\Geometry\Edge;
use Ephemeron\Measure\Size;

/** Gives the faces of a book their names and numbers as they come before the reader. */
final class ReadingOrder
{
    private int $order = 0;

    private int $page = 0;

    public function __construct(private readonly Draft $draft)
    {
    }

    public function frontCover(Size $size, PanelRef $paper, Lie $lie = Lie::Upright, ?Edge $hinge = Edge::Left): Face
    {
        return $this->add('front-cover', 'Front cover', $size, $paper, $hinge, $lie);
    }

    /** @param string $what where it is, in words; empty for a plain page */
    public function page(Size $size, PanelRef $paper, ?Edge $hinge = null, string $what = '', Lie $lie = Lie::Upright): Face
    {
        $number = ++$this->page;

        return $this->add("page-{$number}", "Page {$number}".($what === '' ? '' : ", {$what}"), $size, $paper, $hinge, $lie);
    }

    /** A face that is no page: a spine, a face of a concertina. */
    public function named(
        string $key,
        string $name,
        Size $size,
        PanelRef $paper,
        ?Edge $hinge = null,
        Lie $lie = Lie::Upright,
        bool $takesMat = true,
    ): Face {
        return $this->add($key, $name, $size, $paper, $hinge, $lie, $takesMat);
    }

    public function backCover(Size $size, PanelRef $paper, Lie $lie = Lie::Upright, ?Edge $hinge = Edge::Right): Face
    {
        return $this->add('back-cover', 'Back cover', $size, $paper, $hinge, $lie);
    }

    private function add(
        string $key,
        string $name,
        Size $size,
        PanelRef $paper,
        ?Edge $hinge,
        Lie $lie,
        bool $takesMat = true,
    ): Face {
        $face = new Face($key, $name, $size, $paper, $this->order++, $hinge, $lie, takesMat: $takesMat);
        $this->draft->face($face);

        return $face;
    }
}
