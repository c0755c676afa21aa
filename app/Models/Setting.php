<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What a maker has chosen once for all books.
 *
 * @property string $key
 * @property string $value
 */
final class Setting extends Model
{
    use OfAMaker;

    protected $table = 'choices';

    protected $fillable = ['key', 'value'];
}
