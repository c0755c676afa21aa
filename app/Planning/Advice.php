<?php

declare(strict_types=1);

namespace App\Planning;

use App\Drawing\PoseDrawing;
use App\View\Duration;
use Ephemeron\Advised;
use Ephemeron\Blueprint\Pose;
use Ephemeron\Fit\StockPlan;
use Ephemeron\Format\DesignWriter;
use Ephemeron\Paper\Price;

/** A book that was made for a wish, as it is shown beside others and begun. */
final readonly class Advice
{
    /**
     * @param array<string, mixed> $file its design
     * @param array<string, string> $drawings SVG by the name of the state
     * @param float $wide breadth of the first drawing in millimetres
     * @param list<string> $lacks
     * @param list<string> $wants
     */
    private function __construct(
        public string $key,
        public string $name,
        public string $summary,
        public string $skill,
        public array $file,
        public array $drawings,
        public float $wide,
        public string $closed,
        public string $thick,
        public int $sheets,
        public int $left,
        public bool $isProved,
        public int $photos,
        public int $pages,
        public int $pieces,
        public int $seconds,
        public Price $price,
        public string $closings,
        public array $lacks,
        public array $wants,
        public string $worth,
    ) {
    }

    /** @param float|null $hours that there are for one book */
    public static function of(Advised $advised, ?float $hours, DesignWriter $writer): self
    {
        $plan = $advised->plan;
        [$drawings, $wide] = [[], 0.0];
        foreach ($plan->blueprint->all(Pose::class) as $pose) {
            if (count($drawings) < 2) {
                $drawing = (new PoseDrawing($plan))->draw($pose);
                $wide = $drawings === [] ? $drawing->size()[0] : $wide;
                $drawings[$pose->name] = $drawing->inline();
            }
        }
        [$seconds] = StepClock::left($plan->steps);
        $isTooLong = $hours !== null && $seconds > 3600 * $hours;

        return new self(
            $plan->structure->about()->key,
            $plan->structure->about()->name,
            $plan->structure->about()->summary,
            $plan->structure->about()->skill->label(),
            $writer->toArray($plan->design),
            $drawings,
            $wide,
            $plan->notation()->size($plan->blueprint->closedSize()),
            $plan->notation()->text($plan->notation()->grid->up($plan->thickness(true))),
            $advised->sheets(),
            $advised->left(),
            array_filter($plan->stocks, static fn (StockPlan $stock): bool => ! $stock->cuts->isProved()) === [],
            $advised->photos,
            count($plan->blueprint->pages()),
            $plan->pieces(),
            $seconds,
            $plan->price(),
            implode(', ', array_slice($plan->blueprint->closings(), 0, 2)),
            [...$advised->lacks, ...($isTooLong ? ['It takes about '.Duration::text($seconds).'.'] : [])],
            $advised->wants,
            $advised->worth($isTooLong ? 1 : 0),
        );
    }

    /** Why it stands where it stands. */
    public function why(?self $before): string
    {
        if ($this->lacks !== []) {
            return count($this->lacks) === 1 ? 'It misses one thing you said.' : 'It misses '.count($this->lacks).' things you said.';
        }
        if ($before === null) {
            return 'It keeps all you said, with the fewest sheets.';
        }
        $more = $this->sheets - $before->sheets;

        return match (true) {
            $more === 0 => 'It keeps all you said with as many sheets, of which it uses more.',
            $more === 1 => 'It keeps all you said, for one sheet more than the one before it.',
            default => "It keeps all you said, for {$more} sheets more than the one before it.",
        };
    }
}
