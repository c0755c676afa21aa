<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

/** From the shelf on, wherever a page of the demo shelf leads. */
final class EveryLinkTest extends TestCase
{
    use RefreshDatabase;

    /** Of addresses that differ in numbers and values only so many are followed. */
    private const OF_A_KIND = 3;

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
            preg_match_all('~ (?:href|src|hx-get)="(?:'.preg_quote(url('/'), '~').')?(/[^"#]*)~', (string) $answer->getContent(), $links);
            foreach (array_map(html_entity_decode(...), $links[1]) as $link) {
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
}
