<?php

declare(strict_types=1);

namespace Ephemeron\Paper;

/** The prints of a book and what is cut from them by choice; what nobody chose comes from the paper of its role. */
final readonly class Choices
{
    /**
     * @param array<string, Stock> $papers prints at hand or wished for, by key
     * @param array<string, Choice> $said by place: a face (`page-3`), a layer of its mats (`page-3/mat-1`), a thing on it
     *     (`page-3/pocket-1`) or a piece (`cover`); for what is chosen by none of these a role (`role/pocket-paper`), an opening by
     *     its left page (`opening/page-2`), the `book`
     */
    public function __construct(public array $papers = [], public array $said = [])
    {
    }

    /**
     * @param array<string, Stock>|null $papers
     * @param array<string, Choice>|null $said
     */
    public function with(?array $papers = null, ?array $said = null): self
    {
        return new self($papers ?? $this->papers, $said ?? $this->said);
    }

    /**
     * What was said for the narrowest of these places; what it leaves open, for the next.
     *
     * @param string ...$places from the narrowest to the widest
     */
    public function for(string ...$places): Choice
    {
        $choice = new Choice;
        foreach ($places as $place) {
            $choice = isset($this->said[$place]) ? $choice->within($this->said[$place]) : $choice;
        }

        return $choice;
    }
}
