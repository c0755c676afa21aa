<?php

declare(strict_types=1);

namespace Ephemeron\Format;

use Ephemeron\Design\Design;
use Ephemeron\Design\Parameter;
use Ephemeron\Format\Shape\Asked;
use Ephemeron\Format\Shape\Field;
use Ephemeron\Format\Shape\Maybe;
use Ephemeron\Format\Shape\OneOf;
use Ephemeron\Format\Shape\Reading;
use Ephemeron\Format\Shape\Record;
use Ephemeron\Format\Shape\Words;
use Ephemeron\Measure\Length;
use Ephemeron\Paper\Choice;
use Ephemeron\Paper\OnePicture;
use Ephemeron\Paper\SheetSpot;
use Ephemeron\Paper\Side;

/** What a file says of a chosen print. */
final readonly class ChoiceFields
{
    public const KEY = '[a-z0-9-]{1,40}';

    /** @return Record<Choice> */
    public static function record(): Record
    {
        return new Record([
            new Field(
                'paper',
                new Words(1, 40, 'A print is named by its key among the papers.', self::KEY, orNothing: true),
                static fn (Choice $choice): ?string => $choice->paper,
                static fn (Choice $choice, ?string $paper): Choice => $choice->onPaper($paper),
                'Key among “papers”; left out: the paper it would be cut from anyway.',
            ),
            new Field(
                'side',
                new OneOf(Side::class, 'The side', orNothing: true),
                static fn (Choice $choice): ?Side => $choice->side,
                static fn (Choice $choice, ?Side $side): Choice => $choice->showing($side),
                'The side of the paper that shows.',
            ),
            new Field(
                'turn',
                new Asked(Parameter::count('turn', 'The quarter turns', '', 0, 3, 0), orNothing: true),
                static fn (Choice $choice): ?int => $choice->turn,
                static fn (Choice $choice, ?int $turn): Choice => $choice->turned($turn),
                'By how many quarters the print is turned clockwise.',
            ),
            new Field(
                'proposed',
                new Asked(Parameter::flag('proposed', 'Proposed', '', false)),
                static fn (Choice $choice): bool => $choice->isProposed,
                static fn (Choice $choice, bool $is): Choice => $choice->proposed($is),
                'Not chosen by hand: another proposal may choose otherwise.',
            ),
            new Field(
                'picture',
                new Words(0, 40, 'A picture has a name of 40 characters at the most.'),
                static fn (Choice $choice): string => $choice->picture->name ?? '',
                static fn (Choice $choice, string $name): Choice => $choice->inPicture(
                    OnePicture::named($name, $choice->picture->isStacked ?? false),
                ),
                'Pieces with the same picture are cut as neighbours from one place of a sheet, so that it runs through.',
            ),
            new Field(
                'stacked',
                new Asked(Parameter::flag('stacked', 'One below the other', '', false), orNothing: true),
                static fn (Choice $choice): ?bool => ($choice->picture->isStacked ?? false) ?: null,
                static fn (Choice $choice, ?bool $is): Choice => $choice->inPicture($choice->picture?->with(isStacked: $is === true)),
                'They lie one below the other, from the head; else from left to right.',
            ),
            new Field(
                'at',
                self::spot(),
                static fn (Choice $choice): ?SheetSpot => $choice->spot,
                static fn (Choice $choice, ?SheetSpot $spot): Choice => $choice->at($spot),
                'The place of the sheet it is cut from.',
            ),
        ], 'A choice is an object with "paper", "side" and "turn".');
    }

    /** @return Maybe<SheetSpot> */
    private static function spot(): Maybe
    {
        $zero = Length::zero();
        $edge = static fn (string $key): Asked => new Asked(Parameter::length($key, ucfirst($key), '', $zero, Length::inches(60), $zero));

        return new Maybe(new Record([
            new Field(
                'left',
                $edge('left'),
                static fn (SheetSpot $spot): Length => $spot->left,
                static fn (SheetSpot $spot, Length $left): SheetSpot => $spot->with(left: $left),
                'Of its left edge from that of the sheet, side A up.',
            ),
            new Field(
                'top',
                $edge('top'),
                static fn (SheetSpot $spot): Length => $spot->top,
                static fn (SheetSpot $spot, Length $top): SheetSpot => $spot->with(top: $top),
            ),
            new Field(
                'sheet',
                new Asked(Parameter::count('sheet', 'The sheet', '', 1, 999, 1)),
                static fn (SheetSpot $spot): int => $spot->sheet,
                static fn (SheetSpot $spot, int $sheet): SheetSpot => $spot->with(sheet: $sheet),
                'Pieces with the same number are cut from the same sheet.',
            ),
            new Field(
                'turned',
                new Asked(Parameter::flag('turned', 'Turned', '', false)),
                static fn (SheetSpot $spot): bool => $spot->turned,
                static fn (SheetSpot $spot, bool $turned): SheetSpot => $spot->with(turned: $turned),
                'Its width lies along the height of the sheet.',
            ),
        ], 'A place of a sheet is an object with "left" and "top".'), new SheetSpot($zero, $zero));
    }

    /** Complains of prints that are not among the papers, and of sides that are bare. */
    public static function check(Design $design, Reading $choices): void
    {
        foreach ($design->choices->said as $place => $choice) {
            $paper = $choice->paper === null ? null : $design->choices->papers[$choice->paper] ?? null;
            if ($choice->paper !== null && $paper === null) {
                $choices->at($place)->at('paper')->complain("There is no print “{$choice->paper}” among the papers.");
            }
            if ($choice->side === Side::B && $paper?->doubleSided === false) {
                $choices->at($place)->at('side')->complain("{$paper->name} is printed on one side only.");
            }
        }
    }
}
