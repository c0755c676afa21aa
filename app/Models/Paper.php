<?php

declare(strict_types=1);

namespace App\Models;

use App\Club\Club;
use App\Database\Like;
use App\Drawer\NaturalOrder;
use App\Drawer\SetAside;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\Price;
use Ephemeron\Paper\PrintedCard;
use Ephemeron\Paper\Side;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Facades\DB;

/**
 * A paper in the drawer: so many sheets of one design, or a leftover.
 *
 * @property int $id
 * @property string $name
 * @property string $kind
 * @property string $pad
 * @property int $width
 * @property int $height
 * @property int $selvage
 * @property string $weight
 * @property string $sides
 * @property string $direction
 * @property string $grain
 * @property int $count
 * @property int $mills
 * @property string $place
 * @property string $tags
 * @property string $swatch colour of side A
 * @property string $swatch_b colour of side B
 * @property int|null $thickness measured, in ticks; null: it follows from the weight
 * @property array<string, string>|null $leaf what it is for a journal: kind, text, front, back, reference, bag
 * @property string $set_aside what sheets of it are kept for, a value of {@see SetAside}
 * @property int $set_aside_count how many are; 0: all
 * @property list<array{name: string, width: int, height: int, left: int, top: int}>|null $cards printed on it, in ticks
 * @property string $sort_name
 * @property string|null $picture of side A
 * @property string|null $picture_b of side B
 * @property int|null $parent_id
 * @property int $cut_left where on its sheet a leftover was cut from, in ticks
 * @property int $cut_top
 * @property self|null $parent
 * @property \Illuminate\Support\Carbon|null $deleted_at
 * @property \Illuminate\Support\Carbon|null $updated_at
 * @property Collection<int, self> $leftovers
 */
final class Paper extends Model
{
    use OfAMaker;
    use SoftDeletes;

    public const KINDS = [
        'pattern' => 'patterned paper',
        'card' => 'card',
        'board' => 'board',
        'specialty' => 'specialty',
        'leftover' => 'leftover',
    ];

    protected $fillable = [
        'name',
        'kind',
        'pad',
        'parent_id',
        'width',
        'height',
        'selvage',
        'weight',
        'sides',
        'direction',
        'grain',
        'count',
        'mills',
        'place',
        'tags',
        'swatch',
        'picture',
        'picture_b',
        'cut_left',
        'cut_top',
        'thickness',
        'swatch_b',
        'leaf',
        'set_aside',
        'set_aside_count',
        'cards',
        'maker_id',
    ];

    protected $attributes = [
        'pad' => '',
        'selvage' => 0,
        'sides' => 'double',
        'direction' => 'none',
        'grain' => 'unknown',
        'count' => 0,
        'mills' => 0,
        'place' => '',
        'tags' => '',
        'swatch' => '',
        'cut_left' => 0,
        'cut_top' => 0,
        'thickness' => null,
        'swatch_b' => '',
        'set_aside' => '',
        'set_aside_count' => 0,
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['leaf' => 'array', 'cards' => 'array'];
    }

    protected static function booted(): void
    {
        self::saving(static function (self $paper): void {
            $paper->sort_name = NaturalOrder::key($paper->name);
        });
    }

    /** @return HasMany<PaperMovement, $this> */
    public function movements(): HasMany
    {
        return $this->hasMany(PaperMovement::class);
    }

    public function size(): Size
    {
        return new Size(Length::ofTicks($this->width), Length::ofTicks($this->height));
    }

    public function pictureOf(Side $side): ?string
    {
        return $side === Side::A ? $this->picture : $this->picture_b;
    }

    /** Where a picture of it is found, so many dots wide; every edition has an address of its own. */
    public function pictureAddress(Side $side, int $width): string
    {
        $edition = $this->updated_at?->timestamp;

        return route('papers.picture', ['lent' => $this, 'side' => $side->value, 'v' => $edition, 'w' => $width], false);
    }

    public function swatchOf(Side $side): string
    {
        return $side === Side::A ? $this->swatch : $this->swatch_b;
    }

    /** How many of its sheets are kept back for something else than the faces of a book. */
    public function keptBack(): int
    {
        $mark = SetAside::tryFrom($this->set_aside);

        return match (true) {
            $mark?->isKeptBack() !== true => 0,
            $this->set_aside_count === 0 => $this->count,
            default => min($this->count, $this->set_aside_count),
        };
    }

    /** @return list<PrintedCard> printed on it, to be cut apart */
    public function printedCards(): array
    {
        return array_map(static fn (array $card): PrintedCard => new PrintedCard(
            new Size(Length::ofTicks($card['width']), Length::ofTicks($card['height'])),
            Length::ofTicks($card['left']),
            Length::ofTicks($card['top']),
            $card['name'],
        ), $this->cards ?? []);
    }

    /** Tagged as one of the best, or set aside for it: it belongs on covers. */
    public function isPrized(): bool
    {
        $tags = preg_split('/[\s,;]+/', mb_strtolower($this->tags), -1, PREG_SPLIT_NO_EMPTY) ?: [];

        return $this->set_aside === SetAside::Cover->value || in_array('best', $tags, true);
    }

