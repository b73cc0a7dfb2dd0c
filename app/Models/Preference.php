<?php

declare(strict_types=1);

namespace App\Models;

use App\LocalNet\Bell;
use App\LocalNet\Visitor;
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
 * @property string $thumb right · left: of a device its own
 * @property string $passphrase of the bench itself, hashed; '' for none
 */
final class Preference extends Model
{
    public $timestamps = false;

    protected $table = 'preferences';

    protected $guarded = [];

    public static function row(): self
    {
        $row = self::query()->firstOrFail();
        $device = Visitor::now();
        // Bench and phone never disagree, but on the hand that holds the phone, and as dark as the bench's screen is.
        if ($device !== null && ! $device->isBench()) {
            $row->thumb = $device->thumb;
            $row->bench = $row->bench === 'system' ? (Bell::isDark() ? 'night' : 'day') : $row->bench;
        }

        return $row;
    }

    /** @return list<string> what figures and words depend on */
    public function key(): array
    {
        return [$this->wire, $this->units, $this->decimal_sign];
    }
}
