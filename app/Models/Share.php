<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A link to one revision that ends by itself; its token is kept as a hash only.
 *
 * @property int $id
 * @property int $build_id
 * @property int $no
 * @property string $what  sheet · price
 * @property string $token_hash
 * @property string $made_at
 * @property string $expires_at
 * @property string|null $revoked_at
 */
final class Share extends Model
{
    public $timestamps = false;

    protected $table = 'shares';

    protected $guarded = [];
}
