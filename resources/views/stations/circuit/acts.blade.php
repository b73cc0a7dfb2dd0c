@php($S = BenchGlow\Quantity\Shown::class)
@php($host = $frame->document->fields()->object('host'))
@php($say = fn(array $w): string => BenchGlow\Build\WhenText::say($w, $frame->document))
@php($devices = $page->devices())
@if ($devices !== [])
    <details
        class="devices"
        open
    >
        <summary>Switches, relays and controllers ({{ count($devices) }})</summary>
        @foreach ($devices as $id => $device)
            @php($part = $frame->analysis->build->parts[$device->text('part')] ?? new BenchGlow\Format\Fields([]))
            <div
                class="says"
                data-part="{{ $id }}"
            ><span class="lead-name">{{ $device->text('label', $id) }}</span>
                <x-blank
                    :id="$id"
                    field="label"
                    label="Name"
                    size="14"
                    :value="$device->text('label')"
                />
                @if ($device->text('kind') === 'fuse_tap')
                    <x-blank
                        :id="$id"
                        field="fuse_a"
                        label="its fuse"
                        :value="$device->has('fuse_a') ? $S::plain($device->number('fuse_a')) . ' A' : ''"
                    />
                    <x-choose
                        :id="$id"
                        field="live_leg"
                        label="live leg"
                        :value="$device->text('live_leg', 'common')"
                        :options="[
                            'common' => 'the common one',
                            'other' => 'the other one',
                            'unknown' => 'not probed',
                        ]"
                    />
                @else
                    <x-choose
                        :id="$id"
                        field="part"
                        op="use_part"
                        label="is a"
                        :value="$part->text('id')"
                        :options="App\View\Shelf::choices(
                            [
                                'switch' => 'switches',
                                'relay' => 'relays',
                                'controller' => 'controllers',
                                'plug' => 'plugs',
                            ][$device->text('kind')],
                            $frame->document,
                            $device->text('kind'),
                        )"
                        whole
                    />
                    @foreach ($part->texts('positions') as $n => $position)
                        @if ($n > 0)
                            <x-blank
                                :id="$id"
                                :field="'at.' . $position"
                                op="set_when"
                                :label="$position . ' when'"
                                size="20"
                                :value="$device->object('at')->has($position)
                                    ? $say($device->object('at')->object($position)->data)
                                    : ''"
                            />
                        @endif
                    @endforeach
                    @foreach ($part->objects('contacts') as $contact)
                        @if ($contact->text('duty') === 'set')
                            <x-blank
                                :id="$id"
                                :field="$contact->text('id')"
                                op="set_duty"
                                :label="'channel ' . $contact->text('id')"
                                size="6"
                                :value="$S::plain(
                                    100 * $device->object('set')->number($contact->text('id'), 1.0),
                                    1,
                                ) . ' %'"
                            />
                        @endif
                    @endforeach
                @endif
                <x-act
                    :edit="new BenchGlow\Edit\RemoveItem($id)"
                    class="is-small"
                    :aria-label="'Take out ' . $device->text('label', $id)"
                >Take out</x-act>
                @if ($part->objects('contacts') !== [])
                    <details class="pin-map">
                        <summary>Pins, and the test that proves them</summary>
                        <table class="table is-narrow">
                            <thead>
                                <tr>
                                    <th>Between</th>
                                    <th>Contact</th>
                                    <th>Bears</th>
                                    <th>Now</th>
                                </tr>
                            </thead>
                            <tbody>
                                @foreach ($part->objects('contacts') as $contact)
                                    <tr>
                                        <td class="figure">{{ $contact->text('from') }} – {{ $contact->text('to') }}
                                        </td>
                                        <td>{{ App\Stations\Circuit\PinMap::when($contact->object('closed_when')->data) }}
                                        </td>
                                        <td class="figure">
                                            {{ $contact->has('max_a') ? $S::amps($contact->number('max_a')) : '—' }}
                                        </td>
                                        <td>{{ isset($frame->analysis->now[$frame->state()]->closed["{$id}.{$contact->text('id')}"]) ? 'made' : 'broken' }},
                                            {{ $S::amps(abs($frame->analysis->states[$frame->state()]->amps["{$id}.{$contact->text('id')}"] ?? 0)) }}
                                        </td>
                                    </tr>
                                @endforeach
                                @foreach ($part->objects('inside') as $inside)
                                    @if ($inside->text('kind') === 'sense')
                                        <tr>
                                            <td class="figure">{{ $inside->text('from') }} – {{ $inside->text('to') }}
                                            </td>
                                            <td>coil or input, {{ $S::ohms($inside->number('ohm')) }}: pulls in at
                                                {{ $S::volts($inside->number('pull_in_v')) }}, lets go at
                                                {{ $S::volts($inside->number('drop_out_v')) }}</td>
                                            <td></td>
                                            <td>{{ $page->across($id, $inside) }}
                                            </td>
                                        </tr>
                                    @endif
                                @endforeach
                            </tbody>
                        </table>
                        <ol class="proof">
                            @foreach (App\Stations\Circuit\PinMap::test($part) as $line)
                                <li>{{ $line }}</li>
                            @endforeach
                        </ol>
                        @php($unused = App\Stations\Circuit\PinMap::unused($frame, $id, $part))
                        @if ($unused !== [])
                            <p>Without a lead: {{ implode('; ', $unused) }}. Insulate each by itself.</p>
                        @endif
                    </details>
                @endif
            </div>
        @endforeach
        @foreach ($frame->analysis->build->leads as $lead)
            @if ($lead->circuit === $frame->circuit->id)
                @foreach ($lead->inline as $thing)
                    @if ($thing->kind === 'diode')
                        <div
                            class="says"
                            data-part="{{ $thing->id }}"
                        ><span class="lead-name">diode {{ $thing->id }}</span><x-choose
                                :id="$thing->id"
                                field="part"
                                op="use_part"
                                label="is a"
                                :value="$thing->part"
                                :options="App\View\Shelf::choices('diodes', $frame->document, 'diode')"
                                whole
                            /><x-act
                                :edit="new BenchGlow\Edit\SetField(
                                    $thing->id,
                                    'points',
                                    $thing->pointsTo ? 'from' : 'to',
                                )"
                                class="is-small"
                            >Turn it round</x-act></div>
                    @endif
                @endforeach
            @endif
        @endforeach
    </details>
