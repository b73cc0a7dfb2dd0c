<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A picture that was taken of the work, named by its content.
 *
 * @property string $sha
 * @property int $bytes
 * @property int $w
 * @property int $h
 * @property string|null $taken_at
 * @property string $added_at
 * @property string $seen_at
 */
final class Photo extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $table = 'photos';

    protected $primaryKey = 'sha';

    protected $keyType = 'string';

    protected $guarded = [];
}
