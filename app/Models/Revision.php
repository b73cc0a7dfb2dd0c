<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * One whole document, immutable.
 *
 * @property int $build_id
 * @property int $no
 * @property int|null $parent
 * @property string $doc gzip of the canonical JSON
 * @property string $hash sha256 of the JSON
 * @property string $what
 * @property string|null $edit
 * @property string|null $pinned
 * @property string $at
 */
final class Revision extends Model
{
    public $timestamps = false;

    protected $table = 'revisions';

    protected $guarded = [];

    public $incrementing = false;

    protected $primaryKey = null;

    public function json(): string
    {
        return (string) gzdecode($this->doc);
    }

    /** The bytes are still those that were kept. */
    public function sound(): bool
    {
        $json = @gzdecode($this->doc);

        return is_string($json) && hash('sha256', $json) === $this->hash;
    }
}
