<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Pieces that were cut and are gone from the book: spoiled, or laid into the drawer.
 *
 * @property string $sheet key of the sheet they came from
 * @property string $piece key of the part they were cut for
 * @property int $count
 */
final class SpoiledPiece extends Model
{
    public $timestamps = false;

    protected $fillable = ['sheet', 'piece', 'count'];

    /** @var array<string, string> */
    protected $casts = ['count' => 'integer'];
}
