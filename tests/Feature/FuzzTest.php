<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Planning\ProjectEditor;
use Ephemeron\Ceiling;
use Ephemeron\Format\DesignReader;
use Ephemeron\Format\InvalidDesign;
use Ephemeron\Workshop;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Log\Events\MessageLogged;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Storage;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Fuzz\OddRequests;
use Tests\TestCase;

/** No request and no file makes the application fall over; `bin/bench fuzz` asks ten thousand times. */
final class FuzzTest extends TestCase
{
    use RefreshDatabase;

    #[TestWith([1501])]
    #[TestWith([1502])]
    public function test_odd_requests_are_answered(int $seed): void
    {
        Storage::fake('local');
        Queue::fake();
        $logged = [];
        Event::listen(MessageLogged::class, static function (MessageLogged $message) use (&$logged): void {
            in_array($message->level, ['debug', 'info', 'notice'], true) ?: $logged[] = $message->message;
        });
        $editor = app(ProjectEditor::class);
        $projects = [
            $editor->create(['structure' => 'nested-gusset-album', 'mats' => ['layers' => 1]])->id,
            $editor->create(['structure' => 'meander-book', 'unit' => 'cm'])->id,
            $editor->create(['structure' => 'free-base'])->id,
        ];
        $odd = new OddRequests($seed);
        for ($number = 0; $number < 250; $number++) {
            $request = $odd->next($projects);
            $answer = app(Kernel::class)->handle($request);
            $this->assertLessThan(500, $answer->getStatusCode(), $odd->told($request).' '.($logged[0] ?? ''));
            $this->assertSame([], $logged, $odd->told($request));
        }
    }

    public function test_odd_files_are_read_or_refused(): void
    {
        $odd = new OddRequests(1503);
        $workshop = Workshop::ofTheHouse();
        [$read, $refused] = [0, 0];
        for ($number = 0; $number < 300; $number++) {
            $design = $odd->design();
            try {
                $blueprint = $workshop->blueprint(DesignReader::ofTheHouse()->fromArray($design));
                Ceiling::check($blueprint);
                $read++;
            } catch (InvalidDesign $error) {
                $this->assertNotSame('', $error->getMessage());
                $refused++;
            }
        }
        $this->assertGreaterThan(20, $read);
        $this->assertGreaterThan(20, $refused);
    }
}
