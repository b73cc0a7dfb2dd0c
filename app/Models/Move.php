<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * One change of a build's head.
 *
 * @property int $build_id
 * @property int|null $from_no
 * @property int $to_no
 * @property string $kind new · edit · undo · redo · restore · import
 * @property string $window
 * @property string $token
 * @property string $at
 * @property string $person who did it; '' where no name was given
 * @property string $device what it was done on; '' at the bench
 */
final class Move extends Model
{
    public $timestamps = false;

    protected $table = 'moves';

    protected $guarded = [];
}