    public function price(): Price
    {
        return new Price($this->mills);
    }

    /** @return BelongsTo<self, $this> the paper a leftover comes from */
    public function parent(): BelongsTo
    {
        return $this->belongsTo(self::class, 'parent_id');
    }

    /** @return HasMany<self, $this> what was left over when it was cut */
    public function leftovers(): HasMany
    {
        return $this->hasMany(self::class, 'parent_id');
    }

    /** @return array<string, string|int|list<array<string, string>>> as a design file writes a material */
    public function material(Notation $notation): array
    {
        return [
            'name' => $this->name,
            'sheet' => 'own',
            'width' => $notation->exact($this->size()->width),
            'height' => $notation->exact($this->size()->height),
            'weight' => $this->weight,
            ...($this->thickness === null ? [] : ['thickness' => $notation->exact(Length::ofTicks($this->thickness))]),
            'sides' => $this->sides,
            'direction' => $this->direction,
            'selvage' => $notation->exact(Length::ofTicks($this->selvage)),
            'count' => $this->count,
            'drawer' => (string) $this->id,
            'grain' => $this->grain,
            'price' => $this->price()->text(),
            ...($this->cards === null || $this->cards === [] ? [] : ['cards' => array_map(
                static fn (PrintedCard $card): array => [
                    'name' => $card->name,
                    'width' => $notation->exact($card->size->width),
                    'height' => $notation->exact($card->size->height),
                    'left' => $notation->exact($card->left),
                    'top' => $notation->exact($card->top),
                ],
                $this->printedCards(),
            )]),
            ...array_filter([
                'colour' => self::hex($this->swatch),
                'colour-behind' => self::hex($this->swatch_b),
            ]),
        ];
    }

    private static function hex(string $colour): ?string
    {
        return preg_match('/^#[0-9a-f]{6}$/iD', $colour) === 1 ? $colour : null;
    }

    /** @return list<array<string, string|int>> as a design file lists them, 40 at the most */
    public function leftoversFor(Notation $notation): array
    {
        return array_values($this->leftovers->where('kind', 'leftover')->where('count', '>', 0)->take(40)
            ->map(static fn (self $leftover): array => [
            'width' => $notation->exact($leftover->size()->width),
            'height' => $notation->exact($leftover->size()->height),
            'count' => min($leftover->count, 999),
            'drawer' => (string) $leftover->id,
        ])->all());
    }

    /** How many sheets of it a book has cut. */
    public function takenFor(Project $project): int
    {
        $taken = 0;
        $moved = PaperMovement::query()->where('project_id', $project->id)->where('paper_id', $this->id)->where('change', '<', 0);
        foreach ($moved->whereNotNull('step')->get() as $movement) {
            $taken -= $movement->change;
        }

        return $taken;
    }

    /** Lays a new paper into the drawer, with the sheets it says it has. */
    public function putIn(string $why): void
    {
        $sheets = $this->count;
        $this->count = 0;
        $this->move($sheets, $why);
    }

    /** So many more, or fewer; never fewer than none. Belongs into a transaction with what it is done for. */
    public function move(int $change, string $why, ?Project $project = null, ?string $step = null): void
    {
        $change = max($change, -$this->count);
        $this->count += $change;
        $this->save();
        $this->movements()->create(['project_id' => $project?->id, 'step' => $step, 'change' => $change, 'why' => mb_substr($why, 0, 200)]);
    }

    /**
     * Another value as soon as any paper or its picture is another: for what shows them and is kept.
     *
     * @return array<array-key, mixed>
     */
    public static function asTheyAre(): array
    {
        return (array) DB::table('papers')->selectRaw('count(*) as papers, max(updated_at) as changed')->first();
    }

    /**
     * @param array<array-key, mixed> $filters `search`, `kind`, `pad`, `there`
     * @return Builder<self>
     */
    public static function sieved(array $filters): Builder
    {
        $query = self::query();
        $text = static fn (string $key): string => is_string($filters[$key] ?? null) ? trim($filters[$key]) : '';
        foreach (preg_split('/\s+/', $text('search'), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
            $query->whereRaw(Like::any(['name', 'pad', 'place', 'tags']), array_fill(0, 4, Like::somewhere($word)));
        }
        if (isset(self::KINDS[$text('kind')])) {
            $query->where('kind', $text('kind'));
        }
        if ($text('pad') !== '') {
            $query->where('pad', $text('pad'));
        }
        if ($text('there') === 'yes') {
            $query->where('count', '>', 0);
        }

        $query->orderBy('sort_name')->orderBy('id');

        return $query;
    }

    /** @return string|null who lends it; null where it lies in one’s own drawer */
    public function lender(): ?string
    {
        $maker = Club::atWork();

        return $maker === null || $maker === $this->maker_id ? null : Maker::query()->find($this->maker_id)->name ?? 'somebody';
    }

    /** As it is for others, who do not care where it lies and how much of it there is here. */
    public function nowhere(): self
    {
        $paper = $this->replicate();
        $paper->fill(['count' => 0, 'place' => '', 'set_aside' => '', 'set_aside_count' => 0]);

        return $paper;
    }

    protected static function isLent(): bool
    {
        return true;
    }
}
