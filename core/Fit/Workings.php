<?php

declare(strict_types=1);

namespace Ephemeron\Fit;

use Ephemeron\Assembly\Job;
use Ephemeron\Assembly\Order;
use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\Part;
use Ephemeron\Cutting\Trimmer;
use Ephemeron\Design\Design;
use Ephemeron\Design\Furnished;
use Ephemeron\Design\Parameter;
use Ephemeron\Design\Tools;
use Ephemeron\Folding\Profile;
use Ephemeron\Measure\Notation;
use Ephemeron\Paper\Stock;
use Ephemeron\Paper\StockRole;
use Ephemeron\Scoring\ScorePlan;
use Ephemeron\Structure\Structure;

/** All that has been worked out of a design when it is judged. */
final readonly class Workings
{
    public Bulk $bulk;

    public Profile $profile;

    /** @var list<Job> what hands do after the cuts, in the order in which it comes together */
    public array $jobs;

    public Layout $layout;

    /**
     * @param list<StockPlan> $stocks
     * @param array<string, ScorePlan> $scores by part key
     * @param Structure|null $structure what it is laid out by; null where only a part of a book is judged
     * @param Furnished $furnished all things on its faces
     * @param int $copies books made together, 1 or more
     */
    public function __construct(
        public Design $design,
        public Blueprint $blueprint,
        public array $stocks,
        public array $scores,
        public ?Structure $structure = null,
        Furnished $furnished = new Furnished([]),
        public int $copies = 1,
    ) {
        $this->layout = new Layout($design, $blueprint, $furnished);
        $papers = $design->papers();
        $this->bulk = new Bulk($blueprint, $papers);
        $this->profile = Profile::of($blueprint, $papers);
        $this->jobs = (new Order($blueprint, $design->schools))->jobs();
    }

    /** @return list<Parameter> of the structure */
    public function parameters(): array
    {
        return $this->structure?->parameters() ?? [];
    }

    public function notation(): Notation
    {
        return $this->layout->notation();
    }

    /** The maker's trimmer, for what the design does not say the usual one. */
    public function trimmer(): Trimmer
    {
        return self::trimmerOf($this->design->tools);
    }

    public static function trimmerOf(Tools $tools): Trimmer
    {
        return Trimmer::usual($tools->grid, $tools->length(Tools::BLADE), $tools->length(Tools::STRIP));
    }

    /** Its paper, with the side of it that is the piece's side A upwards. */
    public function stockOf(Part $part): Stock
    {
        return $this->layout->stockOf($part);
    }

    public function stock(StockRole $role): Stock
    {
        return $this->design->materials[$role->value];
    }

}
