<?php

declare(strict_types=1);

use App\Frame\Address;
use App\Stations\Stations;

/** Where inputs rest; what is not known to be thrown is not said. */
const REST = ['hand' => 'off', 'lid' => 'down'];

/** What the address of a page says, read as the next request reads it. */
function addressOf(string $url): Address
{
    parse_str((string) parse_url($url, PHP_URL_QUERY), $query);
    preg_match('~^/b/([^/]+)/([^/?]+)~', $url, $path);

    return Address::read($path[1], (new Stations())->get($path[2]), $query);
}

/** Every field of it, the station by its key. */
function whole(Address $a): array
{
    return [$a->build, $a->station->key(), $a->circuit, $a->supply, $a->thrown, $a->tips, $a->own];
}

it('reads back what it writes, at every station', function (string $key): void {
    $station = (new Stations())->get($key);
    $own = array_fill_keys($station->fields(), '2');
    $address = new Address(
        'k1',
        $station,
        'shelf',
        'low',
        ['hand' => 'on', 'lid' => 'up'],
        ['red' => 'F1.1', 'black' => 'bank.minus'],
        $own,
    );
    expect(whole(addressOf($address->url([], [], REST))))->toBe(whole($address));
})->with(array_keys((new Stations())->all()));

it('leaves out what need not be said: normal, at rest, empty', function (): void {
    $station = (new Stations())->get('circuit');
    $plain = new Address('k1', $station, '', 'normal', [], [], []);
    expect($plain->url([], [], []))
        ->toBe('/b/k1/circuit')
        ->and($plain->url([], ['hand' => 'off'], ['hand' => 'off']))
        ->toBe('/b/k1/circuit')
        ->and($plain->url([], ['hand' => 'on'], ['hand' => 'off']))
        ->toBe('/b/k1/circuit?i%5Bhand%5D=on')
        ->and($plain->url(['c' => 'shelf', 's' => 'high'], [], []))
        ->toBe('/b/k1/circuit?c=shelf&s=high');
});

it(
    'keeps circuit, supply, switches and tips on the way to another station, and leaves its own fields behind',
    function (): void {
        $stations = new Stations();
        $brief = $stations->get('brief');
        $from = new Address('k1', $brief, 'shelf', 'low', ['hand' => 'on'], ['red' => 'F1.1'], ['m' => '20:00']);
        $there = addressOf($from->url(['station' => 'circuit'], [], REST));
        expect(whole($there))->toBe(['k1', 'circuit', 'shelf', 'low', ['hand' => 'on'], ['red' => 'F1.1'], []]);
        expect(addressOf($from->url(['t' => null], [], []))->tips)->toBe([]);
    },
);

it('takes nothing in that is no word', function (array $query): void {
    $station = (new Stations())->get('circuit');
    $address = Address::read('k1', $station, $query);
    expect([$address->circuit, $address->supply, $address->thrown, $address->tips])->toBe(['', 'normal', [], []]);
})->with([
    [['c' => ['x'], 's' => 'full', 'i' => 'on', 't' => 'F1']],
    [['s' => ['low'], 'i' => ['hand' => ['on']], 't' => ['green' => 'F1.1']]],
    [['i' => ['hand' => ''], 't' => ['red' => '', 'black' => ['x']]]],
    [['i' => ['on']]],
]);

it('answers an address of nonsense with a page, not a failure', function (string $query): void {
    $build = $this->hung();
    foreach (array_keys((new Stations())->all()) as $station) {
        $this->get("/b/{$build->key}/{$station}?{$query}")->assertOk();
    }
})->with([
    'c=nobody',
    'c[]=x&s[]=y&i=z&t=q',
    'i[hand]=sideways&t[red]=nowhere.9&t[black]=bank.minus',
    's=%00&c=%F0%9F%92%A1',
    'm=99:99&story=none&idea=-1&over=1e9&way=lever',
]);

it('sends an act back to where it came from', function (): void {
    $station = (new Stations())->get('brief');
    $address = new Address('k1', $station, 'shelf', 'high', ['hand' => 'on'], [], ['m' => '20:00']);
    expect(urldecode($address->to('edit')))
        ->toBe('/b/k1/edit?c=shelf&s=high&at=brief&i[hand]=on&m=20:00')
        ->and($address->to('restore', no: 3))
        ->toStartWith('/b/k1/restore/3?');
});
