<?php

declare(strict_types=1);

namespace App\Store;

use PDOException;
use Throwable;

/** Why the database does not do what it is asked, in a sentence. */
final class Unreachable
{
    private const CAUSES = [
        'full' => 'The disk is full: nothing can be kept until there is room.',
        'readonly' => 'The database can only be read: nothing can be kept until it may be written.',
        'read-only' => 'The database can only be read: nothing can be kept until it may be written.',
        'locked' => 'Another program holds the database.',
        'does not exist' => 'The database file is not there any more.',
        'unable to open' => 'The database file can\'t be opened.',
        'no such table' => 'The database file is empty.',
        'malformed' => 'The database file is damaged.',
        'not a database' => 'The database file is damaged.',
        'disk I/O' => 'The disk does not answer.',
    ];

    /** @return string|null null: it is no failure of the database */
    public static function sentence(Throwable $e): ?string
    {
        for (; $e !== null; $e = $e->getPrevious()) {
            if (! ($e instanceof PDOException)) {
                continue;
            }
            foreach (self::CAUSES as $sign => $sentence) {
                if (str_contains($e->getMessage(), $sign)) {
                    return $sentence;
                }
            }

            return 'The database does not answer.';
        }

        return null;
    }
}
