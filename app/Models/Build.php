<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A build on the wall: a pointer into its tree of revisions.
 *
 * @property int $id
 * @property string $key
 * @property int $head
 * @property int $tip
 * @property int $next
 * @property string $title
 * @property string $changed_at
 * @property string|null $deleted_at
 */
final class Build extends Model
{
    public $timestamps = false;

    protected $table = 'builds';

    protected $guarded = [];

    public function getRouteKeyName(): string
    {
        return 'key';
    }
}
