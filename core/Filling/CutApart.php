<?php

declare(strict_types=1);

namespace Ephemeron\Filling;

use Ephemeron\Blueprint\Act\Handling;
use Ephemeron\Blueprint\Act\Slip;
use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\Draft;
use Ephemeron\Blueprint\Filling;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Ply;
use Ephemeron\Blueprint\Pouch;
use Ephemeron\Blueprint\Task;
use Ephemeron\Geometry\Pin;
use Ephemeron\Geometry\Point;
use Ephemeron\Paper\Choices;
use Ephemeron\Paper\PrintedCard;
use Ephemeron\Paper\StockRole;

/**
 * Cards that are printed on sheets of the pad become pieces, each cut from its own place, and go into their pouches (common practice, no
 * published source: cut apart sheets are used as they are printed).
 */
final readonly class CutApart
{
    /** Sheets that are cut apart are told from those that the maker pinned something on. */
    private const SHEETS_FROM = 1000;

    /** @param array<string, Keepsake> $keepsakes by key */
    public function __construct(private Choices $choices, private array $keepsakes)
    {
    }

    public function layIn(Draft $draft): void
    {
        foreach ($this->keepsakes as $key => $one) {
            $card = $this->card($one);
            if ($card === null) {
                continue;
            }
            $pouch = $one->home === null ? null : $draft->find(Pouch::class, $one->home);
            $place = $pouch === null ? [] : [$pouch->name];
            $part = $draft->part(new Part(
                self::part((string) $key),
                $one->name,
                'Cards cut apart',
                $card->size,
                StockRole::InsertCard,
                places: $place,
                why: 'As it is printed on its sheet.',
                print: $one->paper,
                turn: 0,
            ));
            if ($pouch !== null) {
                $draft->add(new Filling($part, $pouch->key));
            }
            $draft->task(new Task(
                'cards-cut-apart',
                Phase::Fill,
                'Slip in the cards',
                'As they are printed: right side up, the right way up.',
                'Cards cut apart',
                parts: [$part],
                places: $place,
                face: $pouch?->face,
                acts: [$pouch === null ? Handling::setAside($part) : new Slip($part, $pouch->key)],
            ));
        }
    }

    /** @return array<string, list<Pin>> the places they are cut from, by part */
    public function pins(Blueprint $blueprint): array
    {
        $parts = [];
        foreach ($blueprint->all(Ply::class) as $ply) {
            $parts[$ply->key] = $ply->part;
        }
        $pins = [];
        $used = [];
        foreach ($this->keepsakes as $key => $one) {
            $card = $this->card($one);
            $part = $parts[self::part((string) $key)] ?? null;
            if ($card === null || $part === null) {
                continue;
            }
            $sheet = $used["{$one->paper} {$one->card}"] = ($used["{$one->paper} {$one->card}"] ?? -1) + 1;
            $pins[$part][] = new Pin(self::SHEETS_FROM + $sheet, new Point($card->left, $card->top));
        }

        return $pins;
    }

    /** The card it is, as its sheet tells; null for what is from no sheet. */
    public function card(Keepsake $one): ?PrintedCard
    {
        return $one->paper === null ? null : ($this->choices->papers[$one->paper] ?? null)?->cards[$one->card - 1] ?? null;
    }

    private static function part(string $key): string
    {
        return "card/{$key}";
    }
}
