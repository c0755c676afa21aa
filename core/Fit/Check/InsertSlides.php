<?php

declare(strict_types=1);

namespace Ephemeron\Fit\Check;

use Ephemeron\Blueprint\Filling;
use Ephemeron\Blueprint\Pouch;
use Ephemeron\Fit\Check;
use Ephemeron\Fit\Finding;
use Ephemeron\Fit\Mend;
use Ephemeron\Fit\Severity;
use Ephemeron\Fit\Workings;

/** A card too tight for its pocket once the glue is in, or one that would stand out of the page. */
final readonly class InsertSlides implements Check
{
    public function examine(Workings $workings): iterable
    {
        $notation = $workings->notation();
        $seen = [];
        foreach ($workings->blueprint->all(Filling::class) as $filling) {
            $card = $workings->blueprint->part($filling->part);
            $pouch = $workings->blueprint->get(Pouch::class, $filling->pouch);
            $size = $filling->folded ?? $card->size;
            $same = $card->key.'|'.$pouch->size->width->ticks.'|'.$pouch->size->height->ticks.'|'.$pouch->reach->ticks;
            if ($pouch->holds($size) || isset($seen[$same])) {
                continue;
            }
            $seen[$same] = true;
            if ($pouch->holdsSnugly($size)) {
                yield new Finding(Severity::Note, 'insert-snug', sprintf(
                    '%s is %s wide and %s is %s between the glue: it slides, but snugly. Keep the beads thin and near the edge.',
                    $card->name,
                    $notation->text($size->shortSide()),
                    lcfirst($pouch->name),
                    $notation->text($pouch->innerWidth()),
                ), part: $card->key, face: $pouch->face);

                continue;
            }
            $limit = $pouch->widestInsert();
            $tooWide = $size->shortSide()->isMoreThan($limit);
            $allowance = $pouch->size->width->minus($workings->design->tools->grid->down($limit));
            yield new Finding(
                Severity::Stop,
                'insert-too-tight',
                $tooWide
                    ? sprintf(
                        '%s is %s wide; with the glue in, %s takes no more than %s. It will not slide.',
                        $card->name,
                        $notation->text($size->shortSide()),
                        lcfirst($pouch->name),
                        $notation->text($limit),
                    )
                    : sprintf(
                        '%s (%s) stands too far out of %s: that is %s deep, with %s up to the edge of the page.',
                        $card->name,
                        $notation->size($size),
                        lcfirst($pouch->name),
                        $notation->text($pouch->depth()),
                        $notation->text($pouch->reach),
                    ),
                part: $card->key,
                face: $pouch->face,
                mend: $card->key === 'insert'
                    ? new Mend(
                        'Make the inserts '.$notation->text($pouch->size->width->minus($allowance)),
                        ['parameters.insert-allowance' => $notation->exact($allowance)],
                    )
                    : null,
            );
        }
    }
}
