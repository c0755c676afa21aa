<?php

declare(strict_types=1);

namespace Ephemeron\Format;

use Ephemeron\Blueprint\Made;
use Ephemeron\Design\Alternation;
use Ephemeron\Design\CoverOrder;
use Ephemeron\Design\Decorating;
use Ephemeron\Design\Design;
use Ephemeron\Design\FaceMats;
use Ephemeron\Design\Gluing;
use Ephemeron\Design\Inking;
use Ephemeron\Design\MatCorners;
use Ephemeron\Design\MatRule;
use Ephemeron\Design\MatSchool;
use Ephemeron\Design\Parameter;
use Ephemeron\Design\PinnedPart;
use Ephemeron\Design\PocketOrder;
use Ephemeron\Design\Schools;
use Ephemeron\Design\ScoringSchool;
use Ephemeron\Design\StripWidths;
use Ephemeron\Design\Things;
use Ephemeron\Design\Tools;
use Ephemeron\Design\Values;
use Ephemeron\Format\Shape\Asked;
use Ephemeron\Format\Shape\ByKey;
use Ephemeron\Format\Shape\Field;
use Ephemeron\Format\Shape\ListOf;
use Ephemeron\Format\Shape\Measures;
use Ephemeron\Format\Shape\OneOf;
use Ephemeron\Format\Shape\Record;
use Ephemeron\Format\Shape\Strips;
use Ephemeron\Format\Shape\Words;
use Ephemeron\Furniture\Showroom;
use Ephemeron\Gathering\Gathering;
use Ephemeron\Geometry\Pin;
use Ephemeron\Geometry\Point;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\ToolGrid;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\Choice;
use Ephemeron\Paper\SheetFormat;
use Ephemeron\Paper\Stock;
use Ephemeron\Structure\Structure;

/**
 * What a design says, field by field: the one list from which designs are read and written, the schema is published, and what a request
 * may change is known.
 */
