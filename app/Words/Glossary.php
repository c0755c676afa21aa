<?php

declare(strict_types=1);

namespace App\Words;

use App\View\Typeset;
use Illuminate\Support\HtmlString;
use Illuminate\Support\Str;

/**
 * The words of the trade, as `resources/words/words.txt` has them, and where they stand in a sentence. Common practice, no
 * published source.
 */
final readonly class Glossary
{
    /** So many words of a sentence lead to what they mean: more would make it hard to read. */
    private const MOST_LINKS = 2;

    /** Words of every day: they have a meaning here too, and lead nowhere from a sentence. */
    private const EVERYDAY = ['sheet', 'part', 'blank', 'face', 'leaf', 'base', 'spread', 'a-side', 'core', 'panel', 'cover'];

    /** @var array<string, Word> by key, in the order of the alphabet */
    public array $words;

    /** @var array<string, string> keys by what is written, in lower case */
    private array $keys;

    private string $pattern;

    public function __construct(string $text)
    {
        $words = [];
        foreach (preg_split('/\n\s*\n/', trim($text)) ?: [] as $block) {
            $word = self::read(array_values(array_filter(explode("\n", $block))));
            $words[$word->key] = $word;
        }
        ksort($words);
        $keys = [];
        foreach (array_diff_key($words, array_flip(self::EVERYDAY)) as $key => $word) {
            foreach ([$word->name, ...$word->also] as $written) {
                $keys[mb_strtolower($written)] ??= $key;
            }
        }
        uksort($keys, static fn (string $one, string $other): int => mb_strlen($other) <=> mb_strlen($one));
        $this->words = $words;
        $this->keys = $keys;
        $this->pattern = '~(?<![\w-])('.implode('|', array_map(preg_quote(...), array_keys($keys))).')(?![\w-])~iu';
    }

    public static function ofTheHouse(): self
    {
        return new self((string) file_get_contents(resource_path('words/words.txt')));
    }

    /** @return array<string, Word> those in which it is found */
    public function like(string $search): array
    {
        return $search === '' ? $this->words : array_filter($this->words, static fn (Word $word): bool => $word->isLike($search));
    }

    /** A sentence in which the first words of the trade lead to what they mean. */
    public function linked(HtmlString $sentence): HtmlString
    {
        $met = [];
        $parts = preg_split('/(<[^>]+>)/', $sentence->toHtml(), flags: PREG_SPLIT_DELIM_CAPTURE) ?: [];
        foreach ($parts as $index => $part) {
            if (! str_starts_with($part, '<')) {
                $parts[$index] = preg_replace_callback($this->pattern, function (array $found) use (&$met): string {
                    $key = $this->keys[mb_strtolower($found[1])];
                    if (isset($met[$key]) || count($met) === self::MOST_LINKS) {
                        return $found[1];
                    }
                    $met[$key] = true;

                    return "<a class=\"word\" href=\"/words#{$key}\" data-word=\"{$key}\">{$found[1]}</a>";
                }, $part);
            }
        }

        return new HtmlString(implode('', $parts));
    }

    /** A sentence as it is set, with its words. */
    public static function html(string $sentence): HtmlString
    {
        return app(self::class)->linked(Typeset::html($sentence));
    }

    /** @param list<string> $lines */
    private static function read(array $lines): Word
    {
        $name = array_shift($lines) ?? '';
        $also = str_starts_with($lines[0] ?? '', 'also: ') ? explode(', ', substr((string) array_shift($lines), 6)) : [];
        $drawn = array_map(
            static fn (string $shape): array => preg_split('/ +/', trim($shape)) ?: [],
            explode('|', (string) array_pop($lines)),
        );

        return new Word(Str::slug($name), $name, $also, implode(' ', $lines), $drawn);
    }
}
