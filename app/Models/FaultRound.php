<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A round of practice at a fault that was drawn.
 *
 * @property int $id
 * @property string $example  the demo build
 * @property string $circuit
 * @property int $seed
 * @property list<array{kind: string, state: int, at: string, said: string}> $answers
 * @property list<string> $mends  what was mended though it was whole
 * @property array<string, int|float>|null $score
 * @property string $begun_at
 * @property string|null $ended_at
 */
final class FaultRound extends Model
{
    public $timestamps = false;

    protected $table = 'fault_rounds';

    protected $guarded = [];

    protected $casts = ['answers' => 'array', 'mends' => 'array', 'score' => 'array'];
}
