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
    /** @param float $share of it that is done, about: 0 to 1 */
    public function __construct(public readonly Project $project, public readonly int $pieces, public readonly float $share)
    {
        parent::__construct(sprintf('It is being worked out: %s pieces.', number_format($pieces)));
    }

    public function render(Request $request): Response
    {
        return response()->view('under-way', [
            'project' => $this->project,
            'pieces' => $this->pieces,
            'share' => $this->share,
            'address' => $request->fullUrl(),
            'last' => app(History::class)->lastDone($this->project),
        ], Response::HTTP_ACCEPTED, ['Cache-Control' => 'no-store, private']);
    }
}
