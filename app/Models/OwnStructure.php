<?php

declare(strict_types=1);

namespace App\Models;

use Ephemeron\Format\OwnStructureFile;
use Ephemeron\Structure\OwnStructure as Written;
use Illuminate\Database\Eloquent\Model;

/**
 * A structure that a maker wrote down, and which books are made of.
 *
 * @property int $id
 * @property string $key
 * @property string $name
 * @property array<string, mixed> $file see docs/format/structure.schema.json
 * @property bool $is_listed whether it stands in the catalogue
 */
final class OwnStructure extends Model
{
    use OfAMaker;

    protected $fillable = ['key', 'name', 'file', 'is_listed'];

    /** @var array<string, string> */
    protected $casts = ['file' => 'array', 'is_listed' => 'boolean'];

    public function written(): Written
    {
        return OwnStructureFile::fromArray($this->file);
    }
}
