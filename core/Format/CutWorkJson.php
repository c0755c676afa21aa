<?php

declare(strict_types=1);

namespace Ephemeron\Format;

use Ephemeron\Cutting\Blank;
use Ephemeron\Cutting\Cut;
use Ephemeron\Cutting\CutPlan;
use Ephemeron\Cutting\CutWork;
use Ephemeron\Cutting\Demand;
use Ephemeron\Cutting\Offcut;
use Ephemeron\Cutting\Piece;
use Ephemeron\Cutting\SheetPattern;
use Ephemeron\Cutting\Supply;
use Ephemeron\Cutting\Trimmer;
use Ephemeron\Geometry\Pin;
use Ephemeron\Geometry\Point;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\OnePicture;

/**
 * The plan of a paper that is begun, as it is kept: readable, and independent of the code that made it. Lengths are whole ticks, 8128 to
 * the inch and 320 to the millimetre. Its own words, read by itself only; a file that is not one of them throws.
 */
final readonly class CutWorkJson
{
    public const FORMAT = 'ephemeron-cut-work';

    public const VERSION = 1;

    public function write(CutWork $work): string
    {
        return json_encode([
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'paper' => $work->paper,
            'name' => $work->name,
            'roles' => $work->roles,
            'pieces' => array_map($this->demand(...), $work->demands),
            'spoiled' => (object) $work->spoiled,
            ...$this->plan($work->plan),
        ], JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
    }

    /** @throws \UnexpectedValueException */
    public function read(string $json): CutWork
    {
        $data = new Entry(json_decode($json, true));
        if ($data->text('format') !== self::FORMAT || $data->whole('version') !== self::VERSION) {
            throw new \UnexpectedValueException('This is no plan of a begun paper.');
        }

        return new CutWork(
            $data->text('paper'),
            $data->text('name'),
            $data->texts('roles'),
            array_map($this->readDemand(...), $data->entries('pieces')),
            $this->readPlan($data),
            $data->counts('spoiled'),
        );
    }

    public function writePlan(CutPlan $plan): string
    {
        return json_encode($this->plan($plan), JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
    }

    /** @throws \UnexpectedValueException */
    public function planFrom(string $json): CutPlan
    {
        return $this->readPlan(new Entry(json_decode($json, true)));
    }

    /**
     * What is to be cut from what, with which trimmer, as a text that is the same for the same.
     *
     * @param list<Demand> $demands
     * @param list<Supply> $supplies
     */
    public function task(array $demands, array $supplies, Trimmer $trimmer): string
    {
        return json_encode([
            array_map($this->demand(...), $demands),
            array_map($this->supply(...), $supplies),
            [$trimmer->longestCut->ticks, $trimmer->narrowestStrip->ticks, $trimmer->fence->value],
        ], JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR);
    }

    /** @return array<string, mixed> */
    private function plan(CutPlan $plan): array
    {
        return [
            'atLeast' => $plan->lowerBound,
            'missing' => (object) $plan->missing,
            'oversize' => $plan->oversize,
            'loosePins' => $plan->loosePins,
            'sheets' => array_map($this->sheet(...), $plan->patterns),
        ];
    }

    private function readPlan(Entry $data): CutPlan
    {
        return new CutPlan(
            array_map($this->readSheet(...), $data->entries('sheets')),
            $data->whole('atLeast'),
            $data->counts('missing'),
            $data->texts('oversize'),
            $data->texts('loosePins'),
        );
    }

    /** @return array<string, mixed> */
    private function demand(Demand $demand): array
    {
        return [
            'letter' => $demand->key,
            'piece' => $demand->piece,
            ...$this->size($demand->size),
            'count' => $demand->quantity,
            'turnable' => $demand->turnable,
            ...($demand->picture === null ? [] : ['picture' => $demand->picture->name]),
            ...($demand->picture?->isStacked === true ? ['stacked' => true] : []),
            ...($demand->pins === [] ? [] : [
                'pins' => array_map(
                    static fn (Pin $pin): array => [
                        'sheet' => $pin->sheet,
                        'left' => $pin->corner->x->ticks,
                        'top' => $pin->corner->y->ticks,
                        'turned' => $pin->turned,
                    ],
                    $demand->pins,
                ),
            ]),
        ];
    }

    private function readDemand(Entry $data): Demand
    {
        $pins = array_map(
            static fn (Entry $pin): Pin => new Pin(
                $pin->whole('sheet'),
                new Point(Length::ofTicks($pin->whole('left')), Length::ofTicks($pin->whole('top'))),
                $pin->flag('turned'),
            ),
            $data->entries('pins'),
        );

        return new Demand(
            $data->text('letter'),
            $this->readSize($data),
            $data->whole('count'),
            $data->flag('turnable'),
            OnePicture::named($data->textOr('picture', null) ?? '', $data->flag('stacked')),
            $pins,
            $data->text('piece'),
        );
    }

    /** @return array<string, mixed> */
    private function sheet(SheetPattern $pattern): array
    {
        return [
            'key' => $pattern->key,
            'sheet' => $this->supply($pattern->supply),
            'count' => $pattern->count,
            'gives' => (object) $pattern->gives,
            ...($pattern->isCut ? ['cut' => true] : []),
            'tree' => $this->piece($pattern->tree),
        ];
    }

    /** @return array<string, mixed> */
    private function supply(Supply $supply): array
    {
        return [
            'name' => $supply->name,
            ...$this->size($supply->sheet),
            'selvage' => $supply->selvage->ticks,
            'there' => $supply->available,
            'mills' => $supply->mills,
            'leftover' => $supply->isLeftover,
            'drawer' => $supply->key,
        ];
    }

    private function readSheet(Entry $data): SheetPattern
    {
        $of = $data->entry('sheet');
        $supply = new Supply(
            $of->text('name'),
            $this->readSize($of),
            Length::ofTicks($of->whole('selvage')),
            $of->wholeOr('there', null),
            // Once prices were kept in hundredths.
            $of->wholeOr('mills', null) ?? $of->whole('cents') * 10,
            $of->flag('leftover'),
            $of->text('drawer'),
        );
        $bought = new Size($supply->sheet->width, $supply->sheet->height->plus($supply->selvage));

        return new SheetPattern(
            $supply,
            $data->whole('count'),
            $this->readPiece($data->entry('tree'), Rectangle::whole($bought)),
            $data->counts('gives'),
            $data->text('key'),
            $data->flag('cut'),
        );
    }

    /** @return array<string, mixed> where it lies follows from the cuts */
    private function piece(Piece $piece): array
    {
        return match (true) {
            $piece instanceof Cut => [
                'cut' => $piece->along->value,
                'at' => $piece->at->ticks,
                'first' => $this->piece($piece->first),
                'second' => $this->piece($piece->second),
            ],
            $piece instanceof Blank => ['piece' => $piece->demands, ...($piece->turned ? ['turned' => true] : [])],
            $piece instanceof Offcut && $piece->selvage => ['selvage' => true],
            default => ['offcut' => true],
        };
    }

    private function readPiece(Entry $data, Rectangle $area): Piece
    {
        $along = Axis::tryFrom($data->textOr('cut', '') ?? '');
        if ($along !== null) {
            $at = Length::ofTicks($data->whole('at'));
            $size = $area->size();
            [$first, $second] = $along === Axis::Width
                ? [new Size($at, $size->height), new Size($size->width->minus($at), $size->height)]
                : [new Size($size->width, $at), new Size($size->width, $size->height->minus($at))];
            $beyond = $along === Axis::Width ? [$area->left()->plus($at), $area->top()] : [$area->left(), $area->top()->plus($at)];

            return new Cut(
                $area,
                $along,
                $at,
                $this->readPiece($data->entry('first'), Rectangle::at($area->left(), $area->top(), $first)),
                $this->readPiece($data->entry('second'), Rectangle::at($beyond[0], $beyond[1], $second)),
            );
        }
        $letters = $data->texts('piece');

        return $letters === [] ? new Offcut($area, $data->flag('selvage')) : new Blank($area, $letters, $data->flag('turned'));
    }

    /** @return array{width: int, height: int} */
    private function size(Size $size): array
    {
        return ['width' => $size->width->ticks, 'height' => $size->height->ticks];
    }

    private function readSize(Entry $data): Size
    {
        return new Size(Length::ofTicks($data->whole('width')), Length::ofTicks($data->whole('height')));
    }
}
