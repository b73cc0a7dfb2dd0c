<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use ReflectionClass;
use ReflectionNamedType;
use ReflectionParameter;
use ReflectionUnionType;

/** The one list of edits, and their JSON form: `{"op": "move", "id": "step", "before": "shelf"}`. */
final class Edits
{
    /** @var array<string, class-string<Edit>> op => its class */
    public const ALL = [
        'set' => SetField::class,
        'add' => AddItem::class,
        'remove' => RemoveItem::class,
        'move' => MoveItem::class,
        'feed' => FeedStrip::class,
        'feed_both_ends' => FeedBothEnds::class,
        'split_run' => SplitRun::class,
        'add_circuit' => AddCircuit::class,
        'add_light' => AddLight::class,
        'copy_circuit' => CopyCircuit::class,
        'keep_circuit' => KeepCircuit::class,
        'use_part' => UsePart::class,
        'use_way' => UseWay::class,
        'insert_part' => InsertPart::class,
        'take_part_out' => TakePartOut::class,
        'connect' => Connect::class,
        'disconnect' => Disconnect::class,
        'swap_ends' => SwapEnds::class,
        'replace_part' => ReplacePart::class,
        'add_source' => AddSource::class,
        'choose_section' => ChooseSection::class,
        'compose' => Compose::class,
        'set_wire' => SetWire::class,
        'add_wires' => AddWires::class,
        'keep_reading' => KeepReading::class,
        'set_reading_aside' => SetReadingAside::class,
        'name_wire' => NameWire::class,
        'claim' => ClaimWire::class,
        'probe_way' => ProbeWay::class,
        'probe_goal' => ProbeGoal::class,
        'add_layout' => AddLayout::class,
        'set_segment' => SetSegment::class,
        'use_layout' => UseLayout::class,
        'keep_trial' => KeepTrial::class,
        'import_outline' => ImportOutline::class,
        'lay_loom' => LayLoom::class,
        'add_place' => AddPlace::class,
        'split_stretch' => SplitStretch::class,
        'move_thing' => MoveThing::class,
        'set_way' => SetWay::class,
        'string_length' => StringLength::class,
        'plug_here' => PlugHere::class,
        'extend_lead' => ExtendLead::class,
        'split_lead' => SplitLead::class,
        'guard_hole' => GuardHole::class,
        'colour_all' => ColourAll::class,
        'set_joint' => SetJoint::class,
        'take_offcut' => TakeOffcut::class,
        'mark' => Mark::class,
        'unmark' => Unmark::class,
        'fasten' => Fasten::class,
        'arrive' => Arrive::class,
        'log' => Log::class,
        'choose' => Choose::class,
        'add_panel' => AddPanel::class,
        'put_first' => PutFirst::class,
        'park' => Park::class,
        'plan' => PlanBy::class,
        'count' => CountStock::class,
        'keep_part' => KeepPart::class,
        'keep_gate' => KeepGate::class,
        'skip_gate' => SkipGate::class,
        'keep_log' => KeepLog::class,
        'open_hunt' => OpenHunt::class,
        'see' => See::class,
        'close_hunt' => CloseHunt::class,
        'calibrate' => Calibrate::class,
        'take_option' => TakeOption::class,
        'accept' => Accept::class,
        'unaccept' => Unaccept::class,
        'batch' => Batch::class,
    ];

