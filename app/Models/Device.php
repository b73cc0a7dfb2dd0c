<?php

declare(strict_types=1);

namespace App\Models;

use App\LocalNet\Right;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A phone or another screen that was let in. The bench itself is one too, never stored, with every right.
 *
 * @property int $id
 * @property string $name
 * @property string $kind phone · tablet · computer
 * @property string $rights look · work · all
 * @property string $token_hash
 * @property string|null $former_hash
 * @property string|null $former_until
 * @property bool $renew
 * @property string $net the address it came from when it was let in; of IPv6 its first half
 * @property int|null $person_id
 * @property string $thumb right · left
 * @property string $paired_at
 * @property string $seen_at
 * @property string|null $ended_at
 * @property Person|null $person
 */
final class Device extends Model
{
    public $timestamps = false;

    protected $table = 'devices';

    protected $guarded = [];

    protected $casts = ['renew' => 'boolean'];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** Whoever sits at the machine. */
    public static function bench(): self
    {
        return new self(['name' => '', 'kind' => 'computer', 'rights' => Right::Bench->value, 'thumb' => 'right']);
    }

    public function isBench(): bool
    {
        return $this->right() === Right::Bench;
    }

    public function right(): Right
    {
        return Right::from($this->rights);
    }
}
