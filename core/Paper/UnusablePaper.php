<?php

declare(strict_types=1);

namespace Ephemeron\Paper;

use Ephemeron\Refusal;
use Ephemeron\Refused;

final class UnusablePaper extends \InvalidArgumentException implements Refusal
{
    private function __construct(string $sentence, private readonly Refused $refused = new Refused)
    {
        parent::__construct($sentence);
    }

    public function refused(): Refused
    {
        return $this->refused;
    }

    public static function grammage(int|float $grams): self
    {
        return new self(
            sprintf('%s g/m² is not a paper: it runs from %d to %d.', round($grams, 1), Grammage::LIGHTEST, Grammage::HEAVIEST),
            Refused::typed($grams)->between(Grammage::LIGHTEST.' g', Grammage::HEAVIEST.' g'),
        );
    }

    public static function price(string $text, int $digits): self
    {
        $like = ['12', '0.8', '0.85'][$digits] ?? '0.855';

        return new self(
            sprintf('“%s” is no price. Type it like %s, for one.', mb_substr(mb_scrub($text), 0, 40), $like),
            Refused::typed($text),
        );
    }

    public static function weight(string $text): self
    {
        return new self(
            sprintf('“%s” does not read as a weight. Type it like 220, 220 g or 80 lb cover.', mb_substr(mb_scrub($text), 0, 40)),
            Refused::typed($text),
        );
    }
}
