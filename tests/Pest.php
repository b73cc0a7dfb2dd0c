<?php

declare(strict_types=1);

use Tests\WebTestCase;

pest()->extend(WebTestCase::class)->in('Web');

/**
 * Runs the command line.
 *
 * @param  list<string>  $arguments
 * @return array{int, string, string} exit code, standard output, standard error
 */
function glow(array $arguments, string $input = ''): array
{
    $process = proc_open([__DIR__.'/../bin/glow', ...$arguments], [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']], $pipes);
    fwrite($pipes[0], $input);
    fclose($pipes[0]);
    $out = (string) stream_get_contents($pipes[1]);
    $err = (string) stream_get_contents($pipes[2]);

    return [proc_close($process), $out, $err];
}
