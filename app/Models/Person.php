<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A name that is written under: a word, no account.
 *
 * @property int $id
 * @property string $name
 */
final class Person extends Model
{
    public $timestamps = false;

    protected $table = 'people';

    protected $guarded = [];
}
