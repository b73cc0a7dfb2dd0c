<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A piece of strip or wire that was left over and kept.
 *
 * @property int $id
 * @property string $part  as the catalogue or a build calls it
 * @property string $label
 * @property float $length_m
 * @property string $from
 * @property string $note
 * @property string $kept_at
 */
final class Offcut extends Model
{
    public $timestamps = false;

    protected $table = 'offcuts';

    protected $guarded = [];

    /** As a build names the one it takes. */
    public function name(): string
    {
        return "offcut {$this->id}";
    }
}
