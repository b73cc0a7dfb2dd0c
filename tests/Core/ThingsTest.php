<?php

declare(strict_types=1);

use BenchGlow\Build\Device\ControllerDevice;
use BenchGlow\Build\Device\Device;
use BenchGlow\Build\Device\Devices;
use BenchGlow\Build\Device\FuseTapDevice;
use BenchGlow\Build\Device\JointDevice;
use BenchGlow\Build\Device\PlugDevice;
use BenchGlow\Build\Device\RelayDevice;
use BenchGlow\Build\Device\SwitchDevice;
use BenchGlow\Build\HostLamp;
use BenchGlow\Build\HostWay;
use BenchGlow\Build\HostWire;
use BenchGlow\Build\Index;
use BenchGlow\Build\Input;
use BenchGlow\Build\Names;
use BenchGlow\Build\Part;
use BenchGlow\Build\Route;
use BenchGlow\Check\Review;
use BenchGlow\Format\Fields;
use BenchGlow\Format\FormatOne;
use BenchGlow\Parts\Catalogue;
use Tests\Support\Make;

/** @param  array<string, mixed>  $fields */
function device(string $kind, ?string $part = null, array $fields = []): Device
{
    $of = $part === null ? new Fields([]) : new Fields([...Catalogue::part($part)?->data ?? [], 'id' => 'p']);

    return Devices::of(new Fields(['id' => 'x', 'kind' => $kind, ...$fields]), Part::of($of));
}

it('makes a class of every kind that the format knows, and of no other', function (): void {
    $known = array_keys(FormatOne::shape()->fieldsOf(null)['devices']->of?->variants ?? []);
    expect(array_keys(Devices::KINDS))->toEqualCanonicalizing($known);
    foreach (Devices::KINDS as $kind => $class) {
        expect(device($kind))->toBeInstanceOf($class)->and(device($kind)->kind())->toBe($kind);
    }
    expect(fn () => device('lever'))->toThrow(LogicException::class, 'No class is kind lever.');
});

it('knows which kinds have a body of contacts, stand by themselves, and how they are drawn', function (
    string $kind,
    bool $body,
    bool $placed,
    string $symbol,
): void {
    $device = device($kind);
    expect([$device->hasBody(), $device->isPlaced(), $device->symbol()])->toBe([$body, $placed, $symbol]);
})->with([
    ['switch', true, true, 'contact'],
    ['relay', true, true, 'contact'],
    ['controller', true, true, 'box'],
    ['plug', false, false, 'contact'],
    ['fuse_tap', false, true, 'tap'],
]);

it('has the pins of its part, or those of its kind', function (): void {
    expect(device('relay', 'relay_4_12_diode')->pins())
        ->toContain('30', '85', '86', '87')
        ->and(device('switch', 'rocker_plain')->pins())
        ->toHaveCount(2)
        ->and(device('joint')->pins())
        ->toBe([''])
        ->and(device('fuse_tap')->pins())
        ->toBe(['out']);
});

it('says when a switch stands where', function (): void {
    $at = ['on' => ['input' => 'hand'], 'high' => ['input' => 'hand', 'is' => 'far']];
    $switch = device('switch', 'rocker_plain', ['at' => $at]);
    assert($switch instanceof SwitchDevice);
    expect($switch->at())
        ->toBe($at)
        ->and($switch->movedTo('high'))
        ->toBe($at['high'])
        ->and($switch->movedTo('off'))
        ->toBeNull();
});

it('takes a channel that is not set as full, and a radio that says nothing as reached', function (): void {
    $plain = device('controller', 'dimmer_low', ['set' => ['low' => 0.25]]);
    $radio = device('controller', 'radio_receiver', [
        'hears' => ['left' => 't.left'],
        'link_when' => ['input' => 'range'],
    ]);
    assert($plain instanceof ControllerDevice && $radio instanceof ControllerDevice);
    expect([$plain->set('low'), $plain->set('high'), $plain->linkWhen(), $plain->hears()])
        ->toBe([0.25, 1.0, null, []])
        ->and([$radio->linkWhen(), $radio->hears()])
        ->toBe([['input' => 'range'], ['left' => 't.left']]);
});

it('says of a plug that it lets water in only where its part says so', function (array $part, bool $wet): void {
    $plug = Devices::of(new Fields(['id' => 'x', 'kind' => 'plug']), Part::of(new Fields($part)));
    assert($plug instanceof PlugDevice);
    expect($plug->letsWaterIn())->toBe($wet);
})->with([
    [['id' => 'p', 'kind' => 'plug', 'sealed' => false], true],
    [['id' => 'p', 'kind' => 'plug', 'sealed' => true], false],
    [['id' => 'p', 'kind' => 'plug'], false],
]);

it('hangs a tap on the side that is live, on neither where nobody has looked', function (): void {
    $side = function (string $leg): ?string {
        $tap = device('fuse_tap', null, ['way' => 'w4', 'live_leg' => $leg, 'fuse_a' => 7.5]);
        assert($tap instanceof FuseTapDevice);

        return $tap->side();
    };
    expect([$side('common'), $side('other'), $side('unknown')])
        ->toBe(['line', 'load', null])
        ->and(device('fuse_tap', null, ['fuse_a' => 7.5])->row())
        ->toBe(['fuse_tap_7.5', 'fuse tap, 7.5 A', null])
        ->and(device('fuse_tap')->row()[1] ?? '')
        ->toBe('fuse tap');
});

