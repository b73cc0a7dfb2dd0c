<?php

declare(strict_types=1);

/** @return list<array{string, string, string}> file, paper and what is cited of it, in everything we write */
function citations(): array
{
    $root = dirname(__DIR__, 2);
    exec(
        'git -C '.escapeshellarg($root).' ls-files core app tests bench bin resources config routes database',
        $files,
    );
    $found = [];
    foreach ($files as $file) {
        if (preg_match('/\.(php|css|js|scss)$|^bin\//', $file) === 1 && ! str_ends_with($file, 'PapersTest.php')) {
            $text = (string) file_get_contents("{$root}/{$file}");
            preg_match_all('/\b([a-z][a-z-]*\.md)(?:,? ((?:rule )?\d+|[A-H]\d?\b))?/', $text, $all, PREG_SET_ORDER);
            foreach ($all as $m) {
                $found[] = [$file, $m[1], $m[2] ?? ''];
            }
        }
    }

    return $found;
}

it('cites only papers that are in docs/, at places they have', function (): void {
    $cited = citations();
    expect(count($cited))->toBeGreaterThan(60);
    foreach ($cited as [$file, $paper, $place]) {
        $docs = dirname(__DIR__, 2).'/docs';
        $path = is_file("{$docs}/guide/{$paper}") ? "{$docs}/guide/{$paper}" : "{$docs}/{$paper}";
        expect(is_file($path))->toBeTrue("{$file} cites {$paper}, which is not in docs/");
        $text = (string) file_get_contents($path);
        $heads = match (true) {
            $place === '' => '/./',
            str_starts_with($place, 'rule ') => '/^'.substr($place, 5).'\. /m',
            ctype_digit($place) => "/^## {$place}\\. /m",
            default => "/^{$place} /m",
        };
        expect(preg_match($heads, $text))->toBe(1, "{$file} cites {$paper} {$place}, which it does not have");
    }
});

it('names no path of a machine and no registry in what is committed', function (): void {
    $root = dirname(__DIR__, 2);
    $wanted = '(^|[^a-z.])(/work/|/root/|/home/[a-z])|registry\.npm|packagist\.org/downloads';
    exec(
        'git -C '.
            escapeshellarg($root).
            ' grep -lIE '.
            escapeshellarg($wanted).
            ' -- . ":!tests/Core/PapersTest.php"',
        $hits,
    );
    expect($hits)->toBe([]);
});
