<?php

declare(strict_types=1);

namespace BenchGlow\Cost;

use BenchGlow\Build\Document;
use BenchGlow\Quantity\NotUnderstood;

/**
 * Codes of options, said on the telephone or written on paper: a letter by its place, a digit and a check letter of what it is
 * and costs, so that a slip of the pen or an old offer is found out.
 */
final readonly class Codes
{
    /** Without those that look like a digit. */
    private const LETTERS = 'ABCDEFGHJKLMNPQRSTUVWXYZ';

    /** @var array<string, string> id of an option => its code */
    public array $all;

    public function __construct(Document $document)
    {
        $all = [];
        foreach ($document->fields()->object('quote')->objects('options') as $n => $option) {
            $hash = crc32($option->text('id').' '.$option->text('edit').' '.$option->text('amount'));
            $all[$option->text('id')] =
                self::LETTERS[$n % strlen(self::LETTERS)].
                (1 + ($hash % 9)).
                '-'.
                self::LETTERS[intdiv($hash, 9) % strlen(self::LETTERS)];
        }
        $this->all = $all;
    }

    /**
     * @return list<string> ids of the options that were named, each once
     *
     * @throws NotUnderstood that names the code and the one that may be meant
     */
    public function read(string $said): array
    {
        $ids = [];
        foreach (preg_split('/[\s,;]+/', strtoupper(trim($said)), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $code) {
            $id = array_search($code, $this->all, true);
            if ($id === false) {
                $near = array_values(array_filter($this->all, fn (string $c): bool => self::isNear($c, $code)));
                throw new NotUnderstood(
                    "Picks: {$code} is no code of this quote.".($near === [] ? '' : " Did you mean {$near[0]}?"),
                );
            }
            $ids[$id] = true;
        }

        return array_map(strval(...), array_keys($ids));
    }

    private static function isNear(string $code, string $said): bool
    {
        return levenshtein($code, $said) === 1 || str_replace('-', '', $code) === $said;
    }
}
