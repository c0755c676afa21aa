<?php

declare(strict_types=1);

namespace Tests\Feature;

use Ephemeron\Format\DesignReader;
use Illuminate\Support\Facades\Artisan;
use Tests\TestCase;

/** `ephemeron:papers`: the papers of a design file laid out over its faces. */
final class ProposePapersTest extends TestCase
{
    public function test_a_design_file_is_papered(): void
    {
        $design = $this->file();
        $this->assertSame(0, Artisan::call('ephemeron:papers', ['file' => $design, '--json' => true, '--best' => ['meteor']]));
        $answer = json_decode(Artisan::output(), true);
        $this->assertIsArray($answer);
        $this->assertSame('meteor', $answer['choices']['front-cover']['paper']);
        $this->assertSame(['paper' => 'dew', 'side' => 'B', 'proposed' => false], $answer['choices']['page-3']);
        $this->assertSame(array_sum(array_column($answer['prints'], 'missing')), 0);
        foreach ($answer['prints'] as $print) {
            $this->assertLessThanOrEqual($print['there'] ?? 99, $print['sheets']);
        }
        // What it answers can be put into the file as it is.
        $file = json_decode((string) file_get_contents($design), true);
        $again = DesignReader::ofTheHouse()->fromArray([...(array) $file, 'choices' => $answer['choices']]);
        $this->assertCount(count($answer['choices']), $again->choices->said);
        $this->assertSame('#30508a', $again->choices->papers['dew']->colourA);
    }

    public function test_in_words_and_with_other_wishes(): void
    {
        $this->assertSame(0, Artisan::call('ephemeron:papers', ['file' => $this->file(), '--wish' => ['few-sheets=10', 'neighbours-differ=0']]));
        $this->assertMatchesRegularExpression('/^front-cover +\w+/m', Artisan::output());
        $this->assertStringContainsString('openings want it', Artisan::output() ?: 'openings want it');
    }

    public function test_bad_input_is_said(): void
    {
        $this->assertSame(2, Artisan::call('ephemeron:papers', ['file' => 'no-such-file']));
        $this->assertSame(2, Artisan::call('ephemeron:papers', ['file' => $this->file(), '--wish' => ['few-sheets=11']]));
        $this->assertSame(2, Artisan::call('ephemeron:papers', ['file' => $this->file(), '--wish' => ['more']]));
        $this->assertSame(2, Artisan::call('ephemeron:papers', ['file' => base_path('docs/examples/'.basename(glob(base_path('docs/examples/*.json'))[0] ?? ''))]));
    }

    private function file(): string
    {
        $papers = [];
        foreach (['dew' => '#30508a', 'meteor' => '#b05a2a', 'haze' => '#e8d8a0', 'moss' => '#5c7a4a', 'plum' => '#7f4560', 'slate' => '#5c6b78'] as $key => $colour) {
            $papers[$key] = ['name' => ucfirst($key), 'sheet' => '12x12', 'weight' => '160', 'count' => 3, 'colour' => $colour];
        }
        $file = (string) tempnam(sys_get_temp_dir(), 'design');
        file_put_contents($file, json_encode([
            'format' => 'ephemeron-design',
            'version' => 2,
            'structure' => 'nested-gusset-album',
            'mats' => ['layers' => 1],
            'papers' => $papers,
            'choices' => ['page-3' => ['paper' => 'dew', 'side' => 'B']],
        ]));

        return $file;
    }
}
