<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

use Ephemeron\Blueprint\Draft;
use Ephemeron\Blueprint\Face;
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

    public function frontCover(Size $size, PanelRef $paper, bool $upsideDown = false, ?Edge $hinge = Edge::Left): Face
    {
        return $this->add('front-cover', 'Front cover', $size, $paper, $hinge, $upsideDown);
    }

    /** @param string $what where it is, in words; empty for a plain page */
    public function page(Size $size, PanelRef $paper, ?Edge $hinge = null, string $what = '', bool $upsideDown = false): Face
    {
        $number = ++$this->page;

        return $this->add("page-{$number}", "Page {$number}".($what === '' ? '' : ", {$what}"), $size, $paper, $hinge, $upsideDown);
    }

    /** A face that is no page: a spine, a face of a concertina. */
    public function named(string $key, string $name, Size $size, PanelRef $paper, ?Edge $hinge = null, bool $upsideDown = false): Face
    {
        return $this->add($key, $name, $size, $paper, $hinge, $upsideDown);
    }

    public function backCover(Size $size, PanelRef $paper, bool $upsideDown = false, ?Edge $hinge = Edge::Right): Face
    {
        return $this->add('back-cover', 'Back cover', $size, $paper, $hinge, $upsideDown);
    }

    private function add(string $key, string $name, Size $size, PanelRef $paper, ?Edge $hinge, bool $upsideDown): Face
    {
        $face = new Face($key, $name, $size, $paper, $this->order++, $hinge, $upsideDown);
        $this->draft->face($face);

        return $face;
    }
}
