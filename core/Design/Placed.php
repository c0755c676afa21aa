<?php

declare(strict_types=1);

namespace Ephemeron\Design;

/** Something on a face: what kind, how, and what sits on it in turn. */
final readonly class Placed
{
    /**
     * @param string $on key of a face of the book; of a child the name of its parent's face, empty for the usual one
     * @param list<self> $children
     * @param string $key by which it stays known among the things of the book, or among those on its parent
     */
    public function __construct(
        public string $on,
        public string $kind,
        public Values $values,
        public array $children = [],
        public string $key = '',
        public Standing $standing = Standing::Usual,
    ) {
    }

    /**
     * Each with a key of its own: `page-2/pocket-1` on a face of the book, `pocket-1` on another thing.
     *
     * @param list<self> $things
     * @return list<self>
     */
    public static function keyed(array $things): array
    {
        $counts = [];
        $keyed = [];
        foreach ($things as $thing) {
            $number = $counts["{$thing->on}/{$thing->kind}"] = ($counts["{$thing->on}/{$thing->kind}"] ?? 0) + 1;
            $children = array_map(
                static fn (self $child, int $index): self => self::keyed([$child])[0]->under("{$child->kind}-".($index + 1)),
                $thing->children,
                array_keys($thing->children),
            );
            $keyed[] = (new self($thing->on, $thing->kind, $thing->values, $children))
                ->under(self::keyFor($thing->on, $thing->kind, $number));
        }

        return $keyed;
    }

    /** The key of the so-manieth thing of a kind on a face. */
    public static function keyFor(string $on, string $kind, int $number): string
    {
        return preg_replace('~[^a-z0-9/-]+~', '-', mb_strtolower($on))."/{$kind}-{$number}";
    }

    /** Which kind of thing a key speaks of. */
    public static function kindIn(string $key): string
    {
        return preg_replace('~^(?:.*/)?(.+?)-\d+$~', '$1', $key) ?? '';
    }

    public function withValues(Values $values): self
    {
        return new self($this->on, $this->kind, $values, $this->children, $this->key, $this->standing);
    }

    private function under(string $key): self
    {
        return new self($this->on, $this->kind, $this->values, $this->children, $key, $this->standing);
    }
}
