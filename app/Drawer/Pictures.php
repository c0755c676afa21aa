<?php

declare(strict_types=1);

namespace App\Drawer;

use App\Models\Paper;
use Ephemeron\Cutting\SheetPattern;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;
use Ephemeron\Paper\Side;
use Ephemeron\WorkPlan;

/** Pictures and colours that the drawer has of what a plan is cut from. */
final readonly class Pictures
{
    /**
     * @param array<int, array<string, Pictured>> $known by their number in the drawer and the side
     * @param array<int, array<string, string>> $swatches the same
     */
    private function __construct(private array $known, private array $swatches)
    {
    }

    public static function none(): self
    {
        return new self([], []);
    }

    /** @param int $wide dots to which a sheet is drawn at the most, one of {@see PaperPicture::WIDTHS} */
    public static function of(WorkPlan $plan, int $wide = PaperPicture::SIDE): self
    {
        $keys = [];
        foreach ($plan->stocks as $stock) {
            foreach ($stock->cuts->patterns as $pattern) {
                $keys[$pattern->supply->key] = (int) $pattern->supply->key;
            }
        }

        return self::ofPapers(array_values(array_filter($keys)), $wide);
    }

    /** @param list<int> $papers numbers in the drawer */
    public static function ofPapers(array $papers, int $wide = PaperPicture::SIDE): self
    {
        $known = [];
        $swatches = [];
        foreach ($papers === [] ? [] : Paper::query()->with('parent')->findMany($papers) as $paper) {
            $sheet = $paper->kind === 'leftover' ? $paper->parent ?? $paper : $paper;
            foreach (Side::cases() as $side) {
                if ($paper->pictureOf($side) !== null) {
                    $known[$paper->id][$side->value] = self::pictured($paper, $sheet, $side, $wide);
                }
                $swatch = $paper->swatchOf($side);
                if ($swatch !== '') {
                    $swatches[$paper->id][$side->value] = $swatch;
                }
            }
        }

        return new self($known, $swatches);
    }

    public function for(SheetPattern $pattern): ?Pictured
    {
        return $this->side($pattern->supply->key, Side::A);
    }

    /** @param string $supply what the sheet is known by in the drawer */
    public function side(string $supply, Side $side): ?Pictured
    {
        return $this->known[(int) $supply][$side->value] ?? null;
    }

    /** @return string|null the colour of a side, `#2b3a67` */
    public function swatch(string $supply, Side $side): ?string
    {
        return $this->swatches[(int) $supply][$side->value] ?? null;
    }

    /** @return string changes when any of the pictures or colours does */
    public function mark(): string
    {
        return hash('xxh128', serialize([$this->known, $this->swatches]));
    }

    /** A leftover shows the part of the picture it was cut from; turned over, from the other edge. */
    private static function pictured(Paper $paper, Paper $sheet, Side $side, int $wide): Pictured
    {
        $left = Length::ofTicks($paper->cut_left);
        if ($side === Side::B && $sheet !== $paper) {
            $left = $sheet->size()->width->minus($left, $paper->size()->width);
        }

        return new Pictured(
            $paper->pictureAddress($side, $wide),
            Rectangle::at(Length::zero()->minus($left), Length::zero()->minus(Length::ofTicks($paper->cut_top)), $sheet->size()),
            (string) $paper->pictureOf($side),
        );
    }
}
