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
    $process = proc_open(
        [__DIR__.'/../bin/glow', ...$arguments],
        [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']],
        $pipes,
    );
    fwrite($pipes[0], $input);
    fclose($pipes[0]);
    $out = (string) stream_get_contents($pipes[1]);
    $err = (string) stream_get_contents($pipes[2]);

    return [proc_close($process), $out, $err];
}

/** Markup without what a formatter may add or take: runs of white space, and white space beside tags. */
function flat(string $html): string
{
    $html = (string) preg_replace('/\s+/', ' ', $html);

    return (string) preg_replace('/ ?(\/?>|<) ?/', '$1', $html);
}

expect()->extend('toShow', function (string ...$needles): mixed {
    foreach ($needles as $needle) {
        $shows = str_contains(html_entity_decode(flat((string) $this->value), ENT_QUOTES), flat($needle));
        expect($shows)->toBeTrue("The page does not show: {$needle}");
    }

    return $this;
});
