<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A seal: which revision was handed over, under which letter, to whom, signed by the bench.
 *
 * @property int $id
 * @property int $build_id
 * @property int $no
 * @property string $letter
 * @property string $at
 * @property string $made_for
 * @property string $hash  of the document
 * @property string $signature  of the hash, with the public key before a colon
 */
final class Handover extends Model
{
    public $timestamps = false;

    protected $table = 'handovers';

    protected $guarded = [];
}
