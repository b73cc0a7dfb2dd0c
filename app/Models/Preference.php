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
 * @property string $decimal_sign
 * @property string $zone  empty: the machine's point · comma
 * @property int $keys_on
 * @property int $still
 * @property string $thumb right · left
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

    /** @return list<string> what figures and words depend on */
    public function key(): array
    {
        return [$this->wire, $this->units, $this->decimal_sign];
    }
}
