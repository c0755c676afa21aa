<?php

declare(strict_types=1);

namespace Ephemeron\Design;

/**
 * What the maker has said about one thing: that it is there (then it names its face and its kind), how it differs from what is usual,
 * or that it is off.
 */
final readonly class SaidThing
{
    /**
     * @param string|null $on face of one's own thing; null: it is a usual one that is changed
     * @param string|null $kind of one's own thing
     * @param Values $values those that are said; the others follow
     * @param array<string, self> $children by key
     * @param bool $off a usual thing that is taken off
     */
    public function __construct(
        public ?string $on = null,
        public ?string $kind = null,
        public Values $values = new Values,
        public array $children = [],
        public bool $off = false,
    ) {
    }

    /** The same, whole and one's own. */
    public static function whole(Placed $placed): self
    {
        $children = [];
        foreach ($placed->children as $child) {
            $children[$child->key] = self::whole($child);
        }

        return new self($placed->on, $placed->kind, $placed->values, $children);
    }

    /** What it takes to come from one to the other, which are of one kind; null where there is no difference, or none that can be said. */
    public static function difference(Placed $usual, Placed $wanted): ?self
    {
        if (array_diff_key($usual->values->values, $wanted->values->values) !== []) {
            return self::whole($wanted);
        }
        $children = Things::between($usual->children, $wanted->children)->said;
        $values = $wanted->values->besides($usual->values);

        return $values->values === [] && $children === [] ? null : new self(values: $values, children: $children);
    }

    public function isOwn(): bool
    {
        return $this->kind !== null;
    }

    public function saysNothing(): bool
    {
        return ! $this->isOwn() && ! $this->off && $this->values->values === [] && $this->children === [];
    }

    public function withOn(?string $on): self
    {
        return new self($on, $this->kind, $this->values, $this->children, $this->off);
    }

    public function withKind(?string $kind): self
    {
        return new self($this->on, $kind, $this->values, $this->children, $this->off);
    }

    public function withValues(Values $values): self
    {
        return new self($this->on, $this->kind, $values, $this->children, $this->off);
    }

    /** @param array<string, self> $children */
    public function withChildren(array $children): self
    {
        return new self($this->on, $this->kind, $this->values, $children, $this->off);
    }

    public function withOff(bool $off): self
    {
        return new self($this->on, $this->kind, $this->values, $this->children, $off);
    }

    public function appliedTo(Placed $usual): Placed
    {
        return new Placed(
            $usual->on,
            $usual->kind,
            $usual->values->and($this->values),
            (new Things($this->children))->furnish($usual->children),
            $usual->key,
            Standing::Changed,
        );
    }

    public function placed(string $key): Placed
    {
        return new Placed(
            $this->on ?? '',
            $this->kind ?? Placed::kindIn($key),
            $this->values,
            (new Things($this->children))->furnish([]),
            $key,
            Standing::Own,
        );
    }

    /** Without what the usual thing has anyway. */
    public function beside(Placed $usual): self
    {
        return $this->isOwn() ? $this : $this->withValues($this->values->besides($usual->values))->withChildren(
            (new Things($this->children))->beside($usual->children)->said,
        );
    }
}