it('needs no part for a joint, one for a relay', function (): void {
    $joint = device('joint', null, ['style' => 'idc_tap']);
    assert($joint instanceof JointDevice);
    expect($joint->isTap())
        ->toBeTrue()
        ->and(device('relay', 'relay_4_12_diode'))
        ->toBeInstanceOf(RelayDevice::class)
        ->and(device('relay', 'relay_4_12_diode')->row()[0] ?? null)
        ->toBe('p')
        ->and(device('relay')->row())
        ->toBeNull();
});

it('reads a host wire with what is not said of it', function (): void {
    $wire = HostWire::of(new Fields(['id' => 'court', 'polarity' => 'positive', 'fed_by' => 'bank']));
    expect([$wire->label, $wire->positive, $wire->mayBeTapped(), $wire->flashes(), $wire->fades(), $wire->isTimed()])
        ->toBe(['court', true, true, false, false, false])
        ->and($wire->live())
        ->toBe(['all' => []])
        ->and($wire->fuseA)
        ->toBeNull();
    $of = fn (array $more): HostWire => HostWire::of(
        new Fields(['id' => 'c', 'polarity' => 'ground', 'fed_by' => 'bank', ...$more]),
    );
    expect($of([])->positive)
        ->toBeFalse()
        ->and($of(['behaviour' => ['kind' => 'flashing', 'hz' => 2]])->flashes())
        ->toBeTrue()
        ->and($of(['behaviour' => ['kind' => 'fading']])->fades())
        ->toBeTrue()
        ->and($of(['behaviour' => ['kind' => 'timed', 'off_after_s' => 60]])->offAfterS)
        ->toBe(60.0)
        ->and($of(['tap' => 'never'])->mayBeTapped())
        ->toBeFalse()
        ->and($of(['tap' => 'ask'])->mayBeTapped())
        ->toBeTrue();
});

it('knows points of the host from ways with a fuse', function (string $kind, bool $point, bool $takes): void {
    $way = HostWay::of(new Fields(['id' => 'w', 'kind' => $kind, 'fed_by' => 'bank']));
    expect([$way->isPoint(), $way->takesLoads(), $way->pins()])->toBe([
        $point,
        $takes,
        $point ? ['line'] : ['line', 'load'],
    ]);
})->with([
    ['fuse_way', false, true],
    ['spare_way', false, true],
    ['panel_channel', false, true],
    ['outlet', false, false],
    ['post', true, false],
    ['bus_stud', true, false],
]);

it('rests an input where its list begins', function (): void {
    expect(Input::of(new Fields(['id' => 'lid', 'kind' => 'lid', 'positions' => ['down', 'up']]))->rest())
        ->toBe('down')
        ->and(Input::of(new Fields(['id' => 'hand', 'kind' => 'hand']))->positions)
        ->toBe(['off', 'on']);
});

it('reads lamps of the host and stretches of a way', function (): void {
    $lamp = HostLamp::of(new Fields(['id' => 'dome', 'kind' => 'filament', 'w' => 5, 'at_v' => 12]));
    expect([$lamp->isFilament(), $lamp->isLed(), $lamp->colour, $lamp->colourKnown])->toBe([
        true,
        false,
        'warm_white',
        false,
    ]);
    $route = Route::of(new Fields(['id' => 'r', 'zone' => 'hinge', 'hazards' => ['moving', 'wet']]));
    expect([$route->is('wet'), $route->is('hot'), $route->zone, $route->lengthM])->toBe([true, false, 'hinge', null]);
});

it('calls pins and cores by the names of their things', function (): void {
    $names = Names::of(Make::shelf());
    expect($names->pin('bank.plus'))
        ->toBe('Bank +')
        ->and($names->pin('shelf_light.start.minus'))
        ->toBe('Shelf, start −')
        ->and($names->pin('shelf_light.u4.plus'))
        ->toBe('Shelf, unit 5 +')
        ->and($names->pin('shelf_light_feed.2'))
        ->toBe('Feed of Shelf, core 2')
        ->and($names->pin('F1.1'))
        ->toBe('Fuse F1, side 1')
        ->and($names->pin('nobody.plus'))
        ->toBe('nobody +');
    $tour = Names::of(Make::file('j01-bilge-pump.glow.json'));
    expect($tour->pin('shelf'))->not->toContain('_');
});

it('says a finding without an id, whatever stood in it', function (string $file): void {
    $document = Make::file($file);
    $names = Names::of($document);
    $index = Index::of($document);
    expect($names->name(''))->toBe('');
    foreach (Review::of($document)->open() as $finding) {
        preg_match_all('/[A-Za-z]\w*[_.]\w+/', $names->sentence($finding->message), $words);
        foreach ($words[0] as $word) {
            expect($index->has(explode('.', $word)[0]))->toBeFalse($names->sentence($finding->message));
        }
        expect($names->sentence($finding->message))->not->toContain('`');
    }
})->with(fn (): array => array_map(basename(...), glob(dirname(__DIR__, 2).'/examples/*.glow.json') ?: []));

it('does not say a kind twice, and leaves what it does not know', function (): void {
    $names = Names::of(Make::file('harbour-tour.glow.json'));
    expect($names->sentence('the relay `bell_relay` chatters: its own contact cuts its coil.'))
        ->toStartWith('the bell relay chatters')
        ->and($names->sentence('nothing has the id `gone`; take 1.5 mm² or `F3`.'))
        ->toBe('nothing has the id `gone`; take 1.5 mm² or fuse F3.');
});
