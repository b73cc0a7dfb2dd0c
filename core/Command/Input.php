<?php

declare(strict_types=1);

namespace BenchGlow\Command;

use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Format\Json;
use BenchGlow\Format\Shape;
use BenchGlow\Format\ShapeReader;

/** Reads a tool's JSON input: null means absent, unknown fields are refused by name. */
final class Input
{
    /** @throws BadBuild */
    public static function read(string $text, Shape $shape): Fields
    {
        $data = ShapeReader::read($shape, self::withoutNulls(Json::decode($text)));

        return new Fields(is_array($data) ? $data : []);
    }

    private static function withoutNulls(mixed $value): mixed
    {
        if (! ($value instanceof \stdClass)) {
            return $value;
        }
        $kept = new \stdClass();
        foreach (get_object_vars($value) as $name => $item) {
            if ($item !== null) {
                $kept->{$name} = self::withoutNulls($item);
            }
        }

        return $kept;
    }
}
