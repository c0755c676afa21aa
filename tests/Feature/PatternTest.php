<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Project;
use App\Planning\AsPattern;
use App\Planning\Plans;
use App\Planning\ProjectEditor;
use Ephemeron\Format\DesignWriter;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Smalot\PdfParser\Parser;
use Tests\TestCase;

/** The book written up: one page with the design in it, and nothing of the drawer. */
final class PatternTest extends TestCase
{
    use RefreshDatabase;

    public function test_a_pattern_holds_its_design_and_nothing_private(): void
    {
        Storage::fake('local');
        $project = app(ProjectEditor::class)->create([
            'structure' => 'mitred-tab-album', 'name' => 'Moth </script><b>book', 'unit' => 'cm', 'mats' => ['layers' => 1],
            'materials' => ['cover-paper' => ['name' => 'Night chart', 'drawer' => '4711', 'price' => '12.34', 'count' => 3]],
            'papers' => ['dew' => ['name' => 'Dew point', 'drawer' => '4712', 'price' => '23.45', 'count' => 2]],
            'choices' => ['page-1' => ['paper' => 'dew']],
            'keepsakes' => ['letter' => ['name' => 'Letter to nobody else', 'kind' => 'envelope', 'width' => '9', 'height' => '12']],
        ]);
        $this->post(
            route('notes.store', $project),
            ['step' => 'sort', 'text' => 'On the ridge', 'photo' => UploadedFile::fake()->image('p.png', 1200, 900)],
        );
        $note = $project->notes()->sole();
        $page = $this->get(route('pattern', [$project, 'by' => 'A. Maker', 'photos' => [$note->id]]))->assertOk();
        $html = (string) $page->getContent();
        foreach (['4711', '4712', '12.34', '23.45', 'Letter to nobody else', 'drawer'] as $private) {
            $this->assertStringNotContainsString($private, $html);
        }
        foreach (['by A. Maker', 'On the ridge', 'data:image/jpeg', 'What you need', 'Step by step', 'Dew point', 'in', 'cm'] as $said) {
            $this->assertStringContainsString($said, $html);
        }
        $this->assertLessThan(5_000_000, strlen($html));
        $pdf = (new Parser)->parseContent(
            (string) $this->get(route('print.pdf', [$project, 'pattern']))->assertOk()->getContent(),
        )->getText();
        $this->assertStringContainsString('What you need', $pdf);
        $this->assertStringNotContainsString('12.34', $pdf);
        // No request to anywhere: every address in it is held in it.
        preg_match_all('~(?:src|href|url)\s*[=(]\s*["\']?([^"\'\s)>]+)~', $html, $addresses);
        foreach ($addresses[1] as $address) {
            $this->assertMatchesRegularExpression('~^(data:|#)~', $address);
        }
        // Another Ephemeron brings it in, equal.
        $this->post(route('import'), ['file' => UploadedFile::fake()->createWithContent('p.html', $html)])->assertSessionHasNoErrors();
        $read = Project::query()->latest('id')->firstOrFail();
        $writer = app(DesignWriter::class);
        $this->assertSame(
            $writer->toArray(AsPattern::of(app(Plans::class)->design($project))),
            $writer->toArray(app(Plans::class)->design($read)),
        );
        $this->assertSame('Moth </script><b>book', $read->name);
        $this->get(route('pattern', [$project, 'by' => str_repeat('x', 81)]))->assertSessionHasErrors('by');
        $this->get(route('pattern', [$project, 'photos' => ['x']]))->assertSessionHasErrors('photos.0');
    }

    public function test_every_structure_can_be_written_up(): void
    {
        foreach (app(\Ephemeron\Structure\Catalogue::class)->keys() as $structure) {
            $project = app(ProjectEditor::class)->create(['structure' => $structure]);
            $html = (string) $this->get(route('pattern', $project))->assertOk()->getContent();
            $this->assertStringContainsString('id="ephemeron-design"', $html, $structure);
        }
    }
}