final readonly class DesignFields
{
    private const MOST_PINS = 60;

    /** What a file says before its fields can be read. */
    public const HEAD = ['$schema', 'format', 'version', 'structure', 'unit', 'furniture'];

    public ThingsShape $things;

    public function __construct(Showroom $showroom)
    {
        $this->things = new ThingsShape($showroom);
    }

    /**
     * @param Structure|null $structure whose parameters and roles are meant; null: any
     * @return Record<Design>
     */
    public function record(?Structure $structure): Record
    {
        return new Record([
            new Field(
                'name',
                new Words(1, 120, 'A name has 1 to 120 characters.'),
                static fn (Design $design): string => $design->name,
                static fn (Design $design, string $name): Design => $design->with(name: $name),
            ),
            new Field(
                'grid',
                new OneOf(ToolGrid::class, 'Marks'),
                static fn (Design $design): ToolGrid => $design->tools->grid,
                static fn (Design $design, ToolGrid $grid): Design => $design->with(tools: $design->tools->withGrid($grid)),
                'Marks that lengths are read to on trimmer and ruler.',
            ),
            new Field(
                'grooves',
                new OneOf(ToolGrid::class, 'Grooves'),
                static fn (Design $design): ToolGrid => $design->tools->grooves,
                static fn (Design $design, ToolGrid $grooves): Design => $design->with(tools: $design->tools->withGrooves($grooves)),
                'Grooves of the scoring board.',
            ),
            $this->tool(
                Tools::BOARD,
                'The scoring board',
                Length::inches(4),
                Length::inches(40),
                'Length of the scoring board; left out: 12 in, or 30 cm with metric grooves.',
            ),
            $this->tool(
                Tools::BLADE,
                'The blade',
                Length::inches(4),
                Length::inches(60),
                'Longest cut of the trimmer; left out: 12¼ in, with a metric grid 31 cm.',
            ),
            $this->tool(
                Tools::STRIP,
                'The narrowest strip',
                Length::inches(0, 1, 32),
                Length::inches(1),
                'Narrowest strip that comes off the trimmer cleanly; left out: ⅛ in, with a metric grid 3 mm.',
            ),
            $this->tool(
                Tools::PLAY,
                'The play of inserts',
                Length::inches(0, 1, 8),
                Length::inches(1),
                'How much less than the clear width of its pocket an insert is wanted; left out: ¼ in.',
            ),
            ...array_map($this->stack(...), Tools::WEIGHTS),
            new Field(
                'scoring',
                new OneOf(ScoringSchool::class, 'Scores'),
                static fn (Design $design): ScoringSchool => $design->scoring,
                static fn (Design $design, ScoringSchool $scoring): Design => $design->with(scoring: $scoring),
                'turn: the same distance from each end; absolute: all from the left.',
            ),
            new Field(
                'schools',
                $this->schools(),
                static fn (Design $design): Schools => $design->schools,
                static fn (Design $design, Schools $schools): Design => $design->with(schools: $schools),
                'Where makers differ. decorating: before or after binding; gluing: by what the place asks for, or one throughout; '
                    .'pockets: mat or pocket first.',
            ),
            new Field(
                'parameters',
                new Measures($structure?->parameters() ?? []),
                static fn (Design $design): Values => $design->parameters,
                static fn (Design $design, Values $values): Design => $design->with(parameters: $values),
                'Values by parameter key of the structure.',
            ),
            new Field(
                'mats',
                $this->mats(),
                static fn (Design $design): MatRule => $design->mats,
                static fn (Design $design, MatRule $mats): Design => $design->with(mats: $mats),
            ),
            new Field(
                'things',
                $this->things,
                static fn (Design $design): Things => $design->things,
                static fn (Design $design, Things $things): Design => $design->with(things: $things),
                'What is said about things on faces, by key: `page-2/pocket-1`. One’s own name their face (on) and kind; '
                    .'others change a usual thing, or take it off.',
            ),
            new Field(
                'pins',
                $this->pins(),
                static fn (Design $design): array => $design->pins,
                self::pinning(...),
                'Pieces cut from a chosen place of their paper, one entry for each.',
            ),
            new Field(
                'leaves',
                LeavesFields::record(),
                static fn (Design $design): Gathering => $design->leaves,
                static fn (Design $design, Gathering $leaves): Design => $design->with(leaves: $leaves),
                'What is sewn into a journal; of other books nothing.',
            ),
            new Field(
                'papers',
                new ByKey(PaperFields::record(), self::unnamedPrint(), 200, ChoiceFields::KEY),
                static fn (Design $design): array => $design->choices->papers,
                static fn (Design $design, array $papers): Design => $design->with(choices: $design->choices->with(papers: $papers)),
                'Prints that pieces are cut from by choice, by a key of one’s own.',
            ),
            new Field(
                'choices',
                new ByKey(ChoiceFields::record(), new Choice),
                static fn (Design $design): array => $design->choices->said,
                self::choosing(...),
                'Which print, by face (page-3), layer of its mats (page-3/mat-1), thing on it (page-3/pocket-1) or piece (cover); for what '
                    .'is left by role (role/pocket-paper), by opening (opening/page-2, its left page), for the book (book).',
            ),
            new Field(
                'keepsakes',
                new ByKey(KeepsakeFields::record(), KeepsakeFields::usual(), 400, ChoiceFields::KEY),
                static fn (Design $design): array => $design->keepsakes,
                static fn (Design $design, array $keepsakes): Design => $design->with(keepsakes: $keepsakes),
                'What is to go in, by a key of one’s own: photos, cards, envelopes.',
            ),
            new Field(
                'made',
                new ByKey(self::made(), new Made),
                static fn (Design $design): array => $design->made,
                static fn (Design $design, array $made): Design => $design->with(made: $made),
                'What pieces are to measure because others came out otherwise, by the key each is laid out by: page-3/mat-1.',
            ),
            new Field(
                'materials',
                new ByKey(PaperFields::record(), null),
                static fn (Design $design): array => $design->materials,
                static fn (Design $design, array $materials): Design => $design->with(materials: $materials),
                'Papers by role.',
            ),
        ], 'A design file is a JSON object, { … }.', self::HEAD);
    }

    /** Whether a request may set this place. */
    public function has(string $place): bool
    {
        $field = explode('.', $place)[0];
        $fits = preg_match('~^[a-z0-9./#-]{1,400}$~D', $place) === 1;

        return $fits && (in_array($field, $this->record(null)->keys(), true) || $place === 'unit');
    }

    /** Whether an emptied field means: as usual. Emptied measures of a structure and schools do not: they are complained about. */
    public function mayBeEmpty(string $place): bool
    {
        return ! in_array(explode('.', $place)[0], ['name', 'unit', 'parameters', 'schools', 'scoring', 'grid', 'grooves'], true);
    }

    /** @return Field<Design> */
    private function tool(string $tool, string $name, Length $least, Length $most, string $about): Field
    {
        return new Field(
            $tool,
            new Asked(Parameter::length($tool, $name, '', $least, $most), orNothing: true),
            static fn (Design $design): ?Length => $design->tools->length($tool),
            static fn (Design $design, ?Length $length): Design => $design->with(tools: $design->tools->withLength($tool, $length)),
            $about,
        );
    }

    /** @return Field<Design> */
    private function stack(int $grams): Field
    {
        $parameter = Parameter::count("stack-{$grams}", "Sheets of {$grams} g at once", '', 1, 20, 1);

        return new Field(
            $parameter->key,
            new Asked($parameter, orNothing: true),
            static fn (Design $design): ?int => $design->tools->stacks[$grams] ?? null,
            static fn (Design $design, ?int $sheets): Design => $design->with(tools: $design->tools->withStack($grams, $sheets)),
            "How many sheets of {$grams} g/m² and a little more the trimmer takes at once.",
        );
    }

    /** @param array<string, FaceMats> $faces those that say nothing are no exceptions */
    private static function excepting(MatRule $rule, array $faces): MatRule
    {
        return $rule->with(faces: array_filter($faces, static fn (FaceMats $mats): bool => $mats->saysSomething()));
    }

    /** @param list<PinnedPart> $pins */
    private static function pinning(Design $design, array $pins): Design
    {
        return $design->with(pins: $pins);
    }

    /** @param array<string, Choice> $said those that say nothing are none */
    private static function choosing(Design $design, array $said): Design
    {
        $said = array_filter($said, static fn (Choice $choice): bool => $choice->saysSomething());

        return $design->with(choices: $design->choices->with(said: $said));
    }

    private static function unnamedPrint(): Stock
    {
        return Stock::pattern('Print', SheetFormat::TwelveSquare, 160);
    }

    /** @return Record<Schools> */
    private function schools(): Record
    {
        return new Record([
            new Field(
                'decorating',
                new OneOf(Decorating::class),
                static fn (Schools $schools): Decorating => $schools->decorating,
                static fn (Schools $schools, Decorating $way): Schools => $schools->with(decorating: $way),
            ),
            new Field(
                'gluing',
                new OneOf(Gluing::class),
                static fn (Schools $schools): Gluing => $schools->gluing,
                static fn (Schools $schools, Gluing $way): Schools => $schools->with(gluing: $way),
            ),
            new Field(
                'pockets',
                new OneOf(PocketOrder::class),
                static fn (Schools $schools): PocketOrder => $schools->pockets,
                static fn (Schools $schools, PocketOrder $way): Schools => $schools->with(pockets: $way),
            ),
            new Field(
                'covers',
                new OneOf(CoverOrder::class),
                static fn (Schools $schools): CoverOrder => $schools->covers,
                static fn (Schools $schools, CoverOrder $way): Schools => $schools->with(covers: $way),
            ),
            new Field(
                'inking',
                new OneOf(Inking::class),
                static fn (Schools $schools): Inking => $schools->inking,
                static fn (Schools $schools, Inking $way): Schools => $schools->with(inking: $way),
            ),
        ]);
    }

    /** @return Record<Made> */
    private static function made(): Record
    {
        $side = static fn (string $key): Asked => new Asked(
            Parameter::length($key, ucfirst($key), '', Length::inches(0, 1, 8), Length::inches(60)),
            orNothing: true,
        );

        return new Record([
            new Field(
                'width',
                $side('width'),
                static fn (Made $made): ?Length => $made->width,
                static fn (Made $made, ?Length $width): Made => new Made($width, $made->height),
            ),
            new Field(
                'height',
                $side('height'),
                static fn (Made $made): ?Length => $made->height,
                static fn (Made $made, ?Length $height): Made => new Made($made->width, $height),
            ),
        ], 'What a piece is to measure is an object with "width" and "height".');
    }

    /** @return Record<MatRule> */
    private function mats(): Record
    {
        $layers = Parameter::count('layers', 'Layers', '', 0, MatRule::MOST_LAYERS, 0);
        $face = new Record([
            new Field(
                'school',
                new OneOf(MatSchool::class, 'The border', orNothing: true),
                static fn (FaceMats $mats): ?MatSchool => $mats->school,
                static fn (FaceMats $mats, ?MatSchool $school): FaceMats => $mats->withSchool($school),
            ),
            new Field(
                'layers',
                new Asked($layers, orNothing: true),
                static fn (FaceMats $mats): ?int => $mats->layers,
                static fn (FaceMats $mats, ?int $layers): FaceMats => $mats->withLayers($layers),
            ),
            new Field(
                'picture',
                new Words(0, 40, 'A picture has a name of 40 characters at the most.'),
                static fn (FaceMats $mats): string => $mats->picture,
                static fn (FaceMats $mats, string $picture): FaceMats => $mats->withPicture($picture),
                'Mats with the same picture are cut side by side from one place of a sheet.',
            ),
            new Field(
                'corners',
                new OneOf(MatCorners::class, 'The corners', orNothing: true),
                static fn (FaceMats $mats): ?MatCorners => $mats->corners,
                static fn (FaceMats $mats, ?MatCorners $corners): FaceMats => $mats->withCorners($corners),
            ),
            new Field(
                'strips',
                new Asked(Parameter::count('strips', 'Strips', '', 1, 3, 1), orNothing: true),
                static fn (FaceMats $mats): ?int => $mats->strips,
                static fn (FaceMats $mats, ?int $strips): FaceMats => $mats->withStrips($strips),
                'Two or three strips of two prints instead of one mat.',
            ),
            new Field(
                'widths',
                new Strips,
                static fn (FaceMats $mats): ?StripWidths => $mats->widths,
                static fn (FaceMats $mats, ?StripWidths $widths): FaceMats => $mats->withWidths($widths),
                'Widths of own strips, “2 | rest | 2”: one of them is what is left.',
            ),
            new Field(
                'across',
                new Asked(Parameter::flag('across', 'Across', '', false), orNothing: true),
                static fn (FaceMats $mats): ?bool => $mats->across ?: null,
                static fn (FaceMats $mats, ?bool $across): FaceMats => $mats->goingAcross($across === true),
                'The strips follow each other from the head down.',
            ),
            new Field(
                'tuck',
                new Asked(Parameter::length('tuck', 'Tuck', '', Length::zero(), Length::inches(2)), orNothing: true),
                static fn (FaceMats $mats): ?Length => $mats->tuck,
                static fn (FaceMats $mats, ?Length $tuck): FaceMats => $mats->tuckedBy($tuck),
                'How far what is left goes in under the strips beside it; left out: they butt.',
            ),
            new Field(
                'rim',
                new Asked(Parameter::length('rim', 'Rim', '', Length::inches(0, 1, 32), Length::inches(6)), orNothing: true),
                static fn (FaceMats $mats): ?Length => $mats->rim,
                static fn (FaceMats $mats, ?Length $rim): FaceMats => $mats->withRim($rim),
                'How much of the lower mat shows round the upper one.',
            ),
            new Field(
                'plain',
                new Asked(Parameter::flag('plain', 'Plain', '', false), orNothing: true),
                static fn (FaceMats $mats): ?bool => $mats->plain ?: null,
                static fn (FaceMats $mats, ?bool $plain): FaceMats => $mats->onPlain($plain === true),
                'The mat, of two the lower one, is of plain card.',
            ),
        ], 'Mats of one face are an object with "school" and "layers".');

        return new Record([
            new Field(
                'school',
                new OneOf(MatSchool::class, 'The border'),
                static fn (MatRule $rule): MatSchool => $rule->school,
                static fn (MatRule $rule, MatSchool $school): MatRule => $rule->with(school: $school),
            ),
            new Field(
                'layers',
                new Asked($layers),
                static fn (MatRule $rule): int => $rule->layers,
                static fn (MatRule $rule, int $layers): MatRule => $rule->with(layers: $layers),
            ),
            new Field(
                'alternate',
                new OneOf(Alternation::class, 'Facing pages'),
                static fn (MatRule $rule): Alternation => $rule->alternate,
                static fn (MatRule $rule, Alternation $alternate): MatRule => $rule->with(alternate: $alternate),
                'What keeps facing pages from showing the same print: side B on every other page, or the paper mat-other.',
            ),
            new Field(
                'corners',
                new OneOf(MatCorners::class, 'The corners'),
                static fn (MatRule $rule): MatCorners => $rule->corners,
                static fn (MatRule $rule, MatCorners $corners): MatRule => $rule->with(corners: $corners),
                'What is done to the corners of mats.',
            ),
            new Field(
                'faces',
                new ByKey($face, new FaceMats),
                static fn (MatRule $rule): array => $rule->faces,
                self::excepting(...),
                'Exceptions by face: front-cover, page-1 …, back-cover; or by what a row of numbered faces has in common: page, '
                    .'concertina. '
                    .'What is left out or null is as everywhere.',
            ),
        ]);
    }

    /** @return ListOf<PinnedPart> */
    private function pins(): ListOf
    {
        $zero = Length::zero();
        $place = static fn (string $key, string $name): Asked => new Asked(
            Parameter::length($key, $name, '', $zero, Length::inches(60), $zero),
        );
        $pin = new Record([
            new Field(
                'part',
                new Words(1, 200, 'A pin names the part it holds.'),
                static fn (PinnedPart $pin): string => $pin->part,
                static fn (PinnedPart $pin, string $part): PinnedPart => new PinnedPart($part, $pin->pin),
                'Key of the part.',
                isRequired: true,
            ),
            new Field(
                'sheet',
                new Asked(Parameter::count('sheet', 'The sheet', '', 1, 99, 1)),
                static fn (PinnedPart $pin): int => $pin->pin->sheet,
                static fn (PinnedPart $pin, int $sheet): PinnedPart => new PinnedPart($pin->part, $pin->pin->with(sheet: $sheet)),
                'Pieces pinned to the same sheet are cut from one.',
            ),
            new Field(
                'left',
                $place('left', 'From the left edge'),
                static fn (PinnedPart $pin): Length => $pin->pin->corner->x,
                static fn (PinnedPart $pin, Length $left): PinnedPart => new PinnedPart(
                    $pin->part,
                    $pin->pin->with(corner: new Point($left, $pin->pin->corner->y)),
                ),
            ),
            new Field(
                'top',
                $place('top', 'From the head'),
                static fn (PinnedPart $pin): Length => $pin->pin->corner->y,
                static fn (PinnedPart $pin, Length $top): PinnedPart => new PinnedPart(
                    $pin->part,
                    $pin->pin->with(corner: new Point($pin->pin->corner->x, $top)),
                ),
            ),
            new Field(
                'turned',
                new Asked(Parameter::flag('turned', 'Turned', '', false)),
                static fn (PinnedPart $pin): bool => $pin->pin->turned,
                static fn (PinnedPart $pin, bool $turned): PinnedPart => new PinnedPart($pin->part, $pin->pin->with(turned: $turned)),
            ),
        ], 'A pin has "part", "sheet", "left" and "top".');

        return new ListOf(
            $pin,
            new PinnedPart('', new Pin(1, new Point($zero, $zero))),
            self::MOST_PINS,
            sprintf('Pins are a list of up to %d places.', self::MOST_PINS),
        );
    }

    /** As a structure is when nobody has said anything yet. */
    public function usual(Structure $structure, Unit $unit): Design
    {
        $values = new Values;
        foreach ($structure->parameters() as $parameter) {
            $values = $values->with($parameter->key, $parameter->default($unit));
        }

        return new Design(
            $structure->about()->key,
            $structure->about()->name,
            $unit,
            Tools::usual($unit),
            ScoringSchool::Turn,
            $values,
            $structure->defaultMats(),
            new Things,
            $structure->materials($unit),
        );
    }
}
