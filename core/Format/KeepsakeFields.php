<?php

declare(strict_types=1);

namespace Ephemeron\Format;

use Ephemeron\Design\Design;
use Ephemeron\Design\Parameter;
use Ephemeron\Filling\Keepsake;
use Ephemeron\Filling\KeepsakeKind;
use Ephemeron\Format\Shape\Asked;
use Ephemeron\Format\Shape\Field;
use Ephemeron\Format\Shape\OneOf;
use Ephemeron\Format\Shape\Reading;
use Ephemeron\Format\Shape\Record;
use Ephemeron\Format\Shape\Words;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;

/** What a file says of a photo, a card or an envelope that is to go in. */
final readonly class KeepsakeFields
{
    /** What is said of one of which nothing is said: a 4 × 6 print, standing. */
    public static function usual(): Keepsake
    {
        return new Keepsake('Photo', KeepsakeKind::Print, Size::inches(4, 6));
    }

    /** @return Record<Keepsake> */
    public static function record(): Record
    {
        $side = static fn (string $key): Asked => new Asked(
            Parameter::length($key, ucfirst($key), '', Length::inches(0, 1, 2), Length::inches(24), Length::inches(4)),
        );

        return new Record([
            new Field(
                'name',
                new Words(1, 80, 'A name has 1 to 80 characters.'),
                static fn (Keepsake $one): string => $one->name,
                static fn (Keepsake $one, string $name): Keepsake => $one->with(name: $name),
            ),
            new Field(
                'kind',
                new OneOf(KeepsakeKind::class, 'The kind'),
                static fn (Keepsake $one): KeepsakeKind => $one->kind,
                static fn (Keepsake $one, KeepsakeKind $kind): Keepsake => $one->with(kind: $kind),
            ),
            new Field(
                'width',
                $side('width'),
                static fn (Keepsake $one): Length => $one->size->width,
                static fn (Keepsake $one, Length $width): Keepsake => $one->with(size: new Size($width, $one->size->height)),
                'The way up it is to be seen: wider than tall, it lies.',
            ),
            new Field(
                'height',
                $side('height'),
                static fn (Keepsake $one): Length => $one->size->height,
                static fn (Keepsake $one, Length $height): Keepsake => $one->with(size: new Size($one->size->width, $height)),
            ),
            new Field(
                'home',
                new Words(1, 190, 'A place is named by its key: page-1/pocket-1.', '[a-z0-9/#-]{1,190}', orNothing: true),
                static fn (Keepsake $one): ?string => $one->home,
                static fn (Keepsake $one, ?string $home): Keepsake => $one->goingTo($home, $one->isProposed),
                'Key of the pocket, photo mat, frame or page it goes to.',
            ),
            new Field(
                'proposed',
                new Asked(Parameter::flag('proposed', 'Proposed', '', false)),
                static fn (Keepsake $one): bool => $one->isProposed,
                static fn (Keepsake $one, bool $is): Keepsake => $one->with(isProposed: $is),
                'Its place was not chosen by hand: another proposal may choose otherwise.',
            ),
            new Field(
                'paper',
                new Words(1, 40, 'A sheet is named by its key among the papers.', ChoiceFields::KEY, orNothing: true),
                static fn (Keepsake $one): ?string => $one->paper,
                static fn (Keepsake $one, ?string $paper): Keepsake => $one->cutFrom($paper),
                'Of a card that is cut from a printed sheet: key of that sheet among “papers”.',
            ),
            new Field(
                'card',
                new Asked(Parameter::count('card', 'The card', '', 1, 60, 1)),
                static fn (Keepsake $one): int => $one->card,
                static fn (Keepsake $one, int $card): Keepsake => $one->with(card: $card),
                'Which of the cards on that sheet, from 1.',
            ),
        ], 'What goes in is an object with "kind", "width" and "height".');
    }

    /** Cards that are cut apart are as large as they are printed. */
    public static function settled(Design $design, Reading $reading): Design
    {
        $keepsakes = [];
        foreach ($design->keepsakes as $key => $one) {
            $keepsakes[$key] = $one;
            if ($one->paper === null) {
                continue;
            }
            $sheet = $design->choices->papers[$one->paper] ?? null;
            $card = $sheet?->cards[$one->card - 1] ?? null;
            if ($sheet === null) {
                $reading->at((string) $key)->at('paper')->complain("There is no sheet “{$one->paper}” among the papers.");
            } elseif ($card === null) {
                $reading->at((string) $key)->at('card')->complain(sprintf('%s has %d cards.', $sheet->name, count($sheet->cards)));
            } else {
                $keepsakes[$key] = $one->with(size: $card->size);
            }
        }

        return $design->with(keepsakes: $keepsakes);
    }
}
