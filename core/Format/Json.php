<?php

declare(strict_types=1);

namespace BenchGlow\Format;

/** Strict JSON: no byte-order mark, no duplicate keys, bounded size and depth. Objects stay objects. */
final class Json
{
    public const MAX_BYTES = 1_048_576;

    public const MAX_DEPTH = 24;

    /** @throws BadBuild */
    public static function decode(string $text): mixed
    {
        if (strlen($text) > self::MAX_BYTES) {
            throw BadBuild::at('', 'the file is over 1 MB.');
        }
        if (str_starts_with($text, "\xEF\xBB\xBF")) {
            throw BadBuild::at('', 'the file begins with a byte-order mark. Save it as plain UTF-8.');
        }
        try {
            $value = json_decode($text, false, self::MAX_DEPTH + 1, JSON_THROW_ON_ERROR);
        } catch (\JsonException $e) {
            $what =
                $e->getCode() === JSON_ERROR_DEPTH
                    ? 'nested more than '.self::MAX_DEPTH.' deep'
                    : lcfirst($e->getMessage());
            throw BadBuild::at('', "this is not JSON: {$what}.");
        }
        self::refuseDuplicates($text);

        return $value;
    }

    /** PHP keeps the last of two equal keys silently; the text is scanned once, strings and brackets only. */
    private static function refuseDuplicates(string $text): void
    {
        preg_match_all('/"(?:[^"\\\\]++|\\\\.)*+"|[{}\[\],:]/s', $text, $found);
        $stack = [];
        $tokens = $found[0];
        foreach ($tokens as $i => $token) {
            if ($token === '{' || $token === '[') {
                $stack[] = [];
            } elseif ($token === '}' || $token === ']') {
                array_pop($stack);
            } elseif ($token[0] === '"' && ($tokens[$i + 1] ?? '') === ':') {
                $top = count($stack) - 1;
                $key = json_decode($token);
                $key = is_string($key) ? "k{$key}" : '';
                if (isset($stack[$top][$key])) {
                    throw BadBuild::at('', "this JSON names {$token} twice in one object.");
                }
                $stack[$top][$key] = true;
            }
        }
    }
}
