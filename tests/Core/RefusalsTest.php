<?php

declare(strict_types=1);

namespace Tests\Core;

use Ephemeron\Blueprint\UnknownPiece;
use Ephemeron\Cutting\PlanDoesNotCut;
use Ephemeron\Design\InvalidParameter;
use Ephemeron\DoesNotFit;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\Grammage;
use Ephemeron\Refusal;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A refusal says what was given and what would be taken, as a sentence and as data; an error in the program is none. */
final class RefusalsTest extends TestCase
{
    use Designs;

    public function test_a_design_tells_place_value_and_range(): void
    {
        try {
            $this->design(
                'nested-gusset-album',
                ['parameters' => ['leaf-width' => '900', 'sheets' => 99, 'ribbon' => 'maybe'], 'mats' => ['school' => 'baroque']],
            );
            $this->fail('The file was taken.');
        } catch (InvalidDesign $refusal) {
            $this->assertSame(
                ['parameters.leaf-width', 'parameters.sheets', 'parameters.ribbon', 'mats.school'],
                array_keys($refusal->errors),
            );
            $this->assertSame(
                ['900 in', '1', '20', 'maybe'],
                [
                    $refusal->values['parameters.leaf-width']->value,
                    $refusal->values['parameters.sheets']->least,
                    $refusal->values['parameters.sheets']->most,
                    $refusal->values['parameters.ribbon']->value,
                ],
            );
            $this->assertContains('hairline', $refusal->values['mats.school']->accepted);
            $this->assertSame('900 in', $refusal->refused()->value);
        }
    }

    #[TestWith(['wide'])]
    #[TestWith(['-1'])]
    #[TestWith(['1/0'])]
    #[TestWith(['99999'])]
    public function test_a_length_tells_what_was_typed(string $typed): void
    {
        try {
            Length::parse($typed, Unit::Inch);
            $this->fail('The length was taken.');
        } catch (Refusal $refusal) {
            $this->assertSame($typed, $refusal->refused()->value);
        }
    }

    public function test_other_refusals_too(): void
    {
        try {
            Grammage::grams(2000);
        } catch (Refusal $refusal) {
            $this->assertSame(
                ['2000', '10 g', '1500 g'],
                [$refusal->refused()->value, $refusal->refused()->least, $refusal->refused()->most],
            );
        }
        $this->assertSame('12', DoesNotFit::photos('4 × 6 in', 12)->refused()->most);
        $this->assertSame(
            200,
            mb_strlen(InvalidParameter::notACount('Sheets', str_repeat('x', 500))->refused()->value),
            'no more than anyone reads',
        );
    }

    public function test_errors_in_the_program_are_no_refusals(): void
    {
        foreach ([PlanDoesNotCut::class, UnknownPiece::class] as $error) {
            $this->assertFalse(is_subclass_of($error, Refusal::class), $error);
        }
    }
}
