<?php

declare(strict_types=1);

namespace Ephemeron\Filling;

use Ephemeron\Blueprint\Act\Handling;
use Ephemeron\Blueprint\Act\Slip;
use Ephemeron\Blueprint\Draft;
use Ephemeron\Blueprint\Filling;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Pouch;
use Ephemeron\Blueprint\Task;
use Ephemeron\Paper\Choices;
use Ephemeron\Paper\PrintedCard;
use Ephemeron\Paper\SheetSpot;
use Ephemeron\Paper\StockRole;

/**
 * Cards that are printed on sheets of the pad become pieces, each cut from its own place, and go into their pouches (common practice, no
 * published source: cut apart sheets are used as they are printed).
 */
final readonly class CutApart
{
    /** Sheets that are cut apart are none of those a motif was chosen on. */
    private const SHEETS = 1000;

    /** @param array<string, Keepsake> $keepsakes by key */
    public function __construct(private Choices $choices, private array $keepsakes)
    {
    }

    public function layIn(Draft $draft): void
    {
        $used = [];
        foreach ($this->keepsakes as $key => $one) {
            $card = $this->card($one);
            if ($card === null) {
                continue;
            }
            // The same card twice wants two sheets.
            $sheet = $used["{$one->paper} {$one->card}"] = ($used["{$one->paper} {$one->card}"] ?? 0) + 1;
            $pouch = $one->home === null ? null : $draft->find(Pouch::class, $one->home);
            $place = $pouch === null ? [] : [$pouch->name];
            $part = $draft->part(new Part(
                "card/{$key}",
                $one->name,
                'Cards cut apart',
                $card->size,
                StockRole::InsertCard,
                places: $place,
                why: 'As it is printed on its sheet.',
                print: $one->paper,
                turn: 0,
                spot: new SheetSpot($card->left, $card->top, self::SHEETS + $sheet),
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

    /** The card it is, as its sheet tells; null for what is from no sheet. */
    public function card(Keepsake $one): ?PrintedCard
    {
        return $one->paper === null ? null : ($this->choices->papers[$one->paper] ?? null)?->cards[$one->card - 1] ?? null;
    }
}
