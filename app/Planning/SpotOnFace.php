<?php

declare(strict_types=1);

namespace App\Planning;

use Ephemeron\Design\Allowances;
use Ephemeron\Furniture\Furniture;
use Ephemeron\Furniture\Position;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Size;

/** Where on a face a new thing is put: an edge, or one of nine spots; turned into the parameters of its kind. */
final readonly class SpotOnFace
{
    public function __construct(private Furniture $furniture)
    {
    }

    /** @return list<string> spots there are for this kind: edges, or a grid of nine read line by line; empty where it has one place only */
    public function choices(): array
    {
        return match (true) {
            $this->has('edge') => ['top', 'left', 'right', 'bottom'],
            $this->has(Position::ACROSS) => [
                'top-left',
                'top',
                'top-right',
                'left',
                'middle',
                'right',
                'bottom-left',
                'bottom',
                'bottom-right',
            ],
            default => [],
        };
    }

    /**
     * @param string $spot one of the choices
     * @param Size $thing how large it is when it lies as usual
     * @return array<string, string> parameters as the design file writes them
     */
    public function parameters(string $spot, Size $face, Size $thing, Notation $notation): array
    {
        if (! in_array($spot, $this->choices(), true)) {
            return [];
        }
        if ($this->has('edge')) {
            return ['edge' => $spot];
        }
        $play = (new Allowances($notation->unit))->fine();
        $at = static fn (string $near, string $far, Length $room): Length => match (true) {
            str_contains($spot, $near) => Length::shortest($play, Length::longest($room, Length::zero())),
            str_contains($spot, $far) => Length::longest($room->minus($play), Length::zero()),
            default => $notation->grid->nearest(Length::longest($room, Length::zero())->half()),
        };

        return [
            Position::ACROSS => $notation->exact($at('left', 'right', $face->width->minus($thing->width))),
            Position::UP => $notation->exact($at('bottom', 'top', $face->height->minus($thing->height))),
        ];
    }

    private function has(string $key): bool
    {
        foreach ($this->furniture->parameters() as $parameter) {
            if ($parameter->key === $key) {
                return true;
            }
        }

        return false;
    }
}
