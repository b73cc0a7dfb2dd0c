<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Something that happened on the bench, at its time.
 *
 * @property int $id
 * @property int $build_id
 * @property string $at
 * @property string $window
 * @property string $token
 * @property string $kind  sit · break · back · rise · done · void
 * @property string $steps  JSON: step, verb, reach, usual minutes
 * @property int $seconds  since the event before it; of a stated time, the time
 * @property bool $stated
 * @property int $base
 */
final class BenchEvent extends Model
{
    public $timestamps = false;

    protected $table = 'bench_events';

    protected $guarded = [];

    protected $casts = ['stated' => 'boolean'];
}
