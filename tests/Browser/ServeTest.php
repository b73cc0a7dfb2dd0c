<?php

declare(strict_types=1);

use Tests\Support\Served;

it(
    'serves pages and packed files, keeps out a second bench, and leaves nothing behind when it is killed',
    function (): void {
        $served = new Served();
        $served->start('--new');
        [$status, , $page] = $served->get('/');
        expect($status)->toBe(200)->and($page)->not->toBe('');
        [$status, $headers, $css] = $served->get('/assets/glow.css');
        expect([$status, $headers['content-encoding'] ?? ''])
            ->toBe([200, 'gzip'])
            ->and((string) gzdecode($css))
            ->toContain('--copper')
            ->and($headers['etag'] ?? '')
            ->not->toBe('');
        $font = $served->get('/assets/fonts/barlow-semi-condensed-latin-400-normal.woff2')[1];
        expect($font['cache-control'] ?? '')->toContain('immutable');
        expect(fileperms($served->database) & 0777)->toBe(0600);
        [$code, $said] = $served->glow('start', '--port', (string) ($served->port + 1));
        expect($code)
            ->toBe(1)
            ->and($said)
            ->toContain('running already (process '.$served->pid().')');
        // That its worker lives is said to this bench alone: pages of another would wait for a worker that is not theirs.
        $name = sha1('solving:worker');
        $beat = "{$served->database}.cache/".substr($name, 0, 2).'/'.substr($name, 2, 2)."/{$name}";
        $served->until(fn (): bool => is_file($beat), 'the worker of this bench has said so');
        // Backups are made while it runs, by a temporary name.
        [$code, $said] = $served->glow('backup', "{$served->folder}/copy.sqlite");
        expect([$code, is_file("{$served->folder}/copy.sqlite"), is_file("{$served->folder}/copy.sqlite.part")])->toBe([
            0,
            true,
            false,
        ]);
        [$code, $said] = $served->glow('restore', "{$served->folder}/copy.sqlite");
        expect($code)->toBe(1)->and($said)->toContain('running already');
        posix_kill($served->pid(), SIGKILL);
        $served->until(fn (): bool => ! $served->answers(), 'nobody answers any more');
        [$code, $said] = $served->glow('restore', "{$served->folder}/copy.sqlite");
        expect($code)->toBe(0)->and($said)->toContain('builds put back')->toContain('kept aside');
        $served->start();
        expect($served->get('/')[0])->toBe(200);
        posix_kill($served->pid(), SIGTERM);
        $served->until(fn (): bool => ! $served->answers(), 'it stops when told');
    },
);

it('puts no empty file and no demo build in the place of what is gone', function (): void {
    $served = new Served();
    [$code, $said] = $served->glow('start');
    expect($code)->toBe(1)->and($said)->toContain('there is no database at')->toContain('bin/glow start --new');
    expect(file_exists($served->database))->toBeFalse();
    touch($served->database);
    [$code, $said] = $served->glow('start');
    expect($code)->toBe(1)->and($said)->toContain('is empty');
    file_put_contents($served->database, str_repeat('no database ', 500));
    mkdir("{$served->folder}/backups");
    touch("{$served->folder}/backups/bench-2026-06-01.sqlite");
    [$code, $said] = $served->glow('start');
    expect($code)
        ->toBe(1)
        ->and($said)
        ->toContain("can't be used")
        ->toContain('The newest backup is')
        ->toContain('bench-2026-06-01.sqlite');
    expect(file_get_contents($served->database))->toStartWith('no database');
    [$code, $said] = $served->glow('restore', "{$served->folder}/backups/bench-2026-06-01.sqlite");
    expect($code)->toBe(1)->and($said)->toContain('it is empty');
});
