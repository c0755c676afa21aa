<?php

declare(strict_types=1);

namespace App\Planning;

use App\History\History;
use App\Models\Project;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** A book is being worked out: the page that was asked for comes when it is. */
final class UnderWay extends \RuntimeException
{
    /** @param float $share of its pieces that are laid out: 0 to 1 */
    public function __construct(
        public readonly Project $project,
        private readonly string $mark,
        private readonly int $pieces,
        private readonly float $share,
    ) {
        parent::__construct(sprintf('It is being worked out: %s pieces.', number_format($pieces)));
    }

    public function render(Request $request): Response
    {
        return response()->view('under-way', [
            'project' => $this->project,
            'mark' => $this->mark,
            'again' => $request->isMethod('GET') ? null
                : ['_method' => $request->method(), ...self::fields((array) $request->except(['_token', '_method']))],
            'pieces' => $this->pieces,
            'share' => $this->share,
            'address' => $request->fullUrl(),
            'last' => app(History::class)->lastDone($this->project),
        ], Response::HTTP_ACCEPTED, ['Cache-Control' => 'no-store, private']);
    }

    /**
     * What was sent, as fields of a form that sends it again.
     *
     * @param array<mixed> $sent
     * @return array<string, string>
     */
    private static function fields(array $sent, string $within = ''): array
    {
        $fields = [];
        foreach ($sent as $name => $value) {
            $name = $within === '' ? (string) $name : "{$within}[{$name}]";
            $fields += is_array($value) ? self::fields($value, $name) : [$name => is_scalar($value) ? (string) $value : ''];
        }

        return $fields;
    }
}
