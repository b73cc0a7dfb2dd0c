<?php

declare(strict_types=1);

namespace App\LocalNet;

use App\Models\Person;
use BenchGlow\Quantity\NotUnderstood;

/** Names that what is done is written under. A name is a word, no account. */
final class People
{
    private const LONGEST = 40;

    private const MOST = 24;

    /** @throws NotUnderstood */
    public static function named(string $said): Person
    {
        $name = trim((string) preg_replace('/\s+/u', ' ', $said));
        if ($name === '' || mb_strlen($name) > self::LONGEST) {
            throw new NotUnderstood('Name: expected a word of at most '.self::LONGEST.' letters.');
        }
        $known = Person::query()->whereRaw('lower(name) = ?', [mb_strtolower($name)])->first();
        if ($known === null && Person::query()->count() >= self::MOST) {
            throw new NotUnderstood('Name: the bench knows '.self::MOST.'; that is the most. Take one off first.');
        }

        return $known ?? Person::create(['name' => $name]);
    }

    /** @return list<string> */
    public static function all(): array
    {
        return array_values(
            Person::query()
                ->orderBy('name')
                ->get()
                ->map(fn (Person $p): string => $p->name)
                ->all(),
        );
    }

    /** What was done under it keeps it. */
    public static function forget(string $name): void
    {
        Person::query()->where('name', $name)->delete();
    }
}
