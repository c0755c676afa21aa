<?php

declare(strict_types=1);

namespace Ephemeron;

use Ephemeron\Design\Design;
use Ephemeron\Paper\Choice;
use Ephemeron\Paper\Choices;
use Ephemeron\Paper\Side;
use Ephemeron\Papering\Arrangement;
use Ephemeron\Papering\Arranger;
use Ephemeron\Papering\Look;
use Ephemeron\Papering\Offer;
use Ephemeron\Papering\PaperProposal;
use Ephemeron\Papering\Puzzle;
use Ephemeron\Papering\Review;
use Ephemeron\Papering\Unkept;
use Ephemeron\Papering\Want;
use Ephemeron\Papering\Wants;
use Ephemeron\Papering\Weights;

/**
 * Lays pads out over a book. What was chosen by hand stays; every place gets a print of which there is enough, as a cut plan proves: where
 * the pieces cannot be cut from the sheets that were reckoned with, fewer of them are put on that print.
 */
final readonly class Paperer
{
    /** So often it is laid out anew when a print turns out not to give its pieces. */
    private const ROUNDS = 6;

    public function __construct(private Workshop $workshop)
    {
    }

    /**
     * @param array<string, Offer> $offers by the key that their paper has, or is to have, among those of the design
     * @param (\Closure(float): bool)|null $told the share that is done; answers whether to go on
     */
    public function propose(Design $design, array $offers, Weights $weights = new Weights, ?\Closure $told = null): PaperProposal
    {
        $byHand = array_filter($design->choices->said, static fn (Choice $choice): bool => ! $choice->isProposed);
        $bare = $design->with(choices: $design->choices->with(said: $byHand));
        $plan = $this->workshop->plan($bare);
        $wants = Wants::of($plan->blueprint, new Review($plan->blueprint, $plan->stocks));
        $keys = array_keys($offers);
        [$wants, $said] = $this->byHand($wants, $byHand, $keys);
        $offers = array_values($offers);
        $sheets = array_map(static fn (Offer $offer): ?int => $offer->stock->available, $offers);
        for ($round = 1; true; $round++) {
            $counted = array_map(static fn (Offer $offer, ?int $count): Offer => new Offer(
                $offer->id,
                $offer->stock->counted($count),
                $offer->front,
                $offer->back,
                $offer->isBest,
                $offer->isBegun,
            ), $offers, $sheets);
            $arrangement = (new Arranger(new Puzzle($wants, $counted, $weights, $said), told: $told))->arrange();
            $choices = $this->choices($bare->choices, $arrangement, $offers, $keys);
            $cut = $this->workshop->plan($bare->with(choices: $choices));
            $short = [];
            $begun = 0;
            foreach ($cut->stocks as $stock) {
                $number = $this->offerOf($stock->papers, $keys);
                $begun += $number === null ? 0 : $stock->cuts->sheets();
                if ($number !== null && $stock->cuts->missing !== []) {
                    $short[] = $number;
                }
            }
            if ($short === [] || $round === self::ROUNDS) {
                return new PaperProposal($this->enough($choices, $cut), Unkept::in($arrangement), $begun, $arrangement);
            }
            foreach ($short as $number) {
                $sheets[$number] = max(0, ($sheets[$number] ?? 1) - 1);
            }
        }
    }

    /**
     * @param list<string> $papers by which the design knows a paper
     * @param list<string> $keys of the offers
     */
    private function offerOf(array $papers, array $keys): ?int
    {
        foreach ($keys as $number => $key) {
            if (in_array("print:{$key}", $papers, true)) {
                return $number;
            }
        }

        return null;
    }

    /**
     * Places with a print that was chosen by hand and is on offer count with it; those with another one are no question.
     *
     * @param list<Want> $wants
     * @param array<string, Choice> $byHand
     * @param list<string> $keys of the offers
     * @return array{list<Want>, array<int, Look>}
     */
    private function byHand(array $wants, array $byHand, array $keys): array
    {
        $said = [];
        foreach ($wants as $number => $want) {
            $choice = $byHand[$want->place] ?? null;
            $offer = $choice?->paper === null ? false : array_search($choice->paper, $keys, true);
            if ($choice !== null && $offer !== false) {
                $said[$number] = new Look($offer, $choice->side ?? Side::A);
            }
        }
        // Chosen from elsewhere: no print of the pads goes there, and what is beside it is free.
        $else = array_filter($wants, static function (Want $want) use ($byHand, $keys): bool {
            $choice = $byHand[$want->place] ?? new Choice;

            return $choice->paper === null ? $choice->spot !== null : ! in_array($choice->paper, $keys, true);
        });

        return $else === [] ? [$wants, $said] : $this->without($wants, array_keys($else), $said);
    }

    /**
     * @param list<Want> $wants
     * @param list<int> $gone
     * @param array<int, Look> $said
     * @return array{list<Want>, array<int, Look>}
     */
    private function without(array $wants, array $gone, array $said): array
    {
        $kept = array_values(array_diff(array_keys($wants), $gone));
        $now = array_flip($kept);
        $left = array_map(static fn (int $number): Want => $wants[$number]->beside(
            $now[$wants[$number]->facing ?? -1] ?? null,
            $now[$wants[$number]->on ?? -1] ?? null,
        ), $kept);
        $looks = [];
        foreach ($said as $number => $look) {
            $looks[$now[$number]] = $look;
        }

        return [$left, $looks];
    }

    /**
     * @param list<Offer> $offers
     * @param list<string> $keys
     */
    private function choices(Choices $choices, Arrangement $arrangement, array $offers, array $keys): Choices
    {
        [$papers, $said] = [$choices->papers, $choices->said];
        foreach ($arrangement->puzzle->wants as $number => $want) {
            $look = $arrangement->of($number);
            if ($look !== null && ! isset($arrangement->puzzle->said[$number])) {
                $papers[$keys[$look->offer]] = $offers[$look->offer]->stock;
                $said[$want->place] = new Choice($keys[$look->offer], $look->side === Side::B ? Side::B : null, isProposed: true);
            }
        }

        return new Choices($papers, $said);
    }

    /** What still finds no room goes back to the paper of its role: nothing is proposed that cannot be cut. */
    private function enough(Choices $choices, WorkPlan $cut): Choices
    {
        $missing = [];
        foreach ($cut->stocks as $stock) {
            $missing += $stock->cuts->missing;
        }
        $said = array_filter(
            $choices->said,
            static function (Choice $choice) use ($cut, $missing): bool {
                foreach ($choice->isProposed ? $cut->blueprint->parts : [] as $part) {
                    if (isset($missing[$part->letter]) && isset($part->papers()["print:{$choice->paper}"])) {
                        return false;
                    }
                }

                return true;
            },
        );

        return $choices->with(said: $said);
    }
}
