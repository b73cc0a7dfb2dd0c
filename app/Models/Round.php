<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A round of practice at a host that was drawn.
 *
 * @property int $id
 * @property int $seed
 * @property string $place
 * @property string $spot
 * @property string $difficulty
 * @property list<array<string, mixed>> $readings
 * @property array<string, string> $names  wire => function
 * @property float $seconds
 * @property int $unsafe  acts that could have done harm
 * @property array<string, int|float>|null $score
 * @property string $begun_at
 * @property string|null $ended_at
 */
final class Round extends Model
{
    public $timestamps = false;

    protected $table = 'rounds';

    protected $guarded = [];

    protected $casts = ['readings' => 'array', 'names' => 'array', 'score' => 'array'];
}
