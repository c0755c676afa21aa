<?php

declare(strict_types=1);

namespace App\Planning;

use Ephemeron\Paper\PhotoSize;
use Illuminate\Http\Request;

/** What one looks for on the shelf; what cannot be meant is not looked for. */
final readonly class Sought
{
    /**
     * @param string $name somewhere in its name
     * @param string $order one of {@see Shelf::ORDERS}; any other is the first of them
     * @param string $structure key in the catalogue, empty: any
     * @param string $kind of a thing that is on it, empty: any
     * @param PhotoSize|null $print that it has room for
     * @param int $prints how many of them, 1 or more
     */
    public function __construct(
        public string $name = '',
        public string $order = '',
        public string $structure = '',
        public string $kind = '',
        public ?PhotoSize $print = null,
        public int $prints = 1,
    ) {
    }

    public static function by(Request $request): self
    {
        $said = static fn (string $key): string => is_string($request->query($key)) ? mb_substr(trim($request->query($key)), 0, 120) : '';

        return new self(
            $said('search'),
            $said('order'),
            $said('structure'),
            $said('with'),
            PhotoSize::tryFrom($said('room')),
            max(1, min(9999, (int) $said('prints'))),
        );
    }

    public function isForAll(): bool
    {
        return $this->name === '' && ! $this->asksWhatItHolds();
    }

    public function asksWhatItHolds(): bool
    {
        return $this->structure !== '' || $this->kind !== '' || $this->print !== null;
    }

    public function isMetBy(Holding $holding): bool
    {
        return ($this->structure === '' || $holding->structure === $this->structure)
            && ($this->kind === '' || in_array($this->kind, $holding->kinds, true))
            && ($this->print === null || ($holding->prints[$this->print->value] ?? 0) >= $this->prints);
    }
}
