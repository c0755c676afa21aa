<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Route;
use Tests\TestCase;

/** From the shelf on, wherever a page of the demo shelf leads. */
final class EveryLinkTest extends TestCase
{
    use RefreshDatabase;

    /** Of addresses that differ in numbers and values only so many are followed. */
    private const OF_A_KIND = 3;

    /** A parameter that a route does not have stands behind its address, without a name. */
    private const NAMELESS = '~[?&][^=&]*(?:&|$)~';

    public function test_every_link_leads_somewhere(): void
    {
        $this->seed();
        /** @var array<string, string> $from the page each was met on first */
        $from = ['/' => 'the start'];
        $open = ['/'];
        $kinds = [];
        while (($address = array_shift($open)) !== null) {
            $answer = $this->get($address);
            $this->assertLessThan(400, $answer->getStatusCode(), "{$address}, linked from {$from[$address]}");
            if (! str_contains((string) $answer->headers->get('Content-Type'), 'text/html')) {
                continue;
            }
            $this->assertFormsAreTaken($address, (string) $answer->getContent());
            preg_match_all('~ (?:href|src|hx-get)="(?:'.preg_quote(url('/'), '~').')?(/[^"#]*)~', (string) $answer->getContent(), $links);
            foreach (array_map(html_entity_decode(...), $links[1]) as $link) {
                $this->assertDoesNotMatchRegularExpression(self::NAMELESS, $link, "on {$address}");
                $kind = (string) preg_replace(['~=[^&]*~', '~\d+|[0-9a-f]{12}~', '~/[A-Z]{1,2}\b~'], ['', 'N', '/L'], $link);
                if (isset($from[$link]) || is_file(public_path($link)) || ($kinds[$kind] ?? 0) === self::OF_A_KIND) {
                    continue;
                }
                $kinds[$kind] = ($kinds[$kind] ?? 0) + 1;
                $from[$link] = $address;
                $open[] = $link;
            }
        }
        $this->assertGreaterThan(200, count($from));
    }

    /** Whatever a form or a button of a page sends is sent to where it is taken, by the verb by which it is. */
    private function assertFormsAreTaken(string $page, string $html): void
    {
        preg_match_all('~<form\b([^>]*)>(.*?)</form>~s', $html, $forms, PREG_SET_ORDER);
        $sent = [];
        foreach ($forms as [, $form, $fields]) {
            preg_match('~ method="(get|post)"~', $form, $method);
            preg_match('~name="_method" value="(\w+)"~', $fields, $instead);
            preg_match('~ action="([^"]*)"~', $form, $action);
            $sent[] = [$instead[1] ?? $method[1] ?? 'get', $action[1] ?? $page];
        }
        preg_match_all('~ hx-(get|post|put|patch|delete)="([^"]*)"~', $html, $asked, PREG_SET_ORDER);
        foreach ([...$sent, ...array_map(static fn (array $each): array => [$each[1], $each[2]], $asked)] as [$verb, $to]) {
            $this->assertDoesNotMatchRegularExpression(self::NAMELESS, html_entity_decode($to), "{$verb} on {$page}");
            $request = Request::create(html_entity_decode($to), strtoupper($verb));
            $this->assertNotNull(Route::getRoutes()->match($request)->getName(), "{$verb} {$to} on {$page}");
        }
    }
}
