<?php

declare(strict_types=1);

namespace Ephemeron\Fit;

use Ephemeron\Fit\Check\BandGoesRound;
use Ephemeron\Fit\Check\BookCloses;
use Ephemeron\Fit\Check\CardMaySag;
use Ephemeron\Fit\Check\ChoicesAreHeeded;
use Ephemeron\Fit\Check\ClosuresGoUnderMats;
use Ephemeron\Fit\Check\ComesTogether;
use Ephemeron\Fit\Check\CoreStaysHidden;
use Ephemeron\Fit\Check\EnvelopeHolds;
use Ephemeron\Fit\Check\EveryThingHasAPage;
use Ephemeron\Fit\Check\FlapOpensAway;
use Ephemeron\Fit\Check\FoldsMayCrack;
use Ephemeron\Fit\Check\GlueStaysOffScores;
use Ephemeron\Fit\Check\GussetHoldsLoad;
use Ephemeron\Fit\Check\InsertSlides;
use Ephemeron\Fit\Check\LeavesStayInside;
use Ephemeron\Fit\Check\LeavesStayOpen;
use Ephemeron\Fit\Check\MagnetsHold;
use Ephemeron\Fit\Check\MatsLeaveSomething;
use Ephemeron\Fit\Check\NotchFitsOpening;
use Ephemeron\Fit\Check\PaperSuffices;
use Ephemeron\Fit\Check\PicturesCarryOn;
use Ephemeron\Fit\Check\PieceFitsSheet;
use Ephemeron\Fit\Check\PiecesComeOffCleanly;
use Ephemeron\Fit\Check\PinsHold;
use Ephemeron\Fit\Check\PocketOpensOutward;
use Ephemeron\Fit\Check\PrintStandsUpright;
use Ephemeron\Fit\Check\RibbonIsCovered;
use Ephemeron\Fit\Check\ScoresOnGrooves;
use Ephemeron\Fit\Check\SelvageComesOff;
use Ephemeron\Fit\Check\SheetsFold;
use Ephemeron\Fit\Check\SlidesThrough;
use Ephemeron\Fit\Check\SpineHoldsRows;
use Ephemeron\Fit\Check\StructureRemarks;
use Ephemeron\Fit\Check\TapeFitsGusset;
use Ephemeron\Fit\Check\ThingsFitTheFace;
use Ephemeron\Fit\Check\TiesGoRound;

/** Everything that was found, the worst first. */
final readonly class FitReport
{
    /** So many of a kind about one face are told one by one; the others together. */
    private const ALIKE = 8;

    /** So many of a kind about all faces. */
    private const OF_A_KIND = 40;

    /** @param list<Finding> $findings */
    private function __construct(public array $findings)
    {
    }

    public static function on(Workings $workings): self
    {
        $findings = [];
        $alike = [];
        $told = [];
        $untold = [];
        foreach (self::checks() as $check) {
            foreach ($check->examine($workings) as $finding) {
                $here = "{$finding->kind} {$finding->face}";
                $alike[$here] = ($alike[$here] ?? 0) + 1;
                $told[$finding->kind] ??= 0;
                if ($alike[$here] <= self::ALIKE && $told[$finding->kind] < self::OF_A_KIND) {
                    $told[$finding->kind]++;
                    $findings[] = $finding;
                } else {
                    $untold[$finding->kind] = [$finding, ($untold[$finding->kind][1] ?? 0) + 1];
                }
            }
        }
        foreach ($untold as [$last, $count]) {
            $findings[] = $last->andMore($count);
        }
        usort($findings, static fn (Finding $one, Finding $other): int => $one->severity->rank() <=> $other->severity->rank());

        return new self($findings);
    }

    public function stops(): bool
    {
        return $this->findings !== [] && $this->findings[0]->severity === Severity::Stop;
    }

    /** @return list<Finding> */
    public function bySeverity(Severity $severity): array
    {
        return array_values(array_filter($this->findings, static fn (Finding $finding): bool => $finding->severity === $severity));
    }

    /** @return list<Finding> of any of these kinds */
    public function of(string ...$kinds): array
    {
        return array_values(array_filter($this->findings, static fn (Finding $finding): bool => in_array($finding->kind, $kinds, true)));
    }

    /** @return list<Check> */
    private static function checks(): array
    {
        return [
            new EveryThingHasAPage,
            new ChoicesAreHeeded,
            new PieceFitsSheet,
            new PaperSuffices,
            new PinsHold,
            new SheetsFold,
            new LeavesStayOpen,
            new TiesGoRound,
            new ComesTogether,
            new BookCloses,
            new PiecesComeOffCleanly,
            new InsertSlides,
            new ThingsFitTheFace,
            new PocketOpensOutward,
            new NotchFitsOpening,
            new TapeFitsGusset,
            new GussetHoldsLoad,
            new MatsLeaveSomething,
            new RibbonIsCovered,
            new PrintStandsUpright,
            new CoreStaysHidden,
            new ScoresOnGrooves,
            new CardMaySag,
            new FoldsMayCrack,
            new SelvageComesOff,
            new StructureRemarks,
            new EnvelopeHolds,
            new BandGoesRound,
            new SlidesThrough,
            new FlapOpensAway,
            new MagnetsHold,
            new GlueStaysOffScores,
            new ClosuresGoUnderMats,
            new PicturesCarryOn,
            new SpineHoldsRows,
            new LeavesStayInside,
        ];
    }
}
