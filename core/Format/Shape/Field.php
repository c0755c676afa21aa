<?php

declare(strict_types=1);

namespace Ephemeron\Format\Shape;

/**
 * One named value of an object of the file: its shape, where it stands in the value object and how that is made with another.
 *
 * @template Owner of object
 */
final readonly class Field
{
    /**
     * @param \Closure(Owner): mixed $of
     * @param \Closure $with (Owner, value): Owner
     * @param string $about what it is, for the published schema
     */
    public function __construct(
        public string $key,
        public Shape $shape,
        private \Closure $of,
        private \Closure $with,
        public string $about = '',
        public bool $isRequired = false,
    ) {
    }

    /** @param Owner $owner */
    public function of(object $owner): mixed
    {
        return ($this->of)($owner);
    }

    /**
     * @param Owner $owner
     * @return Owner
     */
    public function with(object $owner, mixed $value): object
    {
        /** @var Owner */
        return ($this->with)($owner, $value);
    }

    /** @return array<string, mixed> */
    public function schema(): array
    {
        return [...$this->shape->schema(), ...($this->about === '' ? [] : ['description' => $this->about])];
    }
}
