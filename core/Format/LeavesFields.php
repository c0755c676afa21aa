<?php

declare(strict_types=1);

namespace Ephemeron\Format;

use Ephemeron\Design\Parameter;
use Ephemeron\Format\Shape\Asked;
use Ephemeron\Format\Shape\ByKey;
use Ephemeron\Format\Shape\Field;
use Ephemeron\Format\Shape\ListOf;
use Ephemeron\Format\Shape\OneOf;
use Ephemeron\Format\Shape\Record;
use Ephemeron\Format\Shape\Words;
use Ephemeron\Gathering\Gathering;
use Ephemeron\Gathering\HeightWay;
use Ephemeron\Gathering\LeafKind;
use Ephemeron\Gathering\LeafPaper;
use Ephemeron\Gathering\Seat;
use Ephemeron\Gathering\SheetWay;
use Ephemeron\Gathering\Stacked;
use Ephemeron\Gathering\WidthWay;
use Ephemeron\Gathering\Wishes;
use Ephemeron\Gathering\WritingSpace;
use Ephemeron\Geometry\Edge;
use Ephemeron\Paper\SheetFormat;
use Ephemeron\Paper\Stock;

/** What a design says about the leaves of a journal, field by field. */
final readonly class LeavesFields
{
    /** Kinds of paper in a heap. */
    public const MOST_PAPERS = 120;

    public const MOST_SIGNATURES = 12;

    private const KEY = '[a-z0-9][a-z0-9-]{0,39}';

    /** @return Record<Gathering> */
    public static function record(): Record
    {
        return new Record([
            new Field(
                'heap',
                new ListOf(
                    self::paper(),
                    new LeafPaper('', Stock::card('Leaf', SheetFormat::LetterWide, 90)),
                    self::MOST_PAPERS,
                    sprintf('A heap is a list of up to %d papers.', self::MOST_PAPERS),
                ),
                static fn (Gathering $leaves): array => $leaves->heap,
                static fn (Gathering $leaves, array $heap): Gathering => $leaves->with(heap: self::known($heap)),
                'Papers the signatures are gathered from; left out: all sheets are of the paper with the role leaf.',
            ),
            new Field(
                'order',
                new ListOf(
                    new Record([
                        new Field(
                            'sheets',
                            new Words(
                                0,
                                8000,
                                'A signature is the keys of its papers from the outermost in, with spaces between.',
                                '('.self::KEY.'( '.self::KEY.')*)?',
                            ),
                            static fn (Stacked $stacked): string => implode(' ', $stacked->keys),
                            static fn (Stacked $stacked, string $keys): Stacked => new Stacked($keys === '' ? [] : explode(' ', $keys)),
                        ),
                    ]),
                    new Stacked([]),
                    self::MOST_SIGNATURES,
                    sprintf('The order is a list of up to %d signatures.', self::MOST_SIGNATURES),
                ),
                static fn (Gathering $leaves): array => array_map(static fn (array $keys): Stacked => new Stacked($keys), $leaves->order),
                static fn (Gathering $leaves, array $order): Gathering => $leaves->with(
                    order: array_values(array_map(static fn (Stacked $stacked): array => $stacked->keys, $order)),
                ),
                'Signature by signature, keys of papers from the outermost sheet in; left out: as it is proposed.',
            ),
            new Field(
                'ways',
                new ByKey(self::way(), new SheetWay),
                static fn (Gathering $leaves): array => $leaves->ways,
                static fn (Gathering $leaves, array $ways): Gathering => $leaves->with(
                    ways: array_filter($ways, static fn (SheetWay $way): bool => $way->saysSomething()),
                ),
                'What is done with sheets that do not fit, by the key of their paper; left out: folded from 1 in on, less is trimmed.',
            ),
            ...array_map(self::wish(...), ['first', 'second', 'middle']),
            ...array_map(self::share(...), LeafKind::cases()),
        ], 'Leaves are an object with "heap" and "order".');
    }

    /** @return Record<LeafPaper> */
    public static function paper(): Record
    {
        return new Record([
            new Field(
                'key',
                new Words(1, 40, 'A key has small letters, digits and hyphens, 1 to 40 of them.', self::KEY),
                static fn (LeafPaper $paper): string => $paper->key,
                static fn (LeafPaper $paper, string $key): LeafPaper => $paper->with(key: $key),
                isRequired: true,
            ),
            new Field(
                'paper',
                PaperFields::record(),
                static fn (LeafPaper $paper): Stock => $paper->stock,
                static fn (LeafPaper $paper, Stock $stock): LeafPaper => $paper->with(stock: $stock),
            ),
            new Field(
                'kind',
                new OneOf(LeafKind::class, 'The kind'),
                static fn (LeafPaper $paper): LeafKind => $paper->kind,
                static fn (LeafPaper $paper, LeafKind $kind): LeafPaper => $paper->with(kind: $kind),
            ),
            new Field(
                'count',
                new Asked(Parameter::count('count', 'How many', '', 1, 999, 1)),
                static fn (LeafPaper $paper): int => $paper->count,
                static fn (LeafPaper $paper, int $count): LeafPaper => $paper->with(count: $count),
            ),
            new Field(
                'text',
                new Asked(Parameter::flag('text', 'Printed text', '', false)),
                static fn (LeafPaper $paper): bool => $paper->hasText,
                static fn (LeafPaper $paper, bool $text): LeafPaper => $paper->with(hasText: $text),
            ),
            new Field(
                'front',
                new OneOf(WritingSpace::class, 'Room to write in front'),
                static fn (LeafPaper $paper): WritingSpace => $paper->front,
                static fn (LeafPaper $paper, WritingSpace $front): LeafPaper => $paper->with(front: $front),
                'How much of side A can be written on.',
            ),
            new Field(
                'back',
                new OneOf(WritingSpace::class, 'Room to write behind'),
                static fn (LeafPaper $paper): WritingSpace => $paper->back,
                static fn (LeafPaper $paper, WritingSpace $back): LeafPaper => $paper->with(back: $back),
            ),
            new Field(
                'hue',
                new Asked(Parameter::count('hue', 'Hue', '', 0, 359, 0), orNothing: true),
                static fn (LeafPaper $paper): ?int => $paper->hue,
                static fn (LeafPaper $paper, ?int $hue): LeafPaper => $paper->dyed($hue),
                'Degrees on the wheel of colours; left out: white, grey, none.',
            ),
            new Field(
                'reference',
                new Asked(Parameter::flag('reference', 'Like a dictionary', '', false)),
                static fn (LeafPaper $paper): bool => $paper->isReference,
                static fn (LeafPaper $paper, bool $is): LeafPaper => $paper->with(isReference: $is),
                'Of these one a signature is enough.',
            ),
            new Field(
                'bag',
                new OneOf(Edge::class, 'The open edge', orNothing: true),
                static fn (LeafPaper $paper): ?Edge => $paper->bag,
                static fn (LeafPaper $paper, ?Edge $edge): LeafPaper => $paper->openAt($edge),
                'Where a bag or an envelope is open.',
            ),
            new Field(
                'made',
                new Asked(Parameter::flag('made', 'Made already', '', false)),
                static fn (LeafPaper $paper): bool => $paper->isMade,
                static fn (LeafPaper $paper, bool $made): LeafPaper => $paper->with(isMade: $made),
                'A folio or the like, sewn in along a score: nothing is cut or folded for it.',
            ),
        ], 'A paper of the heap is an object with "key" and "paper".');
    }

    /** @return Record<SheetWay> */
    private static function way(): Record
    {
        return new Record([
            new Field(
                'height',
                new OneOf(HeightWay::class, 'The height', orNothing: true),
                static fn (SheetWay $way): ?HeightWay => $way->height,
                static fn (SheetWay $way, ?HeightWay $height): SheetWay => new SheetWay($height, $way->width, $way->seat),
            ),
            new Field(
                'width',
                new OneOf(WidthWay::class, 'The width', orNothing: true),
                static fn (SheetWay $way): ?WidthWay => $way->width,
                static fn (SheetWay $way, ?WidthWay $width): SheetWay => new SheetWay($way->height, $width, $way->seat),
            ),
            new Field(
                'seat',
                new OneOf(Seat::class, 'The seat'),
                static fn (SheetWay $way): Seat => $way->seat,
                static fn (SheetWay $way, Seat $seat): SheetWay => new SheetWay($way->height, $way->width, $seat),
                'Where a sheet sits that is less tall than the others.',
            ),
        ], 'What is done with a paper is an object with "height", "width" and "seat".');
    }

    /** @return Field<Gathering> */
    private static function wish(string $which): Field
    {
        return new Field(
            $which,
            new Words(0, 40, 'A leaf is chosen by the key of its paper.', self::KEY, orNothing: true),
            static fn (Gathering $leaves): ?string => match ($which) {
                'first' => $leaves->wishes->first,
                'second' => $leaves->wishes->second,
                default => $leaves->wishes->middle,
            },
            static fn (Gathering $leaves, ?string $key): Gathering => $leaves->with(wishes: new Wishes(
                $which === 'first' ? $key : $leaves->wishes->first,
                $which === 'second' ? $key : $leaves->wishes->second,
                $which === 'middle' ? $key : $leaves->wishes->middle,
            )),
            match ($which) {
                'first' => 'Key of the paper one sees first.',
                'second' => 'Key of the paper that comes after it.',
                default => 'Key of the favourite, for the middle.',
            },
        );
    }

    /** @return Field<Gathering> */
    private static function share(LeafKind $kind): Field
    {
        return new Field(
            "mix-{$kind->value}",
            new Asked(Parameter::count("mix-{$kind->value}", ucfirst($kind->label()), '', 0, 300, 0), orNothing: true),
            static fn (Gathering $leaves): ?int => $leaves->mix[$kind->value] ?? null,
            static fn (Gathering $leaves, ?int $count): Gathering => $leaves->with(
                mix: array_filter([$kind->value => $count] + $leaves->mix, is_int(...)),
            ),
            "Sheets of this kind ({$kind->examples()}), all signatures together; left out: the usual share.",
        );
    }

    /**
     * @param array<LeafPaper> $heap
     * @return list<LeafPaper> of papers with one key the first
     */
    private static function known(array $heap): array
    {
        $known = [];
        foreach ($heap as $paper) {
            $known[$paper->key] ??= $paper;
        }

        return array_values($known);
    }
}