    /**
     * @param  array<array-key, mixed>  $json
     *
     * @throws BadBuild for an unknown op, a field that is unknown, missing or of the wrong kind
     */
    public static function read(array $json, string $path = ''): Edit
    {
        $op = is_string($json['op'] ?? null) ? $json['op'] : '';
        $class =
            self::ALL[$op] ??
            throw BadBuild::at(
                "{$path}/op",
                $op === ''
                    ? 'an edit names what it does, as "set".'
                    : "there is no edit `{$op}`.".BadBuild::nearMiss($op, array_keys(self::ALL)),
            );
        $arguments = [];
        $known = ['op'];
        foreach (self::parameters($class) as $parameter) {
            $known[] = $field = self::field($parameter);
            if (array_key_exists($field, $json)) {
                $arguments[$parameter->getName()] = self::argument($parameter, $json[$field], "{$path}/{$field}");
            } elseif (! $parameter->isDefaultValueAvailable()) {
                throw BadBuild::missing($path, $field);
            }
        }
        foreach (array_keys($json) as $field) {
            if (! in_array($field, $known, true)) {
                $near = BadBuild::nearMiss((string) $field, $known);
                throw BadBuild::at("{$path}/{$field}", "the edit `{$op}` has no field `{$field}`.{$near}");
            }
        }

        return (new ReflectionClass($class))->newInstanceArgs($arguments);
    }

    /** @return array<string, mixed> the JSON form; what is as by default is left out */
    public static function write(Edit $edit): array
    {
        $json = ['op' => array_search($edit::class, self::ALL, true)];
        foreach (self::parameters($edit::class) as $parameter) {
            $value = $edit->{$parameter->getName()};
            $plain = self::plain($value);
            if (! $parameter->isDefaultValueAvailable() || $plain !== self::plain($parameter->getDefaultValue())) {
                $json[self::field($parameter)] = $plain;
            }
        }

        return $json;
    }

    private static function plain(mixed $value): mixed
    {
        return match (true) {
            $value instanceof Edit => self::write($value),
            $value instanceof Fields => $value->data,
            is_array($value) => array_map(self::plain(...), $value),
            default => $value,
        };
    }

    /**
     * @param  class-string<Edit>  $class
     * @return list<ReflectionParameter>
     */
    private static function parameters(string $class): array
    {
        return (new ReflectionClass($class))->getConstructor()?->getParameters() ?? [];
    }

    private static function field(ReflectionParameter $parameter): string
    {
        return strtolower((string) preg_replace('/[A-Z]/', '_$0', $parameter->getName()));
    }

    private static function argument(ReflectionParameter $parameter, mixed $value, string $path): mixed
    {
        $type = $parameter->getType();
        if ($type instanceof ReflectionUnionType) {
            return match (true) {
                is_string($value) => $value,
                is_array($value) => new Fields($value),
                default => throw BadBuild::expected($path, 'text or an object', $value),
            };
        }
        if (! ($type instanceof ReflectionNamedType) || ($value === null && $type->allowsNull())) {
            return $value;
        }
        if (is_array($value) && $parameter->getAttributes(EachAnEdit::class) !== []) {
            return self::all($value, $path);
        }
        if (! self::fits($type->getName(), $value)) {
            throw BadBuild::expected($path, self::expected($type->getName()), $value);
        }

        return match (true) {
            is_array($value) && $type->getName() === Fields::class => new Fields($value),
            is_int($value) && $type->getName() === 'float' => (float) $value,
            default => $value,
        };
    }

    private static function fits(string $type, mixed $value): bool
    {
        return match ($type) {
            'string' => is_string($value),
            'bool' => is_bool($value),
            'int' => is_int($value),
            'float' => is_int($value) || is_float($value),
            'array' => is_array($value) && array_is_list($value) && array_filter($value, is_string(...)) === $value,
            Fields::class => is_array($value),
            default => true,
        };
    }

    private static function expected(string $type): string
    {
        return [
            'string' => 'text',
            'bool' => 'true or false',
            'int' => 'a whole number',
            'float' => 'a number',
            'array' => 'a list of texts',
            Fields::class => 'an object',
        ][$type] ?? 'a value';
    }

    /**
     * @param  array<array-key, mixed>  $list
     * @return list<Edit>
     */
    private static function all(array $list, string $path): array
    {
        $edits = [];
        foreach (array_values($list) as $n => $one) {
            $edits[] = self::read(is_array($one) ? $one : [], "{$path}/{$n}");
        }

        return $edits;
    }
}
