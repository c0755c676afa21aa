<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

/** Something about this one kind of book that its structure knows and no general check would: said with the numbers. */
final readonly class Remark implements Fact
{
    public const STOP = 'stop';

    public const WATCH = 'watch';

    public const NOTE = 'note';

    /**
     * @param self::STOP|self::WATCH|self::NOTE $weight
     * @param string $kind stable name
     * @param array<string, string|int|bool|null> $changes what mends it, by place in the design file
     */
    public function __construct(
        public string $weight,
        public string $kind,
        public string $text,
        public ?string $face = null,
        public ?string $part = null,
        public string $mend = '',
        public array $changes = [],
    ) {
    }

    public function mark(): null
    {
        return null;
    }
}
