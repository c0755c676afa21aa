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
        {file : a design file; - reads standard input}
        {--json : as JSON, for other programs}
        {--seconds= : look so long for fewer sheets, for each paper; left out: a second at the most}';

    protected $description = 'Works a design file out: pieces, sheets, scores, steps, findings';

    public function handle(DesignReader $reader, Workshop $workshop): int
    {
        $file = $this->argument('file');
        assert(is_string($file));
        try {
            $design = $reader->fromJson($this->contents($file));
            Ceiling::check($workshop->blueprint($design));
            $plan = $this->hand($workshop)->plan($design);
        } catch (InvalidDesign $error) {
            $this->complain($file, $error);

            return self::WRONG_FILE;
        }
        if ($this->option('json')) {
            $this->output->writeln(
                json_encode(
                    (new PlanJson)->toArray($plan),
                    JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
                ),
                $this->output::OUTPUT_RAW,
            );

            return self::SUCCESS;
        }
        $this->show($plan);

        return self::SUCCESS;
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
