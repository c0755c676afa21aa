<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Ephemeron\Design\Design;
use Ephemeron\Format\DesignReader;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\Format\PaperProposalJson;
use Ephemeron\Paper\Stock;
use Ephemeron\Paperer;
use Ephemeron\Papering\Lab;
use Ephemeron\Papering\Offer;
use Ephemeron\Papering\PaperProposal;
use Ephemeron\Papering\Review;
use Ephemeron\Papering\Weights;
use Ephemeron\Papering\Wish;
use Ephemeron\Workshop;
use Illuminate\Console\Command;

/** Lays the papers of a design file out over its faces. */
final class ProposePapers extends Command
{
    use ReadsDesigns;

    private const WRONG_FILE = 2;

    protected $signature = 'ephemeron:papers
        {file : a design file with "papers"; - reads standard input}
        {--wish=* : what a wish is worth, few-sheets=8}
        {--best=* : keys of papers that are meant for the cover}
        {--json : as JSON, for other programs}';

    protected $description = 'Proposes which print goes where, from the papers of a design file';

    public function handle(DesignReader $reader, Workshop $workshop, Paperer $paperer): int
    {
        $file = $this->argument('file');
        assert(is_string($file));
        try {
            $design = $reader->fromJson($this->contents($file));
            $proposal = $paperer->propose($design, $this->offers($design), $this->weights());
        } catch (InvalidDesign $error) {
            $this->complain($file, $error);

            return self::WRONG_FILE;
        }
        $plan = $workshop->plan($design->with(choices: $proposal->choices));
        $review = new Review($plan->blueprint, $plan->stocks);
        $this->option('json') ? $this->output->writeln(json_encode(
            (new PaperProposalJson)->toArray($proposal, $review),
            JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
        ), $this->output::OUTPUT_RAW) : $this->show($proposal, $review);

        return self::SUCCESS;
    }

    private function show(PaperProposal $proposal, Review $review): void
    {
        foreach ($proposal->choices->said as $place => $choice) {
            $side = $choice->side === null ? '' : ", side {$choice->side->value}";
            $this->raw(sprintf('%-36s %s%s', $place, $choice->paper ?? 'as usual', $side));
        }
        foreach ($review->uses() as $use) {
            $this->raw($use->sentence());
        }
        foreach ($proposal->unkept as $sentence) {
            $this->raw("Not kept: {$sentence}");
        }
    }

    /** @return array<string, Offer> */
    private function offers(Design $design): array
    {
        $best = (array) $this->option('best');

        return $design->choices->papers === []
            ? throw InvalidDesign::at(['papers' => 'There are no papers to lay out: name them under “papers”.'])
            : array_combine(array_keys($design->choices->papers), array_map(
                static fn (string $key, Stock $stock): Offer => new Offer(
                    $key,
                    $stock,
                    Lab::ofHex($stock->colourA ?? ''),
                    Lab::ofHex($stock->colourB ?? ''),
                    in_array($key, $best, true),
                ),
                array_keys($design->choices->papers),
                $design->choices->papers,
            ));
    }

    /** @throws InvalidDesign */
    private function weights(): Weights
    {
        $said = [];
        foreach ((array) $this->option('wish') as $wish) {
            [$name, $worth] = [...explode('=', is_string($wish) ? $wish : '', 2), ''];
            if (Wish::tryFrom($name) === null || preg_match('/^(\d|10)$/D', $worth) !== 1) {
                throw InvalidDesign::at(['wish' => sprintf(
                    '“%s” is no wish: say few-sheets=0 … 10; there are %s.',
                    is_string($wish) ? $wish : '',
                    implode(', ', array_column(Wish::cases(), 'value')),
                )]);
            }
            $said[$name] = (int) $worth;
        }

        return new Weights($said);
    }
}
