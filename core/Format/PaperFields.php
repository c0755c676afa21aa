<?php

declare(strict_types=1);

namespace Ephemeron\Format;

use Ephemeron\Design\InvalidParameter;
use Ephemeron\Design\Parameter;
use Ephemeron\Format\Shape\Asked;
use Ephemeron\Format\Shape\Field;
use Ephemeron\Format\Shape\ListOf;
use Ephemeron\Format\Shape\OneOf;
use Ephemeron\Format\Shape\Record;
use Ephemeron\Format\Shape\Through;
use Ephemeron\Format\Shape\Words;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\Direction;
use Ephemeron\Paper\Grain;
use Ephemeron\Paper\Grammage;
use Ephemeron\Paper\Leftover;
use Ephemeron\Paper\Price;
use Ephemeron\Paper\PrintedCard;
use Ephemeron\Paper\SheetFormat;
use Ephemeron\Paper\Side;
use Ephemeron\Paper\Sides;
use Ephemeron\Paper\Stock;

/** What a file says of one paper; what is left out stays as it is usual. */
final readonly class PaperFields
{
    private const MOST_LEFTOVERS = 40;

    private const MOST_CARDS = 60;

    /** @return Record<Stock> */
    public static function record(): Record
    {
        return new Record([
            new Field(
                'name',
                new Words(1, 80, 'A paper’s name has 1 to 80 characters.'),
                static fn (Stock $stock): string => $stock->name,
                static fn (Stock $stock, string $name): Stock => $stock->with(name: $name),
            ),
            // Before the format, which knows better.
            new Field(
                'width',
                self::side('Width'),
                static fn (Stock $stock): ?Length => SheetFormat::of($stock->sheet) === null ? $stock->sheet->width : null,
                static fn (Stock $stock, ?Length $width): Stock => $stock->with(
                    sheet: new Size($width ?? $stock->sheet->width, $stock->sheet->height),
                ),
                'With sheet "own".',
            ),
            new Field(
                'height',
                self::side('Height'),
                static fn (Stock $stock): ?Length => SheetFormat::of($stock->sheet) === null ? $stock->sheet->height : null,
                static fn (Stock $stock, ?Length $height): Stock => $stock->with(
                    sheet: new Size($stock->sheet->width, $height ?? $stock->sheet->height),
                ),
                'With sheet "own"; without the selvage strip.',
            ),
            new Field(
                'sheet',
                self::sheet(),
                static fn (Stock $stock): string => SheetFormat::of($stock->sheet)->value ?? 'own',
                static fn (Stock $stock, ?SheetFormat $format): Stock => $format === null ? $stock : $stock->with(sheet: $format->size()),
            ),
            new Field(
                'weight',
                self::weight(),
                static fn (Stock $stock): Grammage => $stock->grammage,
                static fn (Stock $stock, ?Grammage $weight): Stock => $weight === null ? $stock
                    : $stock->with(grammage: $weight, caliper: $weight->caliper()),
                '220, 220 g or 80 lb cover',
            ),
            new Field(
                'thickness',
                self::length('thickness', Length::micrometres(30), Length::millimetres(5)),
                static fn (Stock $stock): ?Length => $stock->caliper->equals($stock->grammage->caliper()) ? null : $stock->caliper,
                static fn (Stock $stock, ?Length $thick): Stock => $stock->with(caliper: $thick ?? $stock->grammage->caliper()),
                'Left out: weight × 1.3 cm³/g.',
            ),
            new Field(
                'sides',
                new OneOf(Sides::class, 'Printed sides'),
                static fn (Stock $stock): Sides => Sides::of($stock->doubleSided),
                static fn (Stock $stock, Sides $sides): Stock => $stock->with(doubleSided: $sides === Sides::Double),
            ),
            new Field(
                'direction',
                new OneOf(Direction::class, 'The direction'),
                static fn (Stock $stock): Direction => Direction::of($stock->directionA, $stock->directionB),
                static fn (Stock $stock, Direction $way): Stock => $stock->with(directionA: $way->onA(), directionB: $way->onB()),
                'Which sides have a print with a right way up.',
            ),
            new Field(
                'selvage',
                self::length('selvage', Length::zero(), Length::inches(2)),
                static fn (Stock $stock): Length => $stock->selvage,
                static fn (Stock $stock, ?Length $selvage): Stock => $stock->with(selvage: $selvage),
                'Breadth of the maker’s strip along the foot.',
            ),
            new Field(
                'count',
                new Asked(Parameter::count('count', 'The number of sheets', '', 0, 100_000, 0), orNothing: true),
                static fn (Stock $stock): ?int => $stock->available,
                static fn (Stock $stock, ?int $count): Stock => $stock->counted($count),
                'Sheets at hand; null: as many as it takes.',
            ),
            new Field(
                'grain',
                new OneOf(Grain::class, 'The grain'),
                static fn (Stock $stock): Grain => $stock->grain,
                static fn (Stock $stock, Grain $grain): Stock => $stock->with(grain: $grain),
                'long: the fibres run along the height of the sheet, short: along its width. '
                    .'Pieces that fold are laid so that most of their folds run along it.',
            ),
            new Field(
                'price',
                self::price(),
                static fn (Stock $stock): Price => $stock->price,
                static fn (Stock $stock, Price $price): Stock => $stock->with(price: $price),
                'Of one sheet, such as 0.85.',
            ),
            new Field(
                'drawer',
                self::drawer(),
                static fn (Stock $stock): ?string => $stock->drawer,
                static fn (Stock $stock, ?string $drawer): Stock => $stock->from($drawer),
                'What it is known by in the drawer it is taken from.',
            ),
            self::colour('colour', 'Of side A from afar, #2b3a67.', Side::A),
            self::colour('colour-behind', 'Of side B.', Side::B),
            new Field(
                'leftovers',
                self::leftovers(),
                static fn (Stock $stock): array => $stock->leftovers,
                self::leaving(...),
                'Pieces of this paper that are there; used up before a new sheet is begun.',
            ),
            new Field(
                'cards',
                self::cards(),
                static fn (Stock $stock): array => $stock->cards,
                self::printing(...),
                'Cards printed on side A, to be cut apart and used as they are.',
            ),
        ], 'A paper is an object with "name", "sheet", "weight" …', name: 'paper');
    }

    /** @return Field<Stock> */
    private static function colour(string $key, string $about, Side $side): Field
    {
        return new Field(
            $key,
            new Words(7, 7, 'A colour is written like #2b3a67.', '#[0-9A-Fa-f]{6}', orNothing: true),
            static fn (Stock $stock): ?string => $stock->colour($side),
            static fn (Stock $stock, ?string $colour): Stock => $side === Side::A ? $stock->coloured($colour, $stock->colourB)
                : $stock->coloured($stock->colourA, $colour),
            $about,
        );
    }

    /** @return ListOf<Leftover> */
    private static function leftovers(): ListOf
    {
        $least = Length::inches(0, 1, 4);
        $side = static fn (string $key): Asked => new Asked(Parameter::length($key, ucfirst($key), '', $least, Length::inches(60), $least));
        $leftover = new Record([
            new Field(
                'width',
                $side('width'),
                static fn (Leftover $leftover): Length => $leftover->size->width,
                static fn (Leftover $leftover, Length $width): Leftover => $leftover->with(new Size($width, $leftover->size->height)),
                isRequired: true,
            ),
            new Field(
                'height',
                $side('height'),
                static fn (Leftover $leftover): Length => $leftover->size->height,
                static fn (Leftover $leftover, Length $height): Leftover => $leftover->with(new Size($leftover->size->width, $height)),
                isRequired: true,
            ),
            new Field(
                'count',
                new Asked(Parameter::count('count', 'The number of leftovers', '', 1, 999, 1)),
                static fn (Leftover $leftover): int => $leftover->count,
                static fn (Leftover $leftover, int $count): Leftover => $leftover->with(count: $count),
            ),
            new Field(
                'drawer',
                self::drawer(),
                static fn (Leftover $leftover): ?string => $leftover->drawer,
                static fn (Leftover $leftover, ?string $drawer): Leftover => $leftover->with(drawer: $drawer),
            ),
        ], 'A leftover has "width", "height" and "count".');

        return new ListOf(
            $leftover,
            new Leftover(new Size($least, $least), 1),
            self::MOST_LEFTOVERS,
            sprintf('Leftovers are a list of up to %d sizes.', self::MOST_LEFTOVERS),
        );
    }

    /** @return ListOf<PrintedCard> */
    private static function cards(): ListOf
    {
        $least = Length::inches(0, 1, 2);
        $zero = Length::zero();
        $length = static fn (string $key, Length $from): Asked => new Asked(
            Parameter::length($key, ucfirst($key), '', $from, Length::inches(60), $from),
        );
        $card = new Record([
            new Field(
                'name',
                new Words(0, 80, 'The name of a card has at most 80 characters.'),
                static fn (PrintedCard $card): string => $card->name,
                static fn (PrintedCard $card, string $name): PrintedCard => $card->with(name: $name),
            ),
            new Field(
                'width',
                $length('width', $least),
                static fn (PrintedCard $card): Length => $card->size->width,
                static fn (PrintedCard $card, Length $width): PrintedCard => $card->with(size: new Size($width, $card->size->height)),
                isRequired: true,
            ),
            new Field(
                'height',
                $length('height', $least),
                static fn (PrintedCard $card): Length => $card->size->height,
                static fn (PrintedCard $card, Length $height): PrintedCard => $card->with(size: new Size($card->size->width, $height)),
                isRequired: true,
            ),
            new Field(
                'left',
                $length('left', $zero),
                static fn (PrintedCard $card): Length => $card->left,
                static fn (PrintedCard $card, Length $left): PrintedCard => $card->with(left: $left),
            ),
            new Field(
                'top',
                $length('top', $zero),
                static fn (PrintedCard $card): Length => $card->top,
                static fn (PrintedCard $card, Length $top): PrintedCard => $card->with(top: $top),
            ),
        ], 'A card has "width", "height", "left" and "top".');

        return new ListOf(
            $card,
            new PrintedCard(new Size($least, $least), $zero, $zero),
            self::MOST_CARDS,
            sprintf('Cards are a list of up to %d.', self::MOST_CARDS),
        );
    }

    /**
     * @param list<PrintedCard> $cards
     *
     * @throws InvalidParameter
     */
    private static function printing(Stock $stock, array $cards): Stock
    {
        foreach ($cards as $index => $card) {
            if (! $card->isOn($stock->sheet)) {
                throw InvalidParameter::because(sprintf('Card %d reaches beyond the sheet.', $index + 1));
            }
        }

        return $stock->with(cards: $cards);
    }

    /** @param list<Leftover> $leftovers */
    private static function leaving(Stock $stock, array $leftovers): Stock
    {
        return $stock->with(leftovers: $leftovers);
    }

    private static function side(string $name): Asked
    {
        return self::length(lcfirst($name), Length::inches(1), Length::inches(60));
    }

    private static function length(string $key, Length $least, Length $most): Asked
    {
        return new Asked(Parameter::length($key, ucfirst($key), '', $least, $most, $least), orNothing: true);
    }

    private static function sheet(): Through
    {
        $known = [...array_column(SheetFormat::cases(), 'value'), 'own'];

        return new Through(
            static fn (string $given): ?SheetFormat => in_array($given, ['own', ''], true) ? null : SheetFormat::tryFrom($given)
                ?? throw InvalidParameter::notAChoice('A sheet', $given, $known),
            static fn (string $sheet): string => $sheet,
            ['enum' => $known],
        );
    }

    private static function weight(): Through
    {
        return new Through(
            static fn (string $given): ?Grammage => $given === '' ? null : Grammage::parse($given),
            static fn (Grammage $weight): string => $weight->exact(),
            ['type' => ['string', 'number']],
        );
    }

    private static function price(): Through
    {
        return new Through(
            static fn (string $given): Price => $given === '' ? new Price(0) : Price::parse($given),
            static fn (Price $price): string => $price->text(),
            ['type' => ['string', 'number']],
        );
    }

    private static function drawer(): Words
    {
        return new Words(
            1,
            40,
            'A paper in the drawer is named by up to 40 letters, figures and hyphens.',
            '[A-Za-z0-9-]{1,40}',
            orNothing: true,
        );
    }
}
