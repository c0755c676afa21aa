<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

use Ephemeron\Blueprint\Draft;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Opening;
use Ephemeron\Blueprint\PanelRef;
use Ephemeron\Geometry\Edge;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\Side;

/**
 * The faces of sheets that are folded into a left and a right leaf and lie in each other.
 *
 * n sheets give 4n faces: the outermost sheet comes first, its left leaf being front cover and page 1; then the left
 * leaves inwards, then the right leaves outwards, the last being page 4n−2 and the back cover. Side A is the inside.
 */
final readonly class NestedLeaves
{
    /** @param list<string> $sheets keys of the parts, outermost first, each with the panels `left` and `right` */
    public function __construct(private array $sheets, private Size $leaf)
    {
    }

    public function addTo(Draft $draft): void
    {
        $last = 4 * count($this->sheets) - 1;
        $order = 0;
        foreach ($this->inReadingOrder() as [$sheet, $panel]) {
            // A left leaf is read outside first, a right leaf inside first.
            $sides = $panel === 'left' ? [Side::B, Side::A] : [Side::A, Side::B];
            foreach ($sides as $turn => $side) {
                $draft->face(new Face(
                    key: $this->key($order, $last),
                    name: $this->name($order, $last),
                    size: $this->leaf,
                    paper: new PanelRef($sheet, $panel, $side),
                    order: $order,
                    hinge: $turn === 0 ? Edge::Left : Edge::Right,
                ));
                if ($order % 2 === 0 && $order > 0) {
                    $draft->add(new Opening($this->key($order - 1, $last), $this->key($order, $last)));
                }
                $order++;
            }
        }
    }

    /** @return list<array{string, string}> sheet and panel of each leaf, front to back */
    private function inReadingOrder(): array
    {
        return [
            ...array_map(static fn (string $sheet): array => [$sheet, 'left'], $this->sheets),
            ...array_map(static fn (string $sheet): array => [$sheet, 'right'], array_reverse($this->sheets)),
        ];
    }

    private function key(int $order, int $last): string
    {
        return match ($order) {
            0 => 'front-cover',
            $last => 'back-cover',
            default => "page-{$order}",
        };
    }

    private function name(int $order, int $last): string
    {
        return match ($order) {
            0 => 'Front cover',
            $last => 'Back cover',
            default => "Page {$order}",
        };
    }
}
