<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Project;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Routing\Route;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Whatever is asked of a page, it answers: with itself, with what is wrong, or with “not here”; never with an error of its own. */
final class OddRequestsTest extends TestCase
{
    use RefreshDatabase;

    private const ODD = [
        '',
        '0',
        '-1',
        '99999999999999999999',
        'x',
        "'; drop table papers; --",
        '<script>',
        '½',
        "\u{202E}",
        '../../etc/passwd',
        '1e309',
        'null',
    ];

    private const KEYS = [
        'scene',
        'at',
        'books',
        'sheet',
        'copies',
        'face',
        'put',
        'flaps',
        'step',
        'search',
        'kind',
        'pad',
        'there',
        'unit',
        'paper',
        'page',
        'supply',
        'propose',
        'cover',
        'letters',
        'scale',
        'keep',
        'at',
        'all',
        'stock',
        'sheets',
        'code',
        'to',
    ];

    #[DataProvider('pages')]
    public function test_odd_values_of_every_query_are_answered(string $path): void
    {
        $project = Project::factory()->create();
        $path = str_replace('{project}', (string) $project->id, $path);
        foreach (self::ODD as $index => $odd) {
            $query = array_fill_keys(self::KEYS, $odd);
            $this->assertAnswered("{$path}?".http_build_query($query));
            // And each of them as a list, one a round.
            $this->assertAnswered("{$path}?".http_build_query([self::KEYS[$index % count(self::KEYS)] => [$odd]]));
        }
    }

    /** @return iterable<string, array{string}> */
    public static function pages(): iterable
    {
        foreach ([
            '',
            'catalogue',
            'adviser',
            'eighths',
            'words',
            'structures',
            'structures/own-0123456789ab.json',
            'words/gusset',
            'eighths/sum',
            'together',
            'copies',
            'logbook',
            'logbook.csv',
            'papers',
            'papers.csv',
            'papers/makes',
            'papers/own',
            'papers/own/sheet.png',
            'supplies',
            'taken-off',
            'tablet',
            'sign-in',
            'myself',
            'club',
            'board',
            'board/9',
        ] as $page) {
            yield "/{$page}" => ["/{$page}"];
        }
        foreach ([
            'paper',
            'base',
            'going-in',
            'log',
            'cost',
            'pattern.html',
            'motif',
            'plan',
            'cut',
            'score',
            'fold',
            'leaves',
            'bench',
            'print',
            'papers',
            'print/mock-up.pdf',
            'print/labels.pdf',
            'cut-plan.csv',
            'cut-plan.json',
            'stored.json',
            'book.zip',
            'openings/2',
            'sheets/cut-0123456789ab-1.svg',
            'cut/cut-0123456789ab-1',
        ] as $page) {
            yield "a project’s {$page}" => ["/projects/{project}/{$page}"];
        }
    }

    public function test_every_route_that_reads_is_among_the_pages_of_some_test(): void
    {
        $read = [];
        foreach (app('router')->getRoutes()->getRoutes() as $route) {
            if ($route instanceof Route && in_array('GET', $route->methods(), true)) {
                $read[] = $route->uri();
            }
        }
        $elsewhere = [
            'up',
            'papers/{lent}/picture',
            'shown/{token}',
            'projects/{project}/going-in/{key}/picture',
            'projects/{project}/notes/{note}/photo',
            'projects/{project}/openings/{number}',
            'projects/{project}/openings/{number}.png',
            'projects/{project}/design.json',
            'projects/{project}/cut-list.csv',
            'projects/{project}/patterns/{letter}.{type}',
            'projects/{project}/searches/{search}',
            'copies/{name}',
        ];
        $here = array_map(
            static fn (array $page): string => trim(
                str_replace(
                    ['papers/own/sheet.png', 'print/mock-up', 'print/labels', 'sheets/cut-0123456789ab-1.svg', 'cut/cut-0123456789ab-1', 'board/9',
                        'words/gusset', 'structures/own-0123456789ab.json'],
                    ['papers/own/sheet.{type}', 'print/{document}', 'print/{document}', 'sheets/{key}.{type}', 'cut/{key}', 'board/{number}',
                        'words/{key}', 'structures/{key}.json'],
                    $page[0],
                ),
                '/',
            ),
            iterator_to_array(self::pages(), false),
        );
        $this->assertSame([], array_values(array_diff($read, $elsewhere, $here, ['/'])));
    }

    public function test_numbers_that_are_none_lead_nowhere(): void
    {
        $project = Project::factory()->create();
        foreach ([
            '/projects/999999/plan',
            '/projects/x/plan',
            "/projects/{$project->id}/print/novel.pdf",
            "/projects/{$project->id}/sheets/cut-0123456789ab-9.svg",
            "/projects/{$project->id}/sheets/cut-0123456789ab-1.exe",
            '/papers/12345/picture',
            "/projects/{$project->id}/patterns/AAAA.fold",
        ] as $path) {
            $this->get($path)->assertNotFound();
        }
    }

    private function assertAnswered(string $path): void
    {
        $status = $this->get($path)->getStatusCode();
        $this->assertContains($status, [200, 302, 303, 404, 422], "{$path} answered {$status}");
    }
}
