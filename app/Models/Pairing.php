<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Six digits that let one device in.
 *
 * @property int $id
 * @property string $code the digits, encrypted
 * @property string $rights
 * @property string $to where the device goes then
 * @property int $tries
 * @property string $expires_at
 * @property string|null $used_at
 * @property int|null $device_id
 */
final class Pairing extends Model
{
    public $timestamps = false;

    protected $table = 'pairings';

    protected $guarded = [];

    protected $casts = ['code' => 'encrypted'];
}