@endif
<details
    class="acts"
    @if ($frame->document->fields()->items('inputs') === [] && $devices !== []) open @endif
>
    <summary>What acts on it: inputs, host wires, ways, loads</summary>
    <h2 class="is-sr-only">What acts on it</h2>
    <h3>Inputs</h3>
    @foreach ($frame->document->fields()->objects('inputs') as $input)
        @php($id = $input->text('id'))
        <div class="says"><x-blank
                :id="$id"
                field="label"
                label="Input"
                size="16"
                :value="$input->text('label', $id)"
            /><x-choose
                :id="$id"
                field="kind"
                label="kind"
                :value="$input->text('kind')"
                :options="App\Stations\Circuit\PinMap::INPUT_KINDS"
            /><x-blank
                :id="$id"
                field="positions"
                op="set_positions"
                label="positions, resting first"
                size="18"
                :value="implode(', ', $frame->analysis->build->positions($id))"
            /><x-act
                :edit="new BenchGlow\Edit\RemoveItem($id)"
                class="is-small"
                :aria-label="'Take out ' . $input->text('label', $id)"
            >Take out</x-act></div>
    @endforeach
    <x-form
        op="add_input"
        echo="input-echo"
        render="all"
        class="adder-form"
    ><x-field
            id="in-label"
            label="Another input"
            name="label"
            size="16"
            placeholder="Hatch lid"
        /><x-select
            id="in-kind"
            label="kind"
            name="kind"
            :options="App\Stations\Circuit\PinMap::INPUT_KINDS"
        /><x-field
            id="in-pos"
            label="positions, resting first"
            name="positions"
            size="14"
            placeholder="down, up"
        /><button class="button">Add the input</button><span
            class="echo"
            id="input-echo"
        ></span></x-form>
    <h3>Host wires</h3>
    @foreach ($host->objects('wires') as $wire)
        @php($id = $wire->text('id'))
        <div
            class="says"
            data-part="{{ $id }}"
        ><x-blank
                :id="$id"
                field="label"
                label="Wire"
                size="16"
                :value="$wire->text('label', $id)"
            /><x-choose
                :id="$id"
                field="polarity"
                label="switched"
                :value="$wire->text('polarity')"
                :options="['positive' => 'on the positive side', 'ground' => 'to ground']"
            /><x-blank
                :id="$id"
                field="live_when"
                op="set_when"
                label="live when"
                size="22"
                :value="$wire->has('live_when') ? $say($wire->object('live_when')->data) : 'always'"
            /><x-choose
                :id="$id"
                field="behaviour.kind"
                label="and is then"
                :value="$wire->object('behaviour')->text('kind', 'steady')"
                :options="[
                    'steady' => 'steady',
                    'flashing' => 'flashing',
                    'timed' => 'timed off',
                    'fading' => 'fading',
                ]"
            /><x-blank
                :id="$id"
                field="fuse_a"
                label="its fuse"
                size="6"
                :value="$wire->has('fuse_a') ? $S::plain($wire->number('fuse_a')) . ' A' : ''"
            /><x-blank
                :id="$id"
                field="max_a"
                label="good for"
                size="6"
                :value="$wire->has('max_a') ? $S::plain($wire->number('max_a')) . ' A' : ''"
            /><x-choose
                :id="$id"
                field="tap"
                label="tapping"
                :value="$wire->text('tap', 'allowed')"
                :options="['allowed' => 'allowed', 'ask' => 'ask first', 'never' => 'never']"
            /><x-act
                :edit="new BenchGlow\Edit\RemoveItem($id)"
                class="is-small"
                :aria-label="'Take out ' . $wire->text('label', $id)"
            >Take out</x-act>
            @if ($wire->objects('loads') !== [])
                <p class="hosts-loads">Its own:
                    {{ implode(', ', array_map(fn($l) => str_replace('_', ' ', $l->text('id')) . ' ' . $S::watts($l->number('w')), $wire->objects('loads'))) }}
                </p>
            @endif
            <x-form
                op="add_load"
                :echo="'load-echo-' . $id"
                render="all"
                :with="['id' => $id]"
                class="adder-form"
            ><x-field
                    :id="'load-' . $id"
                    label="A load of its own"
                    name="label"
                    size="12"
                    placeholder="dome lamp"
                /><x-select
                    :id="'load-kind-' . $id"
                    label="kind"
                    name="kind"
                >
                    @foreach (['filament', 'resistive', 'led', 'coil', 'motor', 'electronics', 'unknown'] as $kind)
                        <option>{{ $kind }}</option>
                    @endforeach
                </x-select>
                <x-field
                    :id="'load-w-' . $id"
                    label="watts"
                    name="watts"
                    size="6"
                    placeholder="5 W"
                /><button class="button is-small">Add the load</button><span
                    class="echo"
                    id="load-echo-{{ $id }}"
                ></span></x-form>
        </div>
    @endforeach
    <x-form
        op="add_host_wire"
        echo="hw-echo"
        render="all"
        class="adder-form"
    ><x-field
            id="hw-label"
            label="Another host wire"
            name="label"
            size="16"
            placeholder="Courtesy wire"
        /><x-select
            id="hw-pol"
            label="switched"
            name="polarity"
        >
            <option value="positive">on the positive side</option>
            <option value="ground">to ground</option>
        </x-select><x-field
            id="hw-when"
            label="live when"
            name="text"
            size="20"
            placeholder="lid up"
            list="inputs-said"
        /><x-select
            id="hw-beh"
            label="and is then"
            name="behaviour"
        >
            <option>steady</option>
            <option>flashing</option>
            <option>timed</option>
            <option>fading</option>
        </x-select><x-field
            id="hw-fuse"
            label="its fuse"
            name="fuse"
            size="6"
            placeholder="7.5 A"
        /><button class="button">Add the wire</button><span
            class="echo"
            id="hw-echo"
        ></span></x-form>
    <h3>Ways and grounds of the host</h3>
    @foreach ($host->objects('ways') as $item)
        @php($id = $item->text('id'))
        <div
            class="says"
            data-part="{{ $id }}"
        ><x-blank
                :id="$id"
                field="label"
                label="Way"
                size="16"
                :value="$item->text('label', $id)"
            /><x-blank
                :id="$id"
                field="fuse_a"
                label="its fuse"
                size="6"
                :value="$item->has('fuse_a') ? $S::plain($item->number('fuse_a')) . ' A' : ''"
            /><x-blank
                :id="$id"
                field="box_max_a"
                label="the box bears"
                size="6"
                :value="$item->has('box_max_a') ? $S::plain($item->number('box_max_a')) . ' A' : ''"
            /><x-blank
                :id="$id"
                field="load_a"
                label="its own load"
                size="6"
                :value="$item->has('load_a') ? $S::plain($item->number('load_a')) . ' A' : ''"
            /><x-blank
                :id="$id"
                field="live_when"
                op="set_when"
                label="live when"
                size="18"
                :value="$item->has('live_when') ? $say($item->object('live_when')->data) : 'always'"
            /><x-act
                :edit="new BenchGlow\Edit\SetField($id, 'comfort', !$item->flag('comfort'))"
                class="is-small"
            >{{ $item->flag('comfort') ? 'A comfort way' : 'No comfort way' }}: change</x-act><x-act
                :edit="new BenchGlow\Edit\RemoveItem($id)"
                class="is-small"
                :aria-label="'Take out ' . $item->text('label', $id)"
            >Take out</x-act></div>
    @endforeach
    <x-form
        op="add_host_way"
        echo="way-echo"
        render="all"
        class="adder-form"
    ><x-field
            id="way-label"
            label="Another way"
            name="label"
            size="16"
            placeholder="Way 4, radio"
        /><x-select
            id="way-kind"
            label="kind"
            name="kind"
        >
            @foreach (['fuse_way', 'spare_way', 'panel_channel', 'bus_stud', 'post', 'outlet'] as $kind)
                <option value="{{ $kind }}">{{ str_replace('_', ' ', $kind) }}</option>
            @endforeach
        </x-select><x-field
            id="way-fuse"
            label="its fuse"
            name="fuse"
            size="6"
            placeholder="10 A"
        /><x-field
            id="way-load"
            label="its own load"
            name="load"
            size="6"
            placeholder="4 A"
        /><x-field
            id="way-when"
            label="live when"
            name="text"
            size="14"
            placeholder="always"
        /><label class="pick"><input
                type="checkbox"
                name="comfort"
                value="1"
                checked
            > comfort way</label><button class="button">Add the way</button><span
            class="echo"
            id="way-echo"
        ></span></x-form>
    @foreach ($host->objects('grounds') as $ground)
        <div class="says"><x-blank
                :id="$ground->text('id')"
                field="label"
                label="Ground"
                size="18"
                :value="$ground->text('label', $ground->text('id'))"
            /><x-choose
                :id="$ground->text('id')"
                field="surface"
                label="surface"
                :value="$ground->text('surface', 'unknown')"
                :options="[
                    'stud' => 'a stud',
                    'bare_metal' => 'bare metal',
                    'painted' => 'painted',
                    'unknown' => 'not looked',
                ]"
            /><x-act
                :edit="new BenchGlow\Edit\RemoveItem($ground->text('id'))"
                class="is-small"
            >Take out</x-act></div>
    @endforeach
    <x-form
        op="add_ground"
        echo="ground-echo"
        render="all"
        class="adder-form"
    ><x-field
            id="gr-label"
            label="Another ground"
            name="label"
            size="18"
            placeholder="Stud behind the panel"
        /><x-select
            id="gr-surface"
            label="surface"
            name="surface"
        >
            <option value="stud">a stud</option>
            <option value="bare_metal">bare metal</option>
            <option value="painted">painted</option>
            <option value="unknown">not looked</option>
        </x-select><button class="button">Add the ground</button><span
            class="echo"
            id="ground-echo"
        ></span></x-form>
    <h3>What cannot happen together</h3>
    @foreach ($frame->document->fields()->objects('never') as $n => $never)
        <x-form
            op="drop_never"
            render="all"
            :with="['text' => $n]"
            class="act"
        >{{ BenchGlow\Quantity\Words::first($say($never->data)) }} <button class="button is-small">It
                can</button></x-form>
    @endforeach
    <x-form
        op="add_never"
        echo="never-echo"
        render="all"
        class="adder-form"
    ><x-field
            id="never-when"
            label="Never"
            name="text"
            size="34"
            placeholder="aux lamp on and not headlamp on"
            list="inputs-said"
        /><button class="button">Add</button><span
            class="echo"
            id="never-echo"
        ></span></x-form>
</details>
