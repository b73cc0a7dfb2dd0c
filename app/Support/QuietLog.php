<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Log\Logger;
use Monolog\LogRecord;
use Throwable;

/** No key of a build, no title and no price stands in a line of the log: what was asked of the database is left out of it. */
final class QuietLog
{
    public function __invoke(Logger $logger): void
    {
        $monolog = $logger->getLogger();
        if (! $monolog instanceof \Monolog\Logger) {
            return;
        }
        $monolog->pushProcessor(function (LogRecord $record): LogRecord {
            $context = $record->context;
            $thrown = $context['exception'] ?? null;
            if ($thrown instanceof Throwable) {
                $context['exception'] = self::told($thrown);
            }

            return $record->with(message: self::quiet($record->message), context: $context);
        });
    }

    /** Class, words, place and path of what was thrown, and of what it came from; arguments are in none of them. */
    private static function told(Throwable $thrown): string
    {
        $said = [];
        for ($e = $thrown; $e !== null; $e = $e->getPrevious()) {
            $said[] = $e::class.': '.self::quiet($e->getMessage())." at {$e->getFile()}:{$e->getLine()}";
        }

        return implode("\n", $said)."\n".preg_replace('/(\): [^(]*)\(.*$/m', '$1()', $thrown->getTraceAsString());
    }

    public static function quiet(string $text): string
    {
        return (string) preg_replace(
            ['/\((?:Connection: \w+, )?SQL: .*\)/s', '#/b/[0-9a-f]{16}\S*#', '/\b[0-9a-f]{16}\b/'],
            ['(a question to the database)', '/b/…', '…'],
            $text,
        );
    }
}
