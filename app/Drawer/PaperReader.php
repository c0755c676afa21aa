<?php

declare(strict_types=1);

namespace App\Drawer;

use App\Models\Paper;
use App\Planning\Asking;
use App\Planning\Settings;
use Ephemeron\Format\Complaints;
use Ephemeron\Format\LeavesFields;
use Ephemeron\Format\PaperFields;
use Ephemeron\Format\Shape\Reading;
use Ephemeron\Gathering\LeafPaper;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\Grain;
use Ephemeron\Paper\Stock;
use Ephemeron\Structure\UsualPapers;

/** Reads a paper as it is typed into a form or stands in a line of a CSV file; the core checks what it knows about paper. */
final readonly class PaperReader
{
    /** Columns of a paper that its form edits. */
    public const ATTRIBUTES = [
        'name', 'kind', 'pad', 'width', 'height', 'selvage', 'weight', 'thickness', 'sides', 'direction', 'grain', 'count', 'mills',
        'place', 'tags', 'swatch', 'swatch_b', 'leaf', 'set_aside', 'set_aside_count', 'cards',
    ];

    public const FIELDS = [
        'name',
        'kind',
        'pad',
        'sheet',
        'width',
        'height',
        'weight',
        'thickness',
        'sides',
        'direction',
        'grain',
        'selvage',
        'count',
        'price',
        'place',
        'tags',
        'swatch',
        'swatch-b',
        'set-aside',
        'set-aside-count',
        'cards',
        ...self::LEAF,
    ];

    /** What a paper is for a journal. */
    public const LEAF = ['leaf', 'text', 'front', 'back', 'reference', 'bag'];

    public function __construct(private Settings $settings)
    {
    }

    /**
     * @param array<array-key, mixed> $typed by field; what is left out takes its default
     * @return array{array<string, mixed>, array<string, string>} attributes of a {@see Paper}, and a sentence for every field that is wrong
     */
    public function read(array $typed, Unit $unit): array
    {
        $complaints = new Complaints;
        $given = array_map(
            static fn (mixed $value): string => is_scalar($value) ? trim((string) $value) : '',
            array_intersect_key($typed, array_flip(self::FIELDS)),
        );
        $given = array_filter($given, static fn (string $value): bool => $value !== '');
        $kind = $this->oneOf($given, 'kind', array_keys(Paper::KINDS), 'pattern', $complaints);
        $usual = $kind === 'pattern' ? Stock::pattern('', UsualPapers::square($unit), 160) : Stock::card(
            '',
            UsualPapers::square($unit),
            $kind === 'board' ? 1000 : 220,
        );
        if (! isset($given['name'])) {
            $complaints->add('paper.name', 'A paper wants a name.');
        }
        $stock = PaperFields::record()->read(
            [
                ...array_intersect_key(
                    $given,
                    array_flip(['name', 'sheet', 'width', 'height', 'weight', 'thickness', 'sides', 'direction', 'selvage', 'count']),
                ),
                ...(isset($given['width'], $given['height']) ? ['sheet' => 'own'] : []),
            ],
            new Reading($unit, $complaints, 'paper'),
            $usual,
        );
        $attributes = [
            'name' => $stock->name,
            'kind' => $kind,
            'pad' => $this->short($given, 'pad', 80, $complaints),
            'width' => $stock->sheet->width->ticks,
            'height' => $stock->sheet->height->ticks,
            'selvage' => $stock->selvage->ticks,
            'weight' => $stock->grammage->exact(),
            'thickness' => isset($given['thickness']) ? $stock->caliper->ticks : null,
            'sides' => $stock->doubleSided ? 'double' : 'single',
            'direction' => $given['direction'] ?? 'none',
            'grain' => $this->oneOf($given, 'grain', array_column(Grain::cases(), 'value'), 'unknown', $complaints),
            'count' => $stock->available ?? 0,
            'mills' => $this->price($given, $complaints),
            'place' => $this->short($given, 'place', 80, $complaints),
            'tags' => $this->short($given, 'tags', 200, $complaints),
            'swatch' => $this->swatch($given, 'swatch', $complaints),
            'swatch_b' => $this->swatch($given, 'swatch-b', $complaints),
            'leaf' => $this->leaf($given, $unit, $complaints),
            'set_aside' => $this->oneOf($given, 'set-aside', ['', ...array_column(SetAside::cases(), 'value')], '', $complaints),
            'set_aside_count' => $this->count($given, 'set-aside-count', $complaints),
            'cards' => $this->cards($given, $stock, $unit, $complaints),
        ];
        $errors = [];
        foreach ($complaints->all() as $place => $sentence) {
            $field = preg_replace('/^paper\./', '', (string) $place) ?? '';
            $errors[$field === 'kind' && isset($given['leaf']) && array_key_exists($kind, Paper::KINDS) ? 'leaf' : $field] = $sentence;
        }

        return [$attributes, $errors];
    }

    /**
     * @param array<array-key, string> $given
     * @param list<string> $choices
     */
    private function oneOf(array $given, string $field, array $choices, string $usual, Complaints $complaints): string
    {
        $value = $given[$field] ?? $usual;
        if (! in_array($value, $choices, true)) {
            $complaints->add("paper.{$field}", 'It is one of: '.implode(', ', $choices).'.');
        }

        return $value;
    }

    /** @param array<array-key, string> $given */
    private function short(array $given, string $field, int $most, Complaints $complaints): string
    {
        $value = $given[$field] ?? '';
        if (mb_strlen($value) > $most || ! mb_check_encoding($value, 'UTF-8')) {
            $complaints->add("paper.{$field}", "At most {$most} characters.");

            return '';
        }

        return $value;
    }

    /**
     * @param array<array-key, string> $given
     * @return array<string, string>|null null where nothing is said
     */
    private function leaf(array $given, Unit $unit, Complaints $complaints): ?array
    {
        if (! isset($given['leaf'])) {
            return null;
        }
        $said = array_intersect_key($given, array_flip(self::LEAF));
        $known = LeavesFields::paper()->read(
            ['key' => 'paper', 'kind' => $given['leaf'], ...array_diff_key($said, ['leaf' => 0])],
            new Reading($unit, $complaints, 'paper'),
            new LeafPaper('paper', Stock::card('', UsualPapers::square($unit), 90)),
        );

        return [
            'kind' => $known->kind->value,
            'text' => $known->hasText ? '1' : '',
            'front' => $known->front->value,
            'back' => $known->back->value,
            'reference' => $known->isReference ? '1' : '',
            'bag' => $known->bag->value ?? '',
        ];
    }

    /** @param array<array-key, string> $given */
    private function count(array $given, string $field, Complaints $complaints): int
    {
        $text = $given[$field] ?? '0';
        if (preg_match('/^\d{1,4}$/D', $text) !== 1) {
            $complaints->add("paper.{$field}", 'How many sheets, 0 to 9999; 0 means all.');

            return 0;
        }

        return (int) $text;
    }

    /**
     * One card a line, `3 x 4 at 1/2 x 1/2: Owl`.
     *
     * @param array<array-key, string> $given
     * @return list<array{name: string, width: int, height: int, left: int, top: int}>|null
     */
    private function cards(array $given, Stock $sheet, Unit $unit, Complaints $complaints): ?array
    {
        $cards = [];
        foreach (preg_split('/\R/', $given['cards'] ?? '', -1, PREG_SPLIT_NO_EMPTY) ?: [] as $number => $line) {
            if (preg_match('/^\s*(.+?)\s*[x×]\s*(.+?)\s+at\s+(.+?)\s*[x×]\s*([^:]+?)\s*(?::\s*(.*))?$/u', $line, $said) !== 1) {
                $complaints->add('paper.cards', sprintf('Line %d: a card is written like “3 x 4 at 1/2 x 1/2: Owl”.', $number + 1));

                return null;
            }
            $inner = new Complaints;
            $read = PaperFields::record()->read(
                ['cards' => [[
                    'width' => $said[1],
                    'height' => $said[2],
                    'left' => $said[3],
                    'top' => $said[4],
                    'name' => trim($said[5] ?? ''),
                ]]],
                new Reading($unit, $inner, 'paper'),
                $sheet,
            )->cards[0] ?? null;
            foreach ($inner->all() as $sentence) {
                $complaints->add('paper.cards', sprintf('Line %d: %s', $number + 1, str_replace('Card 1', 'The card', $sentence)));
            }
            if ($read === null) {
                return null;
            }
            $cards[] = [
                'name' => $read->name,
                'width' => $read->size->width->ticks,
                'height' => $read->size->height->ticks,
                'left' => $read->left->ticks,
                'top' => $read->top->ticks,
            ];
        }

        return $cards === [] ? null : $cards;
    }

    /** @param array<array-key, string> $given */
    private function price(array $given, Complaints $complaints): int
    {
        $currency = Asking::kept($this->settings)->currency();

        return $complaints->reading('paper.price', static fn (): int => $currency->read($given['price'] ?? '0')->mills, 0);
    }

    /** @param array<array-key, string> $given */
    private function swatch(array $given, string $field, Complaints $complaints): string
    {
        $swatch = strtolower($given[$field] ?? '');
        if ($swatch !== '' && preg_match('/^#[0-9a-f]{6}$/', $swatch) !== 1) {
            $complaints->add("paper.{$field}", 'A colour is written like #8fa3c4.');

            return '';
        }

        return $swatch;
    }
}
