<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * The bench's own settings; one row.
 *
 * @property string $bench system · day · night
 * @property string $units metric · imperial
 * @property string $wire mm2 · awg
 * @property int $keys_on
 * @property int $still
 */
final class Preference extends Model
{
    public $timestamps = false;

    protected $table = 'preferences';

    protected $guarded = [];

    public static function row(): self
    {
        return self::query()->firstOrFail();
    }
}
