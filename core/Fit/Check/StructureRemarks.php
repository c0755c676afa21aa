<?php

declare(strict_types=1);

namespace Ephemeron\Fit\Check;

use Ephemeron\Blueprint\Remark;
use Ephemeron\Fit\Check;
use Ephemeron\Fit\Finding;
use Ephemeron\Fit\Mend;
use Ephemeron\Fit\Severity;
use Ephemeron\Fit\Workings;

/** What a structure itself has to say about its measures. */
final readonly class StructureRemarks implements Check
{
    public function examine(Workings $workings): iterable
    {
        foreach ($workings->blueprint->all(Remark::class) as $remark) {
            yield new Finding(
                match ($remark->weight) {
                    Remark::STOP => Severity::Stop,
                    Remark::WATCH => Severity::Watch,
                    default => Severity::Note,
                },
                $remark->kind,
                $remark->text,
                part: $remark->part,
                face: $remark->face,
                mend: $remark->changes === [] ? null : new Mend($remark->mend, $remark->changes),
            );
        }
    }
}
