<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Club\Tablets;
use App\Models\Device;
use App\Models\Project;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** A tablet at the table: let in by a code, and by nothing else. */
final class TabletTest extends TestCase
{
    use RefreshDatabase;

    private const AWAY = ['REMOTE_ADDR' => '192.168.1.20'];

    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('local');
    }

    public function test_whoever_is_not_at_this_machine_gets_one_field(): void
    {
        $book = Project::factory()->create();
        $this->away('/')->assertRedirectToRoute('tablet');
        $this->away("/projects/{$book->id}/plan")->assertRedirectToRoute('tablet');
        $this->withServerVariables(self::AWAY)->delete("/projects/{$book->id}")->assertRedirectToRoute('tablet');
        $this->assertNotNull($book->refresh());
        $this->away('/tablet')->assertOk()->assertSee('Come to the table')->assertDontSee('Let one in');
        $this->withServerVariables(self::AWAY)->post('/tablet/begin')->assertNotFound();
        $this->withServerVariables(self::AWAY)->delete('/tablet')->assertNotFound();
        $this->withServerVariables(['REMOTE_ADDR' => '127.0.0.1'])->get('/')->assertOk();
        $this->withServerVariables(['REMOTE_ADDR' => '::1'])->get('/')->assertOk();
    }

    public function test_a_code_is_good_once_and_for_ten_minutes(): void
    {
        $this->get('/tablet')->assertOk()->assertSee('Nothing listens on the network');
        $code = $this->code();
        $this->get('/tablet')->assertSee('listens on the network now');
        $this->enter(['code' => 'AAAAAAAA', 'name' => 'Tablet'])->assertSessionHasErrors('code');
        $this->enter(['code' => $code, 'name' => ''])->assertSessionHasErrors('name');
        $answer = $this->enter(['code' => strtolower(substr($code, 0, 4).' '.substr($code, 4)), 'name' => 'Tablet', 'to' => '/projects/7/bench']);
        $answer->assertRedirect('/projects/7/bench')->assertCookie(Tablets::COOKIE);
        $token = $answer->getCookie(Tablets::COOKIE)?->getValue();
        $this->enter(['code' => $code, 'name' => 'Another'])->assertSessionHasErrors('code');
        $this->assertStringNotContainsString((string) $token, Device::query()->sole()->token, 'what is kept opens nothing');
        $this->withCookie(Tablets::COOKIE, (string) $token)->withServerVariables(self::AWAY)->get('/')->assertOk();
        $this->withCookie(Tablets::COOKIE, 'made up')->withServerVariables(self::AWAY)->get('/')->assertRedirectToRoute('tablet');

        $late = $this->code();
        $this->travel(Tablets::MINUTES * 60 + 1)->seconds();
        $this->enter(['code' => $late, 'name' => 'Late'])->assertSessionHasErrors('code');
    }

    public function test_one_is_turned_away_and_with_the_last_nothing_listens(): void
    {
        $tablets = app(Tablets::class);
        $tokens = [$tablets->letIn($tablets->code(), 'Tablet'), $tablets->letIn($tablets->code(), 'Phone')];
        $this->get('/tablet')->assertSee('Tablet')->assertSee('Phone');
        $this->withServerVariables(self::AWAY)->withCookie(Tablets::COOKIE, (string) $tokens[0])
            ->delete('/tablet/'.Device::query()->where('name', 'Phone')->sole()->id)->assertNotFound();
        $this->here()->delete('/tablet/'.Device::query()->where('name', 'Tablet')->sole()->id)->assertRedirectToRoute('tablet');
        $this->withCookie(Tablets::COOKIE, (string) $tokens[0]);
        $this->away('/')->assertRedirectToRoute('tablet');
        $this->withCookie(Tablets::COOKIE, (string) $tokens[1]);
        $this->away('/')->assertOk();
        $this->assertTrue($tablets->isListening());
        $this->here()->delete('/tablet/'.Device::query()->sole()->id);
        $this->assertFalse($tablets->isListening());
    }

    public function test_whoever_tries_codes_waits(): void
    {
        $code = $this->code();
        for ($try = 0; $try < 10; $try++) {
            $this->enter(['code' => "WRONG{$try}AA", 'name' => 'x']);
        }
        $this->enter(['code' => $code, 'name' => 'x'])->assertSessionHasErrors(['code' => 'Too many codes were tried. Wait a minute.']);
    }

    public function test_nobody_is_led_elsewhere(): void
    {
        foreach (['//evil.example', 'https://evil.example/', '/projects/1/../..', '/projects/1/plan?x=1'] as $to) {
            $this->enter(['code' => $this->code(), 'name' => 'x', 'to' => $to])->assertRedirectToRoute('shelf');
        }
    }

    private function code(): string
    {
        $code = $this->here()->post('/tablet/begin')->assertRedirect()->getSession()->get('code');
        $this->assertIsString($code);

        return $code;
    }

    private function here(): self
    {
        return $this->withServerVariables(['REMOTE_ADDR' => '127.0.0.1']);
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function away(string $page): TestResponse
    {
        return $this->withServerVariables(self::AWAY)->get($page);
    }

    /**
     * @param array<string, string> $said
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function enter(array $said): TestResponse
    {
        return $this->withServerVariables(self::AWAY)->post('/tablet', $said);
    }
}
