<?php

declare(strict_types=1);

namespace App\Print;

use App\Drawing\TableDrawing;
use App\Planning\NotPlaced;
use Ephemeron\Blueprint\Crease;
use Ephemeron\Blueprint\Part;
use Ephemeron\Cutting\Blank;
use Ephemeron\Cutting\SheetPattern;
use Ephemeron\Fit\StockPlan;
use Ephemeron\Format\LetterOutside;
use Ephemeron\Format\Svg\SvgDrawing;
use Ephemeron\Measure\Axis;
use Ephemeron\WorkPlan;

/** The cut list for the table: slips by section with a box for every piece, the sheets, the steps. */
final readonly class CutListPdf
{
    private const BOXES_IN_A_ROW = 14;

    /** Millimetres of the square that its print is shown in. */
    private const PICTURE = 8.0;

    /** Millimetres on the page that a piece wants for its letter. */
    private const ROOM = 2.8;

    /** Millimetres on the page between the lines of a hatching. */
    private const HATCH = 1.0;

    /** Millimetres on the page that the picture of a step may take. */
    private const STILL_WIDTH = 110.0;

    private const STILL_HEIGHT = 40.0;

    /** @param array<string, list<string>> $notes what is noted about pieces, by their keys */
    public function __construct(private PrintPaper $paper, private array $notes = [])
    {
    }

    /** @param (\Closure(PdfPages): void)|null $before what stands before the pieces */
    public function render(WorkPlan $plan, ?\Closure $before = null): string
    {
        $pages = new PdfPages($this->paper, "{$plan->design->name}, cut list");
        $pages->addPage();
        $pages->heading($plan->design->name, 20);
        $pages->paragraph(sprintf(
            '%s: %d pieces from %d sheets%s. Sizes are width × height in %s. Tick a box for every piece; cut the list along the dashed '
                .'lines and clip each slip to its pieces.',
            $plan->structure->about()->name,
            $plan->pieces(),
            $plan->sheets(),
            NotPlaced::said($plan->missing()),
            $plan->design->unit->label(),
        ));
        $before === null ? null : $before($pages);
        $thumbnail = new MotifThumbnail($plan, $pages);
        foreach ($plan->blueprint->sections() as $section => $parts) {
            $this->section($pages, $plan, $section, $parts, $thumbnail);
        }
        $this->sheets($pages, $plan);
        $this->steps($pages, $plan);

        return $pages->bytes();
    }

    /** @param list<Part> $parts */
    private function section(PdfPages $pages, WorkPlan $plan, string $section, array $parts, MotifThumbnail $thumbnail): void
    {
        $pages->need(26.0);
        $pages->clipLine($plan->design->name);
        $pages->heading($section, 13);
        foreach ($parts as $part) {
            $this->part($pages, $plan, $part, $thumbnail);
        }
    }

    private function part(PdfPages $pages, WorkPlan $plan, Part $part, MotifThumbnail $thumbnail): void
    {
        $rows = (int) ceil($plan->countOf($part) / self::BOXES_IN_A_ROW);
        $scores = $this->scores($plan, $part);
        $noted = implode(' · ', $this->notes[$part->key] ?? []);
        // Its print under the letter; where every piece is of its own print the labels show each.
        $isShown = $part->byPiece === [] && $thumbnail->isThere($part);
        $said = ($scores === '' ? 0.0 : 4.4) + ($noted === '' ? 0.0 : $pages->heightOf($noted, 8.5, 21.0));
        $tall = max(5.8 + 4.6 * $rows + $said, $isShown ? 6.0 + self::PICTURE : 0.0);
        $pages->need($tall);
        if ($isShown) {
            $thumbnail->draw($part, PdfPages::MARGIN + self::PICTURE, $pages->pdf->GetY() + 5.2, self::PICTURE);
        }
        $pdf = $pages->pdf;
        $y = $pdf->GetY();
        $pdf->setFont(Pdf::SERIF, '', 11);
        $pdf->setXY(PdfPages::MARGIN, $y);
        $pdf->Cell(9, 5, $part->letter, 0, 0, 'L');
        $pdf->Cell(12, 5, "{$plan->countOf($part)} ×", 0, 0, 'R');
        $pdf->Cell(40, 5, $plan->notation()->number($part->size->width).' × '.$plan->notation()->number($part->size->height), 0, 0, 'L');
        $pdf->setFont(Pdf::SANS, '', 9);
        $pdf->Cell(70, 5, $part->name, 0, 0, 'L');
        $pdf->Cell($pages->width() - 131, 5, $plan->papersOf($part->key), 0, 1, 'R');
        if ($scores !== '') {
            $pages->paragraph($scores, 8.5, 21.0);
        }
        $noted === '' ? null : $pages->paragraph($noted, 8.5, 21.0);
        $top = $pdf->GetY() + 0.4;
        for ($i = 0; $i < $plan->countOf($part); $i++) {
            $pages->box(PdfPages::MARGIN + 21 + 5.2 * ($i % self::BOXES_IN_A_ROW), $top + 4.6 * intdiv($i, self::BOXES_IN_A_ROW));
        }
        $pdf->setXY(PdfPages::MARGIN, max($top + 4.6 * $rows + 0.8, $y + $tall));
    }

    private function scores(WorkPlan $plan, Part $part): string
    {
        $said = [];
        foreach (Axis::cases() as $axis) {
            $at = array_map(
                static fn (Crease $crease): string => $plan->notation()->number($crease->at()),
                array_values(array_filter($part->creases, static fn (Crease $crease): bool => $crease->along() === $axis)),
            );
            if ($at !== []) {
                $said[] = "along the {$axis->value} at ".implode(', ', $at);
            }
        }

        return $said === [] ? '' : 'Scores '.implode('; ', $said);
    }

    private function sheets(PdfPages $pages, WorkPlan $plan): void
    {
        $pages->addPage();
        $pages->heading('Sheets', 16);
        foreach ($plan->stocks as $stock) {
            foreach ($stock->cuts->patterns as $index => $pattern) {
                $sheets = match (true) {
                    $pattern->supply->isCutBefore() => "{$pattern->count} cut before, {$plan->notation()->size($pattern->supply->sheet)}",
                    $pattern->supply->isLeftover => "{$pattern->count} left over, {$plan->notation()->size($pattern->supply->sheet)}",
                    $pattern->count === 1 => 'one sheet',
                    default => "{$pattern->count} sheets alike",
                };
                $this->pattern($pages, $plan, $stock, "{$stock->stock->name}, {$sheets}", $pattern);
            }
        }
    }

    private function pattern(PdfPages $pages, WorkPlan $plan, StockPlan $stock, string $title, SheetPattern $pattern): void
    {
        $notation = $plan->notation();
        $sheet = $pattern->tree->area()->size();
        $scale = 58.0 / $sheet->longSide()->inMillimetres();
        $height = $sheet->height->inMillimetres() * $scale;
        $lines = array_map(
            static fn ($step): string => sprintf(
                '%d.  %s %s, %s%s',
                $step->number,
                $stock->isByHand() ? 'knife' : ($step->sameFence ? 'same fence' : 'fence'),
                $notation->number($step->fence),
                $step->along === Axis::Width ? '↔' : '↕',
                $step->together > 1 ? ", {$stock->passes($step)->text()}" : '',
            ),
            $pattern->steps(),
        );
        $outside = LetterOutside::of($pattern, self::ROOM / $scale, pitch: 3.4 / $scale, out: 2.6 / $scale);
        $block = max($height + ($outside === [] ? 0.0 : 4.0), 4.2 * (int) ceil(count($lines) / 2)) + 12;
        $pages->need(min($block, 200.0));
        $pdf = $pages->pdf;
        $pages->heading($title, 11);
        $top = $pdf->GetY() + 1;
        $this->miniature($pages, $pattern, $outside, $top, $scale);
        $pdf->setFont(Pdf::SANS, '', 8.5);
        $half = (int) ceil(count($lines) / 2);
        foreach ($lines === [] ? ['Used whole: nothing to cut.'] : $lines as $index => $line) {
            $column = $half > 0 ? intdiv($index, max(1, $half)) : 0;
            $pdf->setXY(PdfPages::MARGIN + 66 + 60 * $column, $top + 4.2 * ($half > 0 ? $index % $half : 0));
            $pdf->Cell(58, 4, $line, 0, 0, 'L');
        }
        $pdf->setXY(PdfPages::MARGIN, $top + $block - 10);
    }

    /** @param list<LetterOutside> $outside */
    private function miniature(PdfPages $pages, SheetPattern $pattern, array $outside, float $top, float $scale): void
    {
        foreach ($pattern->leaves() as $leaf) {
            [$left, $above, $width, $height] = array_map(static fn (float $at): float => $at * $scale, $leaf->area()->inMillimetres());
            [$x, $y] = [PdfPages::MARGIN + $left, $top + $above];
            $blank = $leaf instanceof Blank;
            $pages->pdf->Rect(
                $x,
                $y,
                $width,
                $height,
                $blank ? 'D' : 'DF',
                ['all' => ['width' => 0.2, 'dash' => 0]],
                $blank ? [] : [239, 233, 218],
            );
            if ($blank && ! LetterOutside::isFor($leaf, self::ROOM / $scale)) {
                $pages->pdf->setFont(Pdf::SERIF, '', max(6.0, min(9.0, min($width, $height) * 1.6)));
                $pages->pdf->setXY($x, $y + $height / 2 - 2);
                $pages->pdf->Cell($width, 4, $leaf->label(), 0, 0, 'C');
            }
        }
        $pages->pdf->setFont(Pdf::SERIF, '', 6.0);
        foreach ($outside as $letter) {
            [$x, $y] = [PdfPages::MARGIN + $letter->x * $scale, $top + $letter->y * $scale];
            foreach ($letter->from as [$fromX, $fromY]) {
                $pages->pdf->Line(PdfPages::MARGIN + $fromX * $scale, $top + $fromY * $scale, $x, $y, ['width' => 0.12, 'dash' => 0]);
            }
            $pages->pdf->setFillColor(255);
            $pages->pdf->Circle($x, $y, 1.6, 0, 360, 'DF', ['width' => 0.12]);
            $pages->pdf->setXY($x - 3, $y - 2);
            $pages->pdf->Cell(6, 4, $letter->letter, 0, 0, 'C');
        }
    }

    private function steps(PdfPages $pages, WorkPlan $plan): void
    {
        $pages->addPage();
        $pages->heading('Steps', 16);
        $table = new TableDrawing($plan);
        foreach (StepsTold::of($plan) as $told) {
            $still = $told->isShown ? $table->draw($told->steps[0]) : null;
            $heights = array_map(static fn (string $sentence): float => $pages->heightOf($sentence, 8.5, 6.0), $told->sentences);
            $after = array_sum($heights) + $this->heightOf($still);
            foreach ($told->steps as $index => $step) {
                // The last title, the words and the still stay together on a page, with room for a line below it.
                $pages->need(12.0 + ($index === count($told->steps) - 1 ? $after : 0.0));
                $this->title($pages, "{$step->number}. {$step->title}");
            }
            foreach ($told->sentences as $index => $sentence) {
                $pages->paragraph($sentence, 8.5, 6.0, $heights[$index]);
            }
            $this->still($pages, $still);
            $alsoShown = $this->alsoShown($told);
            $alsoShown === null ? null : $pages->paragraph($alsoShown, 8.0, 6.0);
            $caution = $told->steps[0]->caution;
            $caution === null ? null : $pages->paragraph($caution->text(), 8.0, 6.0);
            $pages->pdf->Ln(1.6);
        }
    }

    /** With the box that is ticked for it. */
    private function title(PdfPages $pages, string $title): void
    {
        $y = $pages->pdf->GetY();
        $pages->box(PdfPages::MARGIN, $y + 0.6);
        $pages->pdf->setFont(Pdf::SERIF, '', 10);
        $pages->pdf->setXY(PdfPages::MARGIN + 6, $y);
        $pages->pdf->MultiCell($pages->width() - 6, 4.8, $title, 0, 'L');
    }

    /** What is said below a picture that does for later steps too. */
    private function alsoShown(StepsTold $told): ?string
    {
        $next = $told->steps[0]->number + 1;

        return match ($last = $told->last?->number) {
            null => null,
            $next => "Step {$next} looks like this too, with the pieces it names.",
            $next + 1 => "Steps {$next} and {$last} look like this too, with the pieces they name.",
            default => "Steps {$next} to {$last} look like this too, with the pieces they name.",
        };
    }

    /** The table at this step, as the bench shows it. */
    private function still(PdfPages $pages, ?SvgDrawing $drawing): void
    {
        if ($drawing === null) {
            return;
        }
        [$width, $height] = $drawing->size();
        $scale = $this->scaleOf($drawing);
        $y = $pages->pdf->GetY() + 1.0;
        $legible = $drawing->legible(PdfPages::LEAST / $scale)->file(self::HATCH / $scale);
        // In a typeface that goes into the print.
        $legible = str_replace('font-family="serif"', 'font-family="'.Pdf::SERIF.'"', $legible);
        $pages->pdf->ImageSVG("@{$legible}", PdfPages::MARGIN + 6, $y, $width * $scale, $height * $scale);
        $pages->pdf->setXY(PdfPages::MARGIN, $y + $height * $scale + 1.0);
    }

    /** In millimetres, with the room around it. */
    private function heightOf(?SvgDrawing $still): float
    {
        return $still === null ? 0.0 : $still->size()[1] * $this->scaleOf($still) + 3.0;
    }

    private function scaleOf(SvgDrawing $still): float
    {
        [$width, $height] = $still->size();

        return min(self::STILL_WIDTH / $width, self::STILL_HEIGHT / $height);
    }
}
