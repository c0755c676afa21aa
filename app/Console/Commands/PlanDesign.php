<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Planning\NotPlaced;
use Ephemeron\Blueprint\Crease;
use Ephemeron\Ceiling;
use Ephemeron\Cutting\AroundPins;
use Ephemeron\Cutting\ProvenPlanner;
use Ephemeron\Format\DesignReader;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\Format\PlanJson;
use Ephemeron\WorkPlan;
use Ephemeron\Workshop;
use Illuminate\Console\Command;

final class PlanDesign extends Command
{
    use ReadsDesigns;

    private const WRONG_FILE = 2;

    private const MOST_SECONDS = 600.0;

    protected $signature = 'ephemeron:plan
        {file* : design files, or folders of them; - reads standard input}
        {--json : as JSON, for other programs; of many files one line each, wrong ones too}
        {--seconds= : look so long for fewer sheets, for each paper; left out: a second at the most}';

    protected $description = 'Works a design file out: pieces, sheets, scores, steps, findings';

    /** What is worked out holds on to nothing in a circle: looking for that would take a tenth of the time. */
    public function handle(DesignReader $reader, Workshop $workshop): int
    {
        gc_disable();
        try {
            return $this->planAll($reader, $workshop);
        } finally {
            gc_enable();
        }
    }

    private function planAll(DesignReader $reader, Workshop $workshop): int
    {
        $named = array_values(array_filter((array) $this->argument('file'), is_string(...)));
        $files = $this->files($named);
        $isOne = count($named) === 1 && $files === $named;
        $hand = $this->hand($workshop);
        $code = self::SUCCESS;
        foreach ($files as $file) {
            try {
                $design = $reader->fromJson($this->contents($file));
                $blueprint = $workshop->blueprint($design);
                Ceiling::check($blueprint);
                $this->tell($file, $hand->plan($design, blueprint: $blueprint), $isOne);
            } catch (InvalidDesign $error) {
                $code = self::WRONG_FILE;
                $isOne || ! $this->option('json') ? $this->complain($file, $error)
                    : $this->jsonLine(['file' => $file, 'errors' => $error->errors]);
            }
        }

        return $code;
    }

    private function tell(string $file, WorkPlan $plan, bool $isOne): void
    {
        match (true) {
            ! $this->option('json') => $this->show($plan),
            $isOne => $this->jsonLine((new PlanJson)->toArray($plan), JSON_PRETTY_PRINT),
            default => $this->jsonLine(['file' => $file, ...(new PlanJson)->toArray($plan)]),
        };
    }

    /** @param array<string, mixed> $data */
    private function jsonLine(array $data, int $flags = 0): void
    {
        $json = json_encode($data, $flags | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
        $this->output->writeln($json, $this->output::OUTPUT_RAW);
    }

    /**
     * @param list<string> $named
     * @return list<string> those files, and in place of folders the designs in them, by name
     */
    private function files(array $named): array
    {
        $files = [];
        foreach ($named as $each) {
            array_push($files, ...(is_dir($each) ? (glob(rtrim($each, '/').'/*.json') ?: [$each]) : [$each]));
        }

        return $files;
    }

    /** With as long a look at the cuts as was asked for. */
    private function hand(Workshop $workshop): Workshop
    {
        $seconds = $this->option('seconds');

        return is_numeric($seconds) && (float) $seconds > 0.0
            ? $workshop->with(new AroundPins(ProvenPlanner::thorough(min(self::MOST_SECONDS, (float) $seconds))))
            : $workshop;
    }

    private function show(WorkPlan $plan): void
    {
        $notation = $plan->notation();
        $this->heading($plan->design->name.' — '.$plan->structure->about()->name);
        foreach ($plan->blueprint->sections() as $section => $parts) {
            $this->heading($section);
            foreach ($parts as $part) {
                $scores = array_map(static fn (Crease $crease): string => $notation->number($crease->at()), $part->creases);
                $this->raw(
                    sprintf(
                        '  %-2s %3d × %-32s %-18s %s',
                        $part->letter,
                        $part->quantity,
                        $part->name,
                        $notation->size($part->size),
                        $scores === [] ? '' : 'scores '.implode(', ', $scores),
                    ),
                );
            }
        }
        $this->heading('Sheets');
        foreach ($plan->stocks as $stock) {
            $missing = NotPlaced::said(array_sum($stock->cuts->missing));
            $this->raw(
                sprintf('  %-24s %d (at least %d)%s', $stock->stock->name, $stock->cuts->sheets(), $stock->cuts->lowerBound, $missing),
            );
        }
        $this->heading('Steps');
        foreach ($plan->steps as $step) {
            $this->raw(sprintf('  %2d. %s', $step->number, $step->title));
        }
        $this->heading('Photos');
        foreach ($plan->photos as $count) {
            $this->raw(sprintf('  %-12s %d', $count->photo->label(), $count->total()));
        }
        $this->heading('Findings');
        foreach ($plan->report->findings as $finding) {
            $this->raw("  [{$finding->severity->value}] {$finding->text}");
        }
        if ($plan->report->findings === []) {
            $this->raw('  Nothing to mend.');
        }
    }

    private function heading(string $text): void
    {
        $this->newLine();
        $this->raw($text);
    }
}
